import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { useSaid } from '../kit/Said';
import { newKey, type Problem, Refused } from './client';

/**
 * One thing the cook does. A second click, or a try after the answer was lost, sends the same key and is answered with
 * the stored answer; a new key is made once it has been done.
 */
export function useAct<Input, Answer extends { act: string; subject: string }>(
  send: (key: string, input: Input) => Promise<Answer>,
  done?: (answer: Answer) => void,
) {
  const key = useRef(newKey());
  const queries = useQueryClient();
  const said = useSaid();
  const mutation = useMutation({
    mutationFn: (input: Input) => send(key.current, input),
    onSuccess: (result) => {
      key.current = newKey();
      said.done(result.subject, result.act);
      void queries.invalidateQueries();
      done?.(result);
    },
  });
  const problem: Problem | undefined = mutation.error instanceof Refused ? mutation.error.problem : undefined;
  return { act: mutation.mutate, busy: mutation.isPending, problem, forget: mutation.reset };
}
