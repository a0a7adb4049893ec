import { useSyncExternalStore } from 'react';
import { taken, takenBy } from '../kit/useKept';
import { api, type Problem, pageToken } from './client';
import { heard } from './reach';

/**
 * An act that was sent and not answered: kept with its key and its time until the kitchen says what came of it, so that
 * a lost network, a reload or a dead battery loses nothing. The key makes sending it again the same act.
 */
export type Unanswered = {
  key: string;
  path: string;
  method: string;
  body: string;
  match?: string;
  at: string;
  /** How often the kitchen itself failed at it. */
  faults?: number;
};

const SHELF = 'wexilla-unanswered';
const KEY = 'Idempotency-Key';
/** A file that is brought in is brought in again by the cook, not kept here. */
const LONGEST = 100_000;

/** Whether the shelf took no more: then only this page knows what waits. */
let unshelved = false;
let waiting: readonly Unanswered[] = stored();
/** Keys that are on their way right now, and those answered behind the back of the screen that sent them. */
const flying = new Set<string>();
const answeredLater = new Set<string>();
const listeners = new Set<() => void>();

function stored(): Unanswered[] {
  try {
    return JSON.parse(localStorage.getItem(SHELF) ?? '[]') as Unanswered[];
  } catch {
    return [];
  }
}

/** Another tab may have written meanwhile: what lies on the shelf is changed, not what this page remembers of it. */
function keep(change: (there: readonly Unanswered[]) => readonly Unanswered[]) {
  const next = change(unshelved ? waiting : stored());
  waiting = next;
  try {
    localStorage.setItem(SHELF, JSON.stringify(next));
    unshelved = false;
  } catch {
    // a full or forbidden store: the act waits in this page alone, and the cook is told to leave it open
    unshelved = next.length > 0;
  }
  tellAll();
}

function tellAll() {
  for (const tell of listeners) {
    tell();
  }
}

window.addEventListener('storage', (event) => {
  if (event.key === SHELF && !unshelved) {
    waiting = stored();
    tellAll();
  }
});

const without = (key: string) => (there: readonly Unanswered[]) => there.filter((one) => one.key !== key);
const asIs = (there: readonly Unanswered[]) => [...there];

/**
 * The kitchen has spoken, whatever it said; a database that is gone and a kitchen that is away are no answer, and who is
 * signed out is heard once he is signed in again.
 */
const isAnswer = (status: number) => ![401, 502, 503, 504].includes(status);
/** What the kitchen fails at so often is told and let go: it must not stand before everything that comes after it. */
const MOST_FAULTS = 3;

api.use({
  async onRequest({ request }) {
    const key = request.headers.get(KEY);
    const body = key ? await request.clone().text() : '';
    if (key && body.length <= LONGEST) {
      flying.add(key);
      const act = {
        key,
        path: new URL(request.url).pathname,
        method: request.method,
        body,
        match: request.headers.get('If-Match') ?? undefined,
        at: new Date().toISOString(),
      };
      keep((there) => [...without(key)(there), act]);
    }
  },
  onResponse({ request, response }) {
    const key = request.headers.get(KEY);
    if (key) {
      flying.delete(key);
      keep(response.status < 500 && isAnswer(response.status) ? without(key) : asIs);
    }
  },
  onError({ request }) {
    flying.delete(request.headers.get(KEY) ?? '');
    keep(asIs);
  },
});

/** Whether this act was answered after the screen that sent it had given up. */
export const wasAnsweredLater = (key: string) => answeredLater.has(key);

export type Resent = { subject: string; act?: string };

/** Sends what waits, oldest first, until the kitchen is silent again; tells what came of each. One tab sends for all. */
export async function resend(tell: (result: Resent) => void): Promise<void> {
  if (!navigator.locks) {
    return sendAll(tell);
  }
  return navigator.locks.request(SHELF, { ifAvailable: true }, (lock) => (lock ? sendAll(tell) : undefined));
}

/** A house that is out of reach may keep a request hanging: it is no answer either. */
const LONGEST_MS = 20_000;

async function sendAll(tell: (result: Resent) => void): Promise<void> {
  keep(asIs);
  for (const one of waiting.filter((act) => !flying.has(act.key))) {
    flying.add(one.key);
    const headers = new Headers({ 'Content-Type': 'application/json', [KEY]: one.key, 'Happened-At': one.at });
    if (one.match) {
      headers.set('If-Match', one.match);
    }
    const token = pageToken();
    if (token) {
      headers.set('X-XSRF-TOKEN', token);
    }
    const response = await fetch(one.path, {
      method: one.method,
      headers,
      body: one.body || undefined,
      signal: AbortSignal.timeout(LONGEST_MS),
    }).catch(() => undefined);
    heard(response !== undefined);
    flying.delete(one.key);
    if (!response || !isAnswer(response.status)) {
      keep(asIs);
      return;
    }
    const faults = response.status >= 500 ? (one.faults ?? 0) + 1 : 0;
    if (faults > 0 && faults < MOST_FAULTS) {
      keep((there) => there.map((act) => (act.key === one.key ? { ...act, faults } : act)));
      continue;
    }
    answeredLater.add(one.key);
    keep(without(one.key));
    const said = (await response.json().catch(() => ({}))) as {
      act?: string;
      subject?: string;
      left?: string[];
    } & Problem;
    if (response.ok) {
      takenBy(one.key);
    }
    if (response.ok && one.path === '/api/onhand/note') {
      taken('note', (JSON.parse(one.body) as { text: string }).text, said.left?.join('\n') ?? '');
    }
    tell(response.ok ? done(one.path, said) : { subject: `Not taken: ${said.detail}` });
  }
}

/** What was done, as the screen that asked for it says it: what was taken back is not done again. */
const done = (path: string, { subject = 'Done', act }: { subject?: string; act?: string }): Resent =>
  path.endsWith('/undo') ? { subject: `Undone: ${subject}` } : { subject, act };

const subscribe = (tell: () => void) => {
  listeners.add(tell);
  return () => listeners.delete(tell);
};

/** Whether only this page knows what waits, since the browser had no room for it. */
export const useUnshelved = () => useSyncExternalStore(subscribe, () => unshelved);

/** Lets go of what waits. */
export const forgetUnanswered = () => keep((there) => there.filter((act) => flying.has(act.key)));

/** What was sent to this call and is not answered yet: it is shown as done, since it will be. */
export const useSent = (path: string): Record<string, unknown>[] =>
  useSyncExternalStore(subscribe, () => waiting)
    .filter((act) => act.path === path)
    .map((act) => JSON.parse(act.body || '{}') as Record<string, unknown>);

/** How many acts wait for an answer and are not on their way. */
export const useUnanswered = () =>
  useSyncExternalStore(subscribe, () => waiting.filter((act) => !flying.has(act.key)).length);
