import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type Problem, Refused } from './client';

/** Something done at the door: no act, so it is not written down in the history and never taken back by undo. */
export function useDoorAct<Input, Answer>(send: (input: Input) => Promise<Answer>, done?: (answer: Answer) => void) {
  const queries = useQueryClient();
  const mutation = useMutation({
    mutationFn: send,
    onSuccess: (result) => {
      void queries.invalidateQueries();
      done?.(result);
    },
  });
  const problem: Problem | undefined = mutation.error instanceof Refused ? mutation.error.problem : undefined;
  return { act: mutation.mutate, busy: mutation.isPending, problem, forget: mutation.reset };
}
