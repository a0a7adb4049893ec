import createClient from 'openapi-fetch';
import { heard } from './reach';
import type { components, paths } from './schema';

export type Schema = components['schemas'];

export type Style = Schema['CookPlan']['style'];

/** The one client; its types come from the OpenAPI document. */
export const api = createClient<paths>({ baseUrl: '/', headers: { 'Content-Type': 'application/json' } });

/** The token of this page, which a write of somebody signed in brings along. */
export const pageToken = () => /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1];

api.use({
  onRequest({ request }) {
    const token = pageToken();
    if (token && request.method !== 'GET') {
      request.headers.set('X-XSRF-TOKEN', token);
    }
  },
});

/** Told to the page when an answer was that nobody is signed in any more. */
export const SIGNED_OUT = 'wexilla-signed-out';

/** An RFC 9457 problem as the server tells it. */
export type Problem = {
  status?: number;
  detail?: string;
  field?: string;
  blockedBy?: { act: string; subject: string }[];
};

/** Thrown for every answer that is no success, so that queries and acts see one kind of error. */
export class Refused extends Error {
  readonly problem: Problem;

  constructor(problem: Problem) {
    super(problem.detail ?? 'Wexilla did not answer.');
    this.problem = problem;
  }
}

/** The data of an answer, or its problem thrown. */
export async function answer<T>(asked: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await asked.catch((): never => {
    heard(false);
    throw new Refused({ detail: 'The kitchen does not answer. What you typed is still here; try again.' });
  });
  heard(true);
  if (response.ok && data !== undefined) {
    return data;
  }
  if (response.status === 401) {
    window.dispatchEvent(new Event(SIGNED_OUT));
  }
  throw new Refused({ ...(error as Problem), status: response.status });
}

/** A UUID for an act. `crypto.randomUUID` needs a secure context; a phone on the house network has none. */
export function newKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
  const hex = Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
}
