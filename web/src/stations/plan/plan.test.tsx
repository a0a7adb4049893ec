import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Schema } from '../../api/client';
import { HabitsPanel } from './HabitsPanel';
import { MealPanel } from './MealPanel';
import { Propose } from './Propose';
import { RunPicture } from './RunPicture';
import { layout, size } from './runLayout';

type Sent = { path: string; body: Record<string, unknown>; key: string };
const sent: Sent[] = [];
let refuse: { field: string; detail: string } | undefined;
let answers: Record<string, unknown>;

const people = [
  { id: 'nora', name: 'Nora', active: true },
  { id: 'pim', name: 'Pim', active: true },
  { id: 'gone', name: 'Gone', active: false },
];
const inStock = [{ batch: 'b1', name: 'Goulash', portions: 6 }];

beforeEach(() => {
  sent.length = 0;
  refuse = undefined;
  answers = {};
  HTMLDialogElement.prototype.showModal = vi.fn();
  vi.spyOn(api, 'POST').mockImplementation((async (
    path: string,
    asked: { body: Sent['body']; params?: { header?: Record<string, string> } },
  ) => {
    sent.push({ path, body: asked.body, key: asked.params?.header?.['Idempotency-Key'] ?? '' });
    return refuse
      ? { error: refuse, response: new Response(null, { status: 422 }) }
      : { data: answers[path] ?? { act: 'a', subject: 'Done' }, response: new Response(null, { status: 200 }) };
  }) as never);
  vi.spyOn(api, 'GET').mockImplementation((async (path: string) => ({
    data:
      path === '/api/recipes/titles'
        ? [{ id: 'r1', title: 'Terrace fish pie', portions: 6, minutes: 75 }]
        : path === '/api/plan/mends'
          ? [{ kind: 'LEAVE', words: 'leave it open' }]
          : { currency: 'EUR', people, inStock },
    response: new Response(null, { status: 200 }),
  })) as never);
});

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

const show = (shown: ReactNode) =>
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      {shown}
    </QueryClientProvider>,
  );

const type = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
const last = () => sent.at(-1)?.body;

describe('a meal to decide', () => {
  const plan = {
    today: '2026-11-23',
    now: '2026-11-23T17:30',
    days: [],
    threads: [],
    cookDays: [],
    inStock,
    habits: [],
    usual: [],
  } as Schema['PlanView'];
  const usual = {
    meal: 'DINNER',
    tableTime: '18:30',
    minutes: 50,
    kind: 'COOK',
    note: '',
    people: [],
  } as Schema['HabitView'];
  const panel = (slot?: Partial<Schema['SlotView']>) => {
    const close = vi.fn();
    const meal = { meal: 'DINNER', usual, remarks: [], slot: slot as Schema['SlotView'] } as Schema['MealOfDay'];
    show(<MealPanel date="2026-11-26" meal={meal} plan={plan} close={close} />);
    return close;
  };

  it('is kept as typed: a dish by name, sides as one list, everybody who eats here', async () => {
    const close = panel();
    await screen.findByRole('button', { name: 'Nora', hidden: true });
    expect(screen.queryByText('Gone')).toBeNull();
    type('Dish', 'fish');
    fireEvent.click(await screen.findByText('Terrace fish pie'));
    type('With', 'frozen peas, , 100 g pasta');
    fireEvent.click(screen.getByText('Pim'));
    fireEvent.click(screen.getByText('Keep this meal'));
    await waitFor(() => expect(close).toHaveBeenCalled());
    expect(last()).toMatchObject({
      day: '2026-11-26',
      version: 0,
      kind: 'COOK',
      tableTime: '18:30',
      minutes: 50,
      people: ['nora'],
      dishes: [{ text: 'Terrace fish pie' }],
      sides: 'frozen peas, , 100 g pasta',
    });
  });

  it('from stock names the batch and not its words; typing another name lets it go', async () => {
    panel({
      version: 3,
      kind: 'STOCK',
      tableTime: '19:00',
      minutes: 30,
      note: '',
      people: ['pim'],
      guests: [],
      dishes: [],
    });
    fireEvent.click(screen.getByText('Goulash · 6'));
    fireEvent.click(screen.getByText('Keep this meal'));
    await waitFor(() => expect(last()).toMatchObject({ version: 3, dishes: [{ batch: 'b1' }] }));
    type('Dish', 'Goulash, the other');
    fireEvent.click(screen.getByText('Keep this meal'));
    await waitFor(() => expect(last()).toMatchObject({ dishes: [{ text: 'Goulash, the other' }] }));
    expect(sent[0]?.key).not.toBe(sent[1]?.key);
  });

  it('stays open with what is wrong beside its field, and sends nonsense as nonsense', async () => {
    refuse = { field: '/minutes', detail: 'Minutes for an evening lie from 0 to 1440, not -1.' };
    const close = panel();
    type('Minutes for it', 'an hour');
    fireEvent.click(screen.getByText('Keep this meal'));
    await waitFor(() => expect(screen.getByRole('alert', { hidden: true }).textContent).toContain('0 to 1440'));
    expect(last()).toMatchObject({ minutes: -1 });
    expect(close).not.toHaveBeenCalled();
    type('Minutes for it', '60');
    expect(screen.queryByRole('alert', { hidden: true })).toBeNull();
  });
});

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

const thread = (of: string, name: string, shelf: string, born: string, more: object = {}) => ({
  of,
  name,
  shelf,
  born,
  ahead: false,
  frays: false,
  climbs: [],
  ...more,
});

const dish = (name: string, of: string) => ({ kind: 'RECIPE', of, name, eaters: [], frozen: false });

function fortnight(threads: object[], slots: Record<number, object> = {}, remarks: Schema['RemarkView'][] = []) {
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
    inStock,
    habits: [],
    usual: [],
  } as unknown as Schema['PlanView'];
}

describe('the run, laid out', () => {
  const climb = (day: string, out?: string) => ({ day, meal: 'DINNER', at: `${day}T18:30`, portions: '4', out });
  const many = [
    thread('a', 'Lentil bolognese', 'FREEZER', '2026-11-23T17:30', {
      climbs: [climb('2026-11-25', '2026-11-24T22:00')],
    }),
    thread('b', 'Terrace fish pie for six', 'FREEZER', '2026-11-23T17:30', {
      climbs: [climb('2026-11-30', '2026-11-29T05:00')],
    }),
    thread('c', 'Goulash', 'FREEZER', '2026-11-28T10:00', { ahead: true, climbs: [climb('2026-12-04')] }),
    thread('d', 'Minestrone', 'FRIDGE', '2026-11-23T17:30', { until: '2026-11-27', frays: true }),
    thread('e', 'Roast', 'CUPBOARD', '2026-11-26T16:00', { ahead: true, climbs: [climb('2026-11-26')] }),
    thread('f', 'Noodles', 'CUPBOARD', '2026-11-27T18:00', { ahead: true, climbs: [climb('2026-11-27')] }),
  ];

  it('puts no two threads on one lane at the same time, each on its own shelf', () => {
    for (const room of [320, 700, 1100, 1400]) {
      const laid = layout(fortnight(many), room);
      expect(laid.threads).toHaveLength(many.length);
      for (const one of laid.threads) {
        const shelf = laid.shelves.find((place) => place.name === one.thread.shelf);
        expect(one.y).toBeGreaterThan(shelf?.y ?? 0);
        expect(one.y).toBeLessThan((shelf?.y ?? 0) + (shelf?.height ?? 0));
        expect(one.to).toBeLessThanOrEqual(laid.width);
        for (const other of laid.threads) {
          if (other !== one && other.y === one.y) {
            const apart = one.to < other.label || other.to < one.label || one.label !== other.label;
            expect(apart).toBe(true);
          }
        }
      }
    }
  });

  it('stacks its shelves without overlap and leaves every day the same width, summer time or not', () => {
    const laid = layout(fortnight(many), 1100);
    for (let i = 1; i < laid.shelves.length; i++) {
      const above = laid.shelves[i - 1];
      expect(laid.shelves[i]?.y).toBeGreaterThanOrEqual((above?.y ?? 0) + (above?.height ?? 0));
    }
    const widths = laid.threads.length > 0 ? [...Array(13).keys()] : [];
    for (const i of widths) {
      const day = (n: number) => `2026-11-${23 + n > 30 ? 30 : 23 + n}`;
      expect(laid.x(day(i + 1)) - laid.x(day(i))).toBeCloseTo(23 + i + 1 > 30 ? 0 : laid.column);
    }
    expect(laid.x('2026-11-23')).toBe(size.left);
  });
});

describe('the run, drawn', () => {
  const slots = { 1: { dishes: [dish('Goulash', 'g')] }, 3: { dishes: [dish('Roast', 'r')] } };
  const stop = { level: 'STOP', words: 'mince keeps to Tue 24 Nov', why: '' } as const;

  it('opens a meal by a tap and says what does not hold', () => {
    const open = vi.fn();
    show(<RunPicture plan={fortnight([], slots, [stop])} open={open} />);
    fireEvent.click(screen.getByRole('button', { name: 'Tue 24 Nov, dinner: Goulash, does not hold' }));
    expect(open).toHaveBeenCalledWith('2026-11-24', 'DINNER');
    expect(screen.getByRole('button', { name: 'Wed 25 Nov, dinner: open' })).toBeTruthy();
  });

  it('moves a meal by the arrow keys: tried while it moves, done with Enter, left with Escape', async () => {
    answers['/api/plan/try'] = fortnight([], { 2: { dishes: [dish('Goulash', 'g')] } });
    show(<RunPicture plan={fortnight([], slots)} open={vi.fn()} />);
    const goulash = () => screen.getByRole('button', { name: /Tue 24 Nov, dinner/ });
    fireEvent.keyDown(goulash(), { key: 'ArrowRight' });
    await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/plan/try'));
    expect(last()).toEqual({
      from: { day: '2026-11-24', meal: 'DINNER' },
      to: { day: '2026-11-25', meal: 'DINNER' },
    });
    await screen.findByText('holds');
    fireEvent.keyDown(goulash(), { key: 'Escape' });
    expect(screen.queryByText('holds')).toBeNull();
    fireEvent.keyDown(goulash(), { key: 'ArrowRight' });
    fireEvent.keyDown(goulash(), { key: 'ArrowRight' });
    fireEvent.keyDown(goulash(), { key: 'Enter' });
    await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/plan/move'));
    expect(last()).toMatchObject({ to: { day: '2026-11-26', meal: 'DINNER' } });
  });
});

describe('a proposal', () => {
  const choice = (day: string, recipe: string) => ({
    day,
    meal: 'DINNER',
    recipe,
    cookOn: '2026-12-07',
    frozen: false,
  });
  const proposal = {
    from: '2026-12-07',
    days: 14,
    cost: '31.20',
    weeks: ['31.20'],
    minutes: 95,
    reasons: ['31.20 to buy for 3 meals'],
    broken: [],
    clash: ['use the mince by Friday', 'nothing with beef'],
    cutOff: false,
    cook: [],
    meals: [
      ['2026-12-07', 'Chilli', 'r1', true],
      ['2026-12-08', 'Chilli', 'r1', true],
      ['2026-12-09', 'Soup', 'r2', false],
    ].map(([day, name, recipe, open]) => ({
      day,
      meal: 'DINNER',
      tableTime: '18:30',
      name,
      from: 'cooked',
      plates: '2',
      choice: choice(String(day), String(recipe)),
      stands: '',
      open,
      reasons: ['liked'],
      swaps: [{ choice: choice(String(day), 'r9'), name: 'Leek pasta', words: '0.40 more, 10 min less' }],
    })),
  };
  const asking = async () => {
    answers['/api/plan/propose'] = proposal;
    const close = vi.fn();
    show(<Propose from="2026-12-07" close={close} />);
    type('It should', 'use the mince by Friday; nothing with beef');
    type('Money for a week', '40');
    fireEvent.click(screen.getByText('Propose'));
    await screen.findByText('Take all 2');
    return close;
  };

  it('is asked in a cook’s words, the first plan at once and the good one after', async () => {
    await asking();
    await waitFor(() => expect(sent.filter((one) => one.path === '/api/plan/propose')).toHaveLength(2));
    expect(sent[0]?.body).toMatchObject({
      effort: 0,
      asks: ['use the mince by Friday', 'nothing with beef'],
      budget: '40',
    });
    expect(sent[1]?.body).not.toHaveProperty('effort');
    expect(screen.getByRole('alert').textContent).toContain('cannot be had together');
  });

  it('is taken whole, without what was decided before', async () => {
    const close = await asking();
    fireEvent.click(screen.getByText('Take all 2'));
    await waitFor(() => expect(close).toHaveBeenCalled());
    expect(last()).toEqual({ meals: proposal.meals.slice(0, 2).map((meal) => meal.choice) });
  });

  it('is taken meal by meal, with all that eats of one cooking, and swapped by a tap', async () => {
    await asking();
    const row = screen.getAllByRole('listitem').find((item) => within(item).queryByText('Mon 7 Dec'));
    fireEvent.click(within(row as HTMLElement).getByText('or …'));
    fireEvent.click(within(row as HTMLElement).getByText('take this one'));
    await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/plan/take'));
    expect((last()?.meals as unknown[]).length).toBe(2);
    fireEvent.click(within(row as HTMLElement).getByText('Leek pasta'));
    await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/plan/propose'));
    expect(last()).toMatchObject({ kept: [choice('2026-12-07', 'r9')] });
  });

  it('keeps a meal that is to stay when it is asked again', async () => {
    await asking();
    fireEvent.click(screen.getAllByText('keep')[1] as HTMLElement);
    fireEvent.click(screen.getByText('Propose again'));
    await waitFor(() => expect(last()).toMatchObject({ kept: [choice('2026-12-08', 'r1')] }));
    expect(last()?.before).toHaveLength(2);
  });
});

describe('what repeats', () => {
  it('is said for a weekday, with nonsense told at its field', async () => {
    refuse = { field: '/homeFrom', detail: 'Somebody is home from 20:00' };
    const plan = fortnight([]);
    show(<HabitsPanel plan={plan} close={vi.fn()} />);
    fireEvent.change(screen.getByLabelText('On'), { target: { value: '4' } });
    type('On the table', '19:10');
    type('Minutes for it', '20');
    fireEvent.click(screen.getByText('From now on'));
    await screen.findByText('Somebody is home from 20:00');
    expect(last()).toMatchObject({ meal: 'LUNCH', weekday: 4, tableTime: '19:10', minutes: 20, people: [] });
  });
});
