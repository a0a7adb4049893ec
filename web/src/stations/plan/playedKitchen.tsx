import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, vi } from 'vitest';
import { api, type Schema } from '../../api/client';

type Sent = { path: string; body: Record<string, unknown>; key: string };
export const sent: Sent[] = [];
/** What the kitchen says to the next act, and to what is asked. */
export const kitchen: { refuse: { field: string; detail: string } | undefined; answers: Record<string, unknown> } = {
  refuse: undefined,
  answers: {},
};

const people = [
  { id: 'nora', name: 'Nora', active: true },
  { id: 'pim', name: 'Pim', active: true },
  { id: 'gone', name: 'Gone', active: false },
];
export const inStock = [{ batch: 'b1', name: 'Goulash', portions: 6, free: 6, shelf: 'FREEZER' as const }];

/** A kitchen that answers what a test says, and remembers what it was asked. */
export function playKitchen() {
  beforeEach(() => {
    sent.length = 0;
    kitchen.refuse = undefined;
    kitchen.answers = {};
    HTMLDialogElement.prototype.showModal = vi.fn();
    vi.spyOn(api, 'POST').mockImplementation((async (
      path: string,
      asked: { body: Sent['body']; params?: { header?: Record<string, string> } },
    ) => {
      sent.push({ path, body: asked.body, key: asked.params?.header?.['Idempotency-Key'] ?? '' });
      return kitchen.refuse
        ? { error: kitchen.refuse, response: new Response(null, { status: 422 }) }
        : {
            data: (await kitchen.answers[path]) ?? { act: 'a', subject: 'Done' },
            response: new Response(null, { status: 200 }),
          };
    }) as never);
    vi.spyOn(api, 'GET').mockImplementation((async (path: string) => ({
      data:
        path === '/api/recipes/titles'
          ? [{ id: 'r1', title: 'Terrace fish pie', portions: 6, minutes: 75 }]
          : path === '/api/plan/mends'
            ? [{ kind: 'LEAVE', words: 'leave it open' }]
            : (kitchen.answers[path] ?? { currency: 'EUR', people, inStock }),
      response: new Response(null, { status: 200 }),
    })) as never);
  });

  afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
  });
}

export const show = (shown: ReactNode) =>
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      {shown}
    </QueryClientProvider>,
  );

export const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
export const last = () => sent.at(-1)?.body;

const dinner = (date: string, slot?: Partial<Schema['SlotView']>, remarks: Schema['RemarkView'][] = []) => ({
  date,
  meals: [
    {
      meal: 'DINNER',
      usual: { meal: 'DINNER', tableTime: '18:30', minutes: 45, kind: 'COOK', note: '', people: [] },
      remarks,
      slot: slot && {
        id: date,
        meal: 'DINNER',
        kind: 'COOK',
        state: 'PLANNED',
        locked: false,
        tableTime: '18:30',
        minutes: 45,
        plates: '2',
        note: '',
        version: 1,
        people: ['nora', 'pim'],
        guests: [],
        dishes: [],
        ...slot,
      },
    },
  ],
});

export const thread = (of: string, name: string, shelf: string, born: string, more: object = {}) => ({
  of,
  name,
  shelf,
  born,
  ahead: false,
  frays: false,
  climbs: [],
  ...more,
});

export const dish = (name: string, of: string) => ({ kind: 'RECIPE', of, name, eaters: [], frozen: false });

export function fortnight(threads: object[], slots: Record<number, object> = {}, remarks: Schema['RemarkView'][] = []) {
  const days = Array.from({ length: 14 }, (_, i) => {
    const date = new Date(Date.UTC(2026, 10, 23 + i)).toISOString().slice(0, 10);
    return dinner(date, slots[i] as Partial<Schema['SlotView']>, i === 1 ? remarks : []);
  });
  return {
    today: '2026-11-23',
    now: '2026-11-23T17:30',
    days,
    threads,
    cookDays: ['2026-11-28'],
    weeks: [
      {
        from: '2026-11-23',
        meals: 2,
        till: '5.40',
        tillComplete: true,
        cost: '7.10',
        complete: true,
        buy: ['parsley', 'leeks'],
      },
      { from: '2026-11-30', meals: 0, till: '0.00', tillComplete: true, cost: '0.00', complete: false, buy: [] },
    ],
    freezeBy: '',
    inStock,
    habits: [],
    usual: [],
  } as unknown as Schema['PlanView'];
}
