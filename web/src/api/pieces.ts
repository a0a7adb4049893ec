import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { answer, api, type Schema } from './client';
import { useSettled } from './queries';

/** Questions about one piece of a big buy, about buys side by side, scraps and what can go in instead: nothing is stored. */

export function usePieceDishes(asked: Schema['PieceAsked'], enabled: boolean) {
  const settled = useSettled(JSON.stringify(asked), 200);
  return useQuery({
    queryKey: ['stretch', 'dishes', settled],
    enabled,
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.POST('/api/stretch/dishes', { body: JSON.parse(settled) as Schema['PieceAsked'] })),
  });
}

export function useBalance(asked: Schema['PieceAsked'], enabled: boolean) {
  const settled = useSettled(JSON.stringify(asked), 200);
  return useQuery({
    queryKey: ['stretch', 'balance', settled],
    enabled,
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.POST('/api/stretch/balance', { body: JSON.parse(settled) as Schema['PieceAsked'] })),
  });
}

export function useCompared(asked: Schema['BuysAsked'], enabled: boolean) {
  const settled = useSettled(JSON.stringify(asked), 200);
  return useQuery({
    queryKey: ['stretch', 'compare', settled],
    enabled,
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.POST('/api/stretch/compare', { body: JSON.parse(settled) as Schema['BuysAsked'] })),
  });
}

export const useStockUp = () =>
  useQuery({ queryKey: ['stretch', 'stock-up'], queryFn: () => answer(api.GET('/api/stretch/stock-up')) });

export const useScraps = () =>
  useQuery({ queryKey: ['onhand', 'scraps'], queryFn: () => answer(api.GET('/api/scraps')) });

export const useInstead = (asked: Schema['InsteadAsked'], enabled: boolean) =>
  useQuery({
    queryKey: ['cook', 'instead', asked],
    enabled,
    retry: false,
    queryFn: () => answer(api.POST('/api/cook/instead', { body: asked })),
  });

/** The scale on the counter, read twice a second while somebody looks at it. */
export const useScale = (enabled: boolean) =>
  useQuery({
    queryKey: ['scale'],
    enabled,
    refetchInterval: 500,
    queryFn: () => answer(api.GET('/api/scale')),
  });
