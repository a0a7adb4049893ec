import { keepPreviousData, useInfiniteQuery, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { whole } from '../kit/words';
import { answer, api, type Schema, SIGNED_OUT, type Style } from './client';
import type { operations } from './schema';

/** The value as it was when the cook paused typing. */
export function useSettled<T>(value: T, milliseconds = 180): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), milliseconds);
    return () => clearTimeout(timer);
  }, [value, milliseconds]);
  return settled;
}

/** How the door stands for this browser; asked again when an answer says that nobody is signed in. */
export function useDoor() {
  const queries = useQueryClient();
  useEffect(() => {
    const look = () => void queries.invalidateQueries({ queryKey: ['door'] });
    window.addEventListener(SIGNED_OUT, look);
    return () => window.removeEventListener(SIGNED_OUT, look);
  }, [queries]);
  return useQuery({ queryKey: ['door'], staleTime: 0, queryFn: () => answer(api.GET('/api/door')) });
}

/** Who belongs to the household, and on which devices. */
export const useMembers = () =>
  useQuery({ queryKey: ['members'], queryFn: () => answer(api.GET('/api/door/members')) });

export const useHousehold = () =>
  useQuery({ queryKey: ['household'], queryFn: () => answer(api.GET('/api/household')) });

/** Where a browser with this zone and language likely cooks. */
export const useWhere = (zone: string, language: string) =>
  useQuery({
    queryKey: ['household', 'where', zone, language],
    queryFn: () => answer(api.GET('/api/household/where', { params: { query: { zone, language } } })),
  });

/** What this kitchen calls what, and what nobody has said yet. */
export const useNames = () => useQuery({ queryKey: ['names'], queryFn: () => answer(api.GET('/api/household/names')) });

/** The question about a name nobody has described. */
export const useQuestion = (name: string) =>
  useQuery({
    queryKey: ['names', 'question', name],
    queryFn: () => answer(api.GET('/api/household/names/question', { params: { query: { name } } })),
  });

/** Foods one of whose names holds this. */
export function useFoods(text: string) {
  const settled = useSettled(text.trim(), 120);
  return useQuery({
    queryKey: ['names', 'foods', settled],
    enabled: settled !== '',
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.GET('/api/foods', { params: { query: { text: settled } } })),
  });
}

/** What stands cooked on the counter; asked again every minute, as its time runs. */
export const useCounter = () =>
  useQuery({ queryKey: ['pack', 'counter'], refetchInterval: 60_000, queryFn: () => answer(api.GET('/api/counter')) });

/** What is to be told at its time, until tomorrow's end. */
export const useReminders = () =>
  useQuery({
    queryKey: ['reminders'],
    refetchInterval: 300_000,
    queryFn: () => answer(api.GET('/api/reminders')),
  });

export const useRibbon = () => useQuery({ queryKey: ['ribbon'], queryFn: () => answer(api.GET('/api/ribbon')) });

export const useOnHand = () => useQuery({ queryKey: ['onhand'], queryFn: () => answer(api.GET('/api/onhand')) });

export const useHistory = () => useQuery({ queryKey: ['acts'], queryFn: () => answer(api.GET('/api/acts')) });

/** A stock note understood while it is typed. */
export function useNoteRead(text: string, place: string | undefined) {
  const note = useSettled(text);
  return useQuery({
    queryKey: ['note', note, place],
    enabled: note.trim() !== '',
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.POST('/api/onhand/note/read', { body: { text: note, place } })),
  });
}

type BookQuery = NonNullable<operations['book']['parameters']['query']>;

/** The book page by page, as far as it is narrowed down. */
export function useBook(query: BookQuery) {
  const settled = useSettled(JSON.stringify(query), 50);
  return useInfiniteQuery({
    queryKey: ['recipes', settled],
    placeholderData: keepPreviousData,
    initialPageParam: 0,
    queryFn: ({ pageParam }) =>
      answer(
        api.GET('/api/recipes', {
          params: { query: { ...(JSON.parse(settled) as BookQuery), page: pageParam } },
          querySerializer: { array: { style: 'form', explode: false } },
        }),
      ),
    getNextPageParam: (last, pages) => (pages.length * last.page < last.found ? pages.length : undefined),
  });
}

/** What the book can be narrowed down to. */
export const useChoices = () =>
  useQuery({ queryKey: ['recipes', 'choices'], queryFn: () => answer(api.GET('/api/recipes/choices')) });

/** Recipes whose title holds this, a few to choose from. */
export function useTitles(text: string) {
  const settled = useSettled(text, 80);
  return useQuery({
    queryKey: ['recipes', 'titles', settled],
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.GET('/api/recipes/titles', { params: { query: { text: settled } } })),
  });
}

/** A recipe with its ETag, to be sent back when it is changed; an older version when one is named. */
/** Pots that are planned as a recipe was before it was changed. */
export const usePots = (recipe: string, enabled: boolean) =>
  useQuery({
    queryKey: ['pots', recipe],
    enabled,
    queryFn: () => answer(api.GET('/api/recipes/{id}/pots', { params: { path: { id: recipe } } })),
  });

export const useRecipe = (id: string | undefined, n?: number) =>
  useQuery({
    queryKey: ['recipe', id, n],
    retry: false,
    enabled: id !== undefined,
    queryFn: async () => {
      const asked = await api.GET('/api/recipes/{id}', { params: { path: { id: id ?? '' }, query: { n } } });
      return { recipe: await answer(Promise.resolve(asked)), etag: asked.response.headers.get('ETag') ?? '' };
    },
  });

/** A recipe understood and costed while it is typed; `of` is the one that is changed, which cannot go into itself. */
export function useDraft(input: Schema['RecipeInput'], of: string | undefined) {
  const settled = useSettled(JSON.stringify(input));
  return useQuery({
    queryKey: ['draft', of, settled],
    placeholderData: keepPreviousData,
    queryFn: () =>
      answer(
        api.POST('/api/recipes/draft', {
          params: { query: of === undefined ? {} : { of } },
          body: JSON.parse(settled) as Schema['RecipeInput'],
        }),
      ),
  });
}

/** @param planned the batch it is cooked for; @param n by which version of the recipe, where not as planned */
export const useCookPlan = (
  recipe: string,
  style: Style,
  factor: string,
  vessels: string,
  planned: string | undefined,
  n: number | undefined,
) =>
  useQuery({
    queryKey: ['cook', recipe, style, factor, vessels, planned, n],
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: () =>
      answer(
        api.GET('/api/cook/{recipe}', {
          params: {
            path: { recipe },
            query: { style, factor: factor || '1', vessels: whole(vessels, undefined), planned, n },
          },
        }),
      ),
  });

export const useCookDay = (day: string | undefined) =>
  useQuery({
    queryKey: ['cookday', day],
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.GET('/api/cookday', { params: { query: { day } } })),
  });

export const useBatches = () => useQuery({ queryKey: ['batches'], queryFn: () => answer(api.GET('/api/batches')) });

export const usePack = () => useQuery({ queryKey: ['pack'], queryFn: () => answer(api.GET('/api/pack')) });

/** The labels these packets would get. */
export function usePackDraft(input: Schema['PackInput']) {
  const settled = useSettled(JSON.stringify(input), 120);
  const body = JSON.parse(settled) as Schema['PackInput'];
  return useQuery({
    queryKey: ['packdraft', settled],
    enabled: body.packets.length > 0,
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.POST('/api/pack/draft', { body })),
  });
}

export const useStretches = () => useQuery({ queryKey: ['stretch'], queryFn: () => answer(api.GET('/api/stretch')) });

/** What a big buy becomes while it is typed; the last good answer stays while the next is refused. */
export function useStretchPreview(asked: Schema['StretchAsked'], enabled: boolean) {
  const settled = useSettled(JSON.stringify(asked), 120);
  return useQuery({
    queryKey: ['stretchpreview', settled],
    enabled,
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.POST('/api/stretch/cut', { body: JSON.parse(settled) as Schema['StretchAsked'] })),
  });
}

export function useWays(asked: Schema['WaysAsked'], enabled: boolean) {
  const settled = useSettled(JSON.stringify(asked), 200);
  return useQuery({
    queryKey: ['stretch', 'ways', settled],
    enabled,
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.POST('/api/stretch/ways', { body: JSON.parse(settled) as Schema['WaysAsked'] })),
  });
}

export const useFlow = (lot: string) =>
  useQuery({
    queryKey: ['costs', 'flow', lot],
    queryFn: () => answer(api.GET('/api/costs/flow/{lot}', { params: { path: { lot } } })),
  });

export const useSheet = (lot: string) =>
  useQuery({
    queryKey: ['plan', 'sheet', lot],
    queryFn: () => answer(api.GET('/api/lots/{id}/sheet', { params: { path: { id: lot } } })),
  });

/** The meals of so many days from today on. */
export const usePlan = (days = 14) =>
  useQuery({
    queryKey: ['plan', days],
    queryFn: () => answer(api.GET('/api/plan', { params: { query: { days } } })),
    placeholderData: keepPreviousData,
  });

export const useShop = (days: number) =>
  useQuery({
    queryKey: ['shop', days],
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.GET('/api/shop', { params: { query: { days } } })),
  });

export const useEat = () => useQuery({ queryKey: ['eat'], queryFn: () => answer(api.GET('/api/eat')) });

export const useToday = () => useQuery({ queryKey: ['today'], queryFn: () => answer(api.GET('/api/today')) });

export const useYields = () => useQuery({ queryKey: ['yields'], queryFn: () => answer(api.GET('/api/yields')) });

export const useCosts = () => useQuery({ queryKey: ['costs'], queryFn: () => answer(api.GET('/api/costs')) });

/** A recipe of the book at another size, in the household's own vessels. */
export function useSize(id: string, asked: Schema['SizeAsked'] | undefined) {
  const settled = useSettled(JSON.stringify(asked ?? null), 120);
  return useQuery({
    queryKey: ['size', id, settled],
    enabled: settled !== 'null',
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: () =>
      answer(
        api.POST('/api/recipes/{id}/size', {
          params: { path: { id } },
          body: JSON.parse(settled) as Schema['SizeAsked'],
        }),
      ),
  });
}

/** Where the dates of a lot come from. */
export const useLotRule = (id: string) =>
  useQuery({
    queryKey: ['onhand', 'rule', id],
    queryFn: () => answer(api.GET('/api/lots/{id}', { params: { path: { id } } })),
  });

export const useHandLabels = (act: string) =>
  useQuery({
    queryKey: ['hand', act],
    queryFn: () => answer(api.GET('/api/pack/{act}/hand', { params: { path: { act } } })),
  });
