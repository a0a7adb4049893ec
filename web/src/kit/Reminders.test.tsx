import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Schema } from '../api/client';
import { Reminders, telling } from './Reminders';

type Reminder = Schema['ReminderView'];

const one = (id: string, kind: Reminder['kind'], seconds: number): Reminder => ({
  id,
  kind,
  seconds,
  at: '2026-11-23T16:00',
  words: `Take out ${id}`,
  note: 'for Tue',
});

afterEach(() => {
  cleanup();
  vi.useRealTimers();
  localStorage.clear();
});

describe('telling', () => {
  const all = [one('late', 'TAKE_OUT', -60), one('soon', 'TAKE_OUT', 90), one('meal', 'BEGIN', -5)];

  it('goes by the seconds since the answer, whatever the clock of the device says', () => {
    const answered = 5_000_000;
    expect(telling(all, answered, answered, [], []).due.map((r) => r.id)).toEqual(['late', 'meal']);
    expect(telling(all, answered, answered, [], []).next).toBe(90_000);
    expect(telling(all, answered, answered + 90_000, [], []).due.map((r) => r.id)).toEqual(['late', 'soon', 'meal']);
    expect(telling(all, answered, answered + 90_000, [], []).next).toBeUndefined();
  });

  it('keeps quiet about a kind that is switched off and about what was seen', () => {
    expect(telling(all, 0, 0, ['BEGIN'], ['late']).due).toEqual([]);
    expect(telling(all, 0, 0, ['TAKE_OUT'], []).next).toBeUndefined();
  });
});

describe('Reminders', () => {
  it('come at their time, and go when they were seen, for good', () => {
    vi.useFakeTimers();
    const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Number.POSITIVE_INFINITY } } });
    queries.setQueryData(['reminders'], [one('pie', 'TAKE_OUT', 30)]);
    const page = () =>
      render(
        <QueryClientProvider client={queries}>
          <MemoryRouter>
            <Reminders />
          </MemoryRouter>
        </QueryClientProvider>,
      );
    page();
    expect(screen.queryByText('Take out pie')).toBeNull();
    act(() => vi.advanceTimersByTime(31_000));
    expect(screen.getByText('Take out pie')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: /Seen/ }));
    expect(screen.queryByText('Take out pie')).toBeNull();
    cleanup();
    page();
    expect(screen.queryByText('Take out pie')).toBeNull();
  });
});
