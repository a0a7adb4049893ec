import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { type ComponentType, Fragment, type ReactNode } from 'react';
import { MemoryRouter, useLocation } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Schema } from '../api/client';
import { useKeys } from '../kit/useKeys';
import { MealCard } from './eat/MealCard';
import { LotPanel } from './onhand/LotPanel';
import { emptyForm, emptyPart } from './stretch/form';
import { Slab } from './stretch/Slab';

type Sent = { path: string; body: Record<string, unknown>; key: string };
const sent: Sent[] = [];
let refuse: { field: string; detail: string } | undefined;

const people = [
  { id: 'nora', name: 'Nora', active: true },
  { id: 'pim', name: 'Pim', active: true },
  { id: 'gone', name: 'Gone', active: false },
];
const places = [
  { id: 'fridge', name: 'Fridge', kind: 'FRIDGE' },
  { id: 'counter', name: 'Counter', kind: 'COUNTER' },
  { id: 'drawer', name: 'Top drawer', kind: 'FREEZER' },
];
const sheet = { whole: '1.4 kg', uses: [{ what: 'Chilli', amount: '200 g', measure: '', part: '14 %' }], words: '' };
const inStock = [{ batch: 'b1', name: 'Goulash', portions: 6 }];

beforeEach(() => {
  sent.length = 0;
  refuse = undefined;
  HTMLDialogElement.prototype.showModal = vi.fn();
  vi.spyOn(api, 'POST').mockImplementation((async (
    path: string,
    asked: { body: Sent['body']; params: { header: Record<string, string> } },
  ) => {
    sent.push({ path, body: asked.body, key: asked.params.header['Idempotency-Key'] ?? '' });
    return refuse
      ? { error: refuse, response: new Response(null, { status: 422 }) }
      : { data: { act: 'a', subject: 'Done' }, response: new Response(null, { status: 200 }) };
  }) as never);
  vi.spyOn(api, 'GET').mockImplementation((async (path: string) => ({
    data:
      path === '/api/plan'
        ? { inStock }
        : path === '/api/recipes/titles'
          ? [{ id: 'r1', title: 'Terrace fish pie', portions: 6, minutes: 75 }]
          : path === '/api/lots/{id}/sheet'
            ? sheet
            : { currency: 'EUR', people, places },
    response: new Response(null, { status: 200 }),
  })) as never);
});

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

const show = (shown: ReactNode, Around: ComponentType<{ children: ReactNode }> = Fragment) =>
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <Around>{shown}</Around>
    </QueryClientProvider>,
  );

const type = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
const last = () => sent.at(-1)?.body;

describe('a meal', () => {
  const meal: Schema['MealView'] = {
    day: '2026-11-23',
    meal: 'DINNER',
    tableTime: '18:30',
    kind: 'STOCK',
    state: 'PLANNED',
    dishes: ['Goulash', 'rice'],
    of: 'b1',
    eaters: [
      { id: 'nora', name: 'Nora' },
      { id: 'pim', name: 'Pim' },
    ],
    plates: 2,
    note: '',
    steps: [],
    cook: [],
  };

  it('as planned needs one tap; what was left and who would not eat it go with it', async () => {
    show(<MealCard meal={meal} />);
    fireEvent.click(screen.getByText('That is how it was'));
    await waitFor(() => expect(last()).toMatchObject({ how: 'PLANNED', left: 0, notForThem: [] }));
    type('Portions left', '2');
    fireEvent.click(screen.getByText('again soon'));
    fireEvent.click(screen.getByText('Pim'));
    fireEvent.click(screen.getByText('That is how it was'));
    await waitFor(() => expect(last()).toMatchObject({ left: 2, liked: 2, notForThem: ['pim'] }));
  });

  it('something else can be named or taken from stock; out asks nothing more', async () => {
    show(<MealCard meal={meal} />);
    fireEvent.click(screen.getByText('something else'));
    type('What was it', 'bread and cheese');
    fireEvent.click(await screen.findByText('Goulash · 6'));
    fireEvent.click(screen.getByText('That is how it was'));
    await waitFor(() => expect(last()).toMatchObject({ how: 'OTHER', text: 'bread and cheese', batch: 'b1' }));
    fireEvent.click(screen.getByText('out'));
    expect(screen.queryByLabelText('Portions left')).toBeNull();
  });

  it('half a portion left is no number of portions and is told at its field', async () => {
    refuse = { field: '/left', detail: '“half” is no whole number; write it like 4.' };
    show(<MealCard meal={meal} />);
    type('Portions left', 'half');
    fireEvent.click(screen.getByText('That is how it was'));
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('half'));
    expect(last()).toMatchObject({ left: 'half' });
  });

  it('written down, it says so and asks no more', () => {
    show(<MealCard meal={{ ...meal, state: 'ASSUMED' }} />);
    expect(screen.getByText('assumed eaten as planned')).toBeTruthy();
    expect(screen.queryByText('That is how it was')).toBeNull();
  });
});

describe('a thing in the hand', () => {
  const lot = {
    id: 'l1',
    name: 'minced beef',
    about: '',
    amount: '1.2 kg',
    cost: '7.56',
    costComplete: true,
    valued: false,
    place: 'fridge',
    placeName: 'Fridge',
    state: 'RAW',
    since: '2026-11-22',
    age: '1 day',
    urgency: 'SOON',
    until: { words: 'eat by', date: '2026-11-24' },
    rule: 'raw mince: fridge 1–2 days',
    source: 'chart',
  } as Schema['LotView'];
  const inHand = () => {
    const close = vi.fn();
    show(<LotPanel lot={lot} close={close} />, MemoryRouter);
    return close;
  };

  it('is used up, part of it moved, binned in two taps', async () => {
    const close = inHand();
    await screen.findByText('Top drawer');
    expect((await screen.findByText('Chilli')).parentElement?.textContent).toContain('200 g · 14 %');
    expect(screen.queryByText('Counter')).toBeNull();
    fireEvent.click(screen.getByText('Used all'));
    await waitFor(() => expect(last()).toEqual({ hand: 'USE' }));
    type('How much', '600 g');
    type('Move to', 'drawer');
    fireEvent.click(screen.getByText('Put it there'));
    await waitFor(() => expect(last()).toEqual({ hand: 'MOVE', amount: '600 g', place: 'drawer' }));
    fireEvent.click(screen.getByText('Bin …'));
    fireEvent.click(screen.getByText('gone off'));
    await waitFor(() => expect(last()).toEqual({ hand: 'WASTE', amount: '600 g', reason: 'gone off' }));
    expect(close).toHaveBeenCalledTimes(3);
  });

  it('keeps what was typed when it is refused', async () => {
    refuse = { field: '/amount', detail: '“two handfuls” is no amount.' };
    const close = inHand();
    type('How much', 'two handfuls');
    fireEvent.click(screen.getByText('Used'));
    await waitFor(() => expect(screen.getByRole('alert', { hidden: true }).textContent).toContain('no amount'));
    expect((screen.getByLabelText('How much') as HTMLInputElement).value).toBe('two handfuls');
    expect(close).not.toHaveBeenCalled();
  });
});

describe('the slab', () => {
  const roast = emptyPart({ key: 'p1', name: 'roast', how: 'grams', value: '400', extender: '1 kg potatoes' });
  const form = emptyForm({ food: 'pork shoulder', parts: [roast, emptyPart({ name: 'not said yet' })] });
  const cut = {
    cookedGrams: '1000',
    cooked: '1 kg',
    shares: [{ name: 'roast', grams: '400', cost: '4.00', plates: '6' }],
    remainder: { grams: '600', cost: '6.00' },
  };

  it('is cut with the arrow keys, never past its end, and says the same in a table', () => {
    const grams = vi.fn();
    show(<Slab form={form} cut={cut as never} grams={grams} />);
    const line = screen.getByRole('slider');
    expect(line.getAttribute('aria-valuemax')).toBe('1000');
    fireEvent.keyDown(line, { key: 'ArrowRight' });
    fireEvent.keyDown(line, { key: 'ArrowLeft', shiftKey: true });
    fireEvent.keyDown(line, { key: 'Enter' });
    expect(grams.mock.calls).toEqual([
      ['p1', 410],
      ['p1', 300],
    ]);
    expect(screen.getByRole('table').textContent).toContain('not decided6006.00');
  });
});

describe('the keys', () => {
  const Where = () => {
    const keys = useKeys();
    return (
      <p>
        {useLocation().pathname} {keys.shown ? 'keys' : ''}
        <input aria-label="typing" />
      </p>
    );
  };

  it('g and a letter goes to a station, but not while somebody types', () => {
    const { container } = render(
      <MemoryRouter>
        <Where />
      </MemoryRouter>,
    );
    const press = (key: string, on: Element = document.body) => fireEvent.keyDown(on, { key });
    press('g');
    press('l');
    expect(container.textContent).toContain('/plan');
    press('x');
    press('o');
    expect(container.textContent).toContain('/plan');
    const field = screen.getByLabelText('typing');
    press('g', field);
    press('o', field);
    expect(container.textContent).toContain('/plan');
    press('?');
    expect(container.textContent).toContain('keys');
    press('Escape');
    expect(container.textContent).not.toContain('keys');
  });
});
