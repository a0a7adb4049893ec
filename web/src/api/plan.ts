import { useMutation, useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { answer, api, newKey, Refused, type Schema } from './client';

type Input = Schema['ProposeInput'];

const refusal = (error: unknown) => (error instanceof Refused ? error.problem : { detail: String(error) });

/** How often a search under way is asked how far it is. */
const ASK_EVERY_MS = 300;

/**
 * A plan that is looked for: the first one at once, then the good one; the last good answer stays while the next is looked
 * for, and whoever has waited enough takes the best so far.
 */
export function useProposal() {
  const [data, setData] = useState<Schema['ProposalView']>();
  const [last, setLast] = useState<Input>();
  const [id, setId] = useState('');
  const asking = useRef(0);
  const search = useMutation({
    mutationFn: async (input: Input) => {
      const mine = ++asking.current;
      const show = (found: Schema['ProposalView']) => mine === asking.current && setData(found);
      if (input.effort === undefined && input.before === undefined) {
        show(await answer(api.POST('/api/plan/propose', { body: { ...input, effort: 0 } })));
      }
      const name = newKey();
      setId(name);
      show(await answer(api.POST('/api/plan/propose', { body: { ...input, search: name } })));
    },
    onSettled: () => setId(''),
  });
  const far = useQuery({
    queryKey: ['search', id],
    queryFn: () => answer(api.GET('/api/plan/search/{id}', { params: { path: { id } } })),
    enabled: id !== '',
    initialData: { percent: 0 },
    staleTime: ASK_EVERY_MS,
    refetchInterval: ASK_EVERY_MS,
    retry: false,
    gcTime: 0,
  });
  return {
    data,
    last: last as Input,
    busy: search.isPending,
    /** Hundredths of the search that are done, while it is under way. */
    percent: id === '' ? undefined : far.data.percent,
    stop: () => {
      // it may have ended by now: then its answer is on its way
      api.POST('/api/plan/search/{id}/stop', { params: { path: { id } } }).catch(() => undefined);
    },
    problem: search.error ? refusal(search.error) : undefined,
    ask: (input: Input) => {
      setLast(input);
      search.mutate(input);
    },
  };
}
