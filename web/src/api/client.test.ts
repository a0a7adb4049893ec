import { describe, expect, it } from 'vitest';
import { answer, newKey, Refused } from './client';

const response = (status: number) => new Response(null, { status });

describe('newKey', () => {
  it('makes version 4 UUIDs without a secure context', () => {
    const keys = Array.from({ length: 200 }, newKey);
    for (const key of keys) {
      expect(key).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
    }
    expect(new Set(keys).size).toBe(200);
  });
});

describe('answer', () => {
  it('hands out the data of a success', async () => {
    await expect(answer(Promise.resolve({ data: { n: 1 }, response: response(200) }))).resolves.toEqual({ n: 1 });
  });

  it('throws a refusal with its field and words', async () => {
    const error = { detail: 'Line 2: …', field: '/text' };
    const refused = await answer(Promise.resolve({ error, response: response(422) })).catch((e: unknown) => e);
    expect(refused).toBeInstanceOf(Refused);
    expect((refused as Refused).problem).toEqual({ detail: 'Line 2: …', field: '/text', status: 422 });
  });

  it('says in the cook’s words that nobody answers', async () => {
    await expect(answer(Promise.reject(new TypeError('fetch failed')))).rejects.toThrow('does not answer');
  });
});
