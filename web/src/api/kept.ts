import type { QueryClient } from '@tanstack/react-query';
import type { PersistedClient, Persister, PersistQueryClientOptions } from '@tanstack/react-query-persist-client';
import { del, get, set } from 'idb-keyval';
import type { Area } from './areas';

/** Shape of what the kitchen answers, put in by the build. */
declare const __SHAPE__: string;

const SHELF = 'wexilla-reads';
const AGE_MS = 14 * 24 * 60 * 60 * 1000;
const EACH_MS = 1000;

/** What a phone shows in the shop and by the stove, where no network is. */
const kept: readonly (Area | 'door')[] = [
  'cookday',
  'door',
  'eat',
  'household',
  'onhand',
  'plan',
  'recipe',
  'recipes',
  'reminders',
  'ribbon',
  'shop',
  'today',
];

const isKept = (key: readonly unknown[]) => (kept as readonly string[]).includes(String(key[0]));

let waiting: PersistedClient | undefined;
let timer: ReturnType<typeof setTimeout> | undefined;

/** Full or forbidden, the store is no reason to stop: then nothing is kept for later. */
const quietly = (done: Promise<unknown>) => void done.catch(() => undefined);

/** At most once a second into the browser's own store. */
const persister: Persister = {
  persistClient: (client) => {
    waiting = client;
    timer ??= setTimeout(() => {
      timer = undefined;
      quietly(set(SHELF, waiting));
    }, EACH_MS);
  },
  restoreClient: () => get<PersistedClient>(SHELF).catch(() => undefined),
  removeClient: () => quietly(del(SHELF)),
};

/** How reads are kept. */
export const keepsReads: Omit<PersistQueryClientOptions, 'queryClient'> = {
  persister,
  maxAge: AGE_MS,
  buster: __SHAPE__,
  dehydrateOptions: { shouldDehydrateQuery: (query) => query.state.status === 'success' && isKept(query.queryKey) },
};

/** What is kept must not be swept away while nobody looks at it. Infinity: a timer holds no more than 24 days. */
export function holdOn(queries: QueryClient) {
  for (const area of kept) {
    queries.setQueryDefaults([area], { gcTime: Number.POSITIVE_INFINITY });
  }
}

/** Who signed out leaves nothing behind. */
export function forgetReads(queries: QueryClient) {
  clearTimeout(timer);
  timer = undefined;
  queries.removeQueries({ predicate: (query) => query.queryKey[0] !== 'door' });
  quietly(del(SHELF));
}
