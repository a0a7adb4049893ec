import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { useSaid } from '../kit/Said';
import { sentBy, takenBy } from '../kit/useKept';
import { askAgain, type Change } from './areas';
import { newKey, type Problem, Refused } from './client';
import { wasAnsweredLater } from './unanswered';

/**
 * One thing the cook does. A second click, or a try after the answer was lost, sends the same key and is answered with
 * the stored answer; a new key is made once it has been done.
 *
 * @param change what it changes: the screens that show it ask again
 * @param typed the name its form is kept under: let go once it was taken, also when the answer comes late
 */
export function useAct<Input, Answer extends { act: string; subject: string }>(
  change: Change,
  send: (key: string, input: Input) => Promise<Answer>,
  done?: (answer: Answer) => void,
  typed?: string,
) {
  const key = useRef(newKey());
  const sent = useRef('');
  const queries = useQueryClient();
  const said = useSaid();
  const mutation = useMutation({
    mutationFn: (input: Input) => {
      const now = JSON.stringify(input) ?? '';
      // taken meanwhile, though the screen never heard: the same again is that act, anything else a new one
      if (wasAnsweredLater(key.current) && now !== sent.current) {
        key.current = newKey();
      }
      sent.current = now;
      if (typed) {
        sentBy(key.current, typed);
      }
      return send(key.current, input);
    },
    onSuccess: (result) => {
      takenBy(key.current);
      key.current = newKey();
      said.done(result.subject, result.act);
      void askAgain(queries, change);
      done?.(result);
    },
  });
  const problem: Problem | undefined = mutation.error instanceof Refused ? mutation.error.problem : undefined;
  return { act: mutation.mutate, busy: mutation.isPending, problem, forget: mutation.reset };
}
