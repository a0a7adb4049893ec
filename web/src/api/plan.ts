import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { answer, api, Refused, type Schema } from './client';

type Input = Schema['ProposeInput'];

const refusal = (error: unknown) => (error instanceof Refused ? error.problem : { detail: String(error) });

/** A plan that is looked for: the first one at once, then the good one; the last good answer stays while the next is looked for. */
export function useProposal() {
  const [data, setData] = useState<Schema['ProposalView']>();
  const [last, setLast] = useState<Input>();
  const asking = useRef(0);
  const search = useMutation({
    mutationFn: async (input: Input) => {
      const mine = ++asking.current;
      const show = (found: Schema['ProposalView']) => mine === asking.current && setData(found);
      if (input.effort === undefined && input.before === undefined) {
        show(await answer(api.POST('/api/plan/propose', { body: { ...input, effort: 0 } })));
      }
      show(await answer(api.POST('/api/plan/propose', { body: input })));
    },
  });
  return {
    data,
    last: last as Input,
    busy: search.isPending,
    problem: search.error ? refusal(search.error) : undefined,
    ask: (input: Input) => {
      setLast(input);
      search.mutate(input);
    },
  };
}
