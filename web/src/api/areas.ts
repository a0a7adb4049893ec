import type { QueryClient } from '@tanstack/react-query';

/** What is asked for, by the first word of a query's key. */
export type Area =
  | 'acts'
  | 'batches'
  | 'cook'
  | 'cookday'
  | 'costs'
  | 'eat'
  | 'hand'
  | 'household'
  | 'onhand'
  | 'pack'
  | 'plan'
  | 'probe'
  | 'recipe'
  | 'recipes'
  | 'reminders'
  | 'ribbon'
  | 'scale'
  | 'shop'
  | 'size'
  | 'stretch'
  | 'today'
  | 'yields';

const ahead: Area[] = ['acts', 'batches', 'cookday', 'eat', 'plan', 'reminders', 'ribbon', 'shop', 'today'];

const changed = {
  /** Something came, was used, moved, eaten or thrown away. */
  stock: [...ahead, 'cook', 'costs', 'onhand', 'pack', 'recipe', 'recipes', 'size', 'stretch', 'yields'],
  /** An evening, a cook day or a big buy was planned. */
  plan: [...ahead, 'recipe', 'recipes', 'stretch'],
  /** Something happened on a running cook day. */
  day: ['acts', 'cookday', 'reminders'],
  /** The list or the basket. */
  list: ['acts', 'shop'],
  /** A recipe or what is said of it. */
  book: [...ahead, 'cook', 'costs', 'recipe', 'recipes', 'size'],
  /** What a thing costs, weighs or yields. */
  facts: [...ahead, 'cook', 'costs', 'onhand', 'recipe', 'recipes', 'size', 'stretch', 'yields'],
  /** Anything, as with settings or an undo. */
  all: undefined,
} satisfies Record<string, Area[] | undefined>;

/** What an act changes. */
export type Change = keyof typeof changed;

/** Makes the screens ask again for what an act has changed, and for nothing else. */
export async function askAgain(queries: QueryClient, change: Change): Promise<void> {
  const areas: readonly string[] | undefined = changed[change];
  await queries.invalidateQueries(
    areas && { predicate: (query) => areas.includes(String(query.queryKey[0])) || query.queryKey[0] === 'acts' },
  );
}
