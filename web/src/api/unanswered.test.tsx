import { cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keep, useKept } from '../kit/useKept';
import { answer, api } from './client';
import { forgetUnanswered, resend, useUnanswered, wasAnsweredLater } from './unanswered';

const body = { text: '1 kg potatoes' };
const key = '6f9619ff-8b86-4d01-b42d-00cf4fc964ff';
const header = { 'Idempotency-Key': key };
const note = () =>
  answer(
    api.POST('/api/onhand/note', { params: { header }, body, baseUrl: 'http://localhost', fetch: (r) => fetch(r) }),
  );

const answers = vi.fn<typeof fetch>();
const json = (status: number, told: object) =>
  new Response(JSON.stringify(told), { status, headers: { 'Content-Type': 'application/json' } });

beforeEach(() => {
  vi.stubGlobal('fetch', answers);
  answers.mockReset();
  localStorage.clear();
});

afterEach(() => {
  forgetUnanswered();
  cleanup();
  vi.unstubAllGlobals();
});

const waiting = () => renderHook(() => useUnanswered()).result.current;

describe('an act that was not answered', () => {
  it('waits with its key and its time, and is the same act when it is sent again', async () => {
    answers.mockRejectedValueOnce(new TypeError('no network'));
    await expect(note()).rejects.toThrow('does not answer');
    expect(waiting()).toBe(1);
    const kept = JSON.parse(localStorage.getItem('wexilla-unanswered') ?? '[]');
    expect(kept).toMatchObject([{ key, path: '/api/onhand/note', method: 'POST', body: JSON.stringify(body) }]);
    keep('note', body.text);
    const typed = renderHook(() => useKept('note')).result;
    answers.mockResolvedValueOnce(json(200, { act: 'a1', subject: 'On hand: potatoes', left: ['-1 kg leeks'] }));
    const tell = vi.fn();
    await resend(tell);
    const sent = answers.mock.calls[1]?.[1];
    const headers = new Headers(sent?.headers);
    expect([headers.get('Idempotency-Key'), headers.get('Happened-At')]).toEqual([key, kept[0].at]);
    expect(sent?.body).toBe(JSON.stringify(body));
    expect(tell).toHaveBeenCalledWith({ subject: 'On hand: potatoes', act: 'a1' });
    expect([waiting(), localStorage.getItem('wexilla-unanswered'), wasAnsweredLater(key)]).toEqual([0, '[]', true]);
    await waitFor(() => expect(typed.current[0]).toBe('-1 kg leeks'));
  });

  it('is told and let go when the kitchen fails at it again and again, and holds nothing up meanwhile', async () => {
    answers.mockRejectedValueOnce(new TypeError('no network'));
    await expect(note()).rejects.toThrow('does not answer');
    const tell = vi.fn();
    for (let time = 0; time < 3; time++) {
      expect(waiting()).toBe(1);
      answers.mockResolvedValueOnce(json(500, { detail: 'Something went wrong inside Wexilla.' }));
      await resend(tell);
    }
    expect(waiting()).toBe(0);
    expect(tell).toHaveBeenCalledExactlyOnceWith({ subject: 'Not taken: Something went wrong inside Wexilla.' });
  });

  it('says of what was taken back that it was', async () => {
    answers.mockRejectedValueOnce(new TypeError('no network'));
    const undo = {
      params: { header, path: { act: 'a1' } },
      baseUrl: 'http://localhost',
      fetch: (r: Request) => fetch(r),
    };
    await expect(answer(api.POST('/api/acts/{act}/undo', undo))).rejects.toThrow('does not answer');
    answers.mockResolvedValueOnce(json(200, { act: 'a2', subject: 'Packed: chilli' }));
    const tell = vi.fn();
    await resend(tell);
    expect(tell).toHaveBeenCalledWith({ subject: 'Undone: Packed: chilli' });
  });

  it('goes on waiting while the kitchen is out of order, and not when it was refused', async () => {
    answers.mockResolvedValueOnce(json(503, { detail: 'the database is gone' }));
    await expect(note()).rejects.toThrow('gone');
    expect(waiting()).toBe(1);
    answers.mockResolvedValueOnce(json(400, { detail: 'There is no such food.' }));
    const tell = vi.fn();
    await resend(tell);
    expect(tell).toHaveBeenCalledWith({ subject: 'Not taken: There is no such food.' });
    expect(waiting()).toBe(0);
  });
});
