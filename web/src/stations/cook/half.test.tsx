import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Schema } from '../../api/client';
import { CookRecipe } from './CookRecipe';

const line = (pos: number, text: string, plain?: Schema['PlainView']): Schema['GoesInView'] => ({
  pos,
  text,
  food: text.split(' ').slice(2).join(' '),
  takes: [],
  cost: '5.46',
  costComplete: true,
  from: 'STOCK',
  made: [],
  plain,
  why: '',
});

const plan: Schema['CookPlan'] = {
  recipe: 'r1',
  n: 1,
  changed: false,
  title: 'Turkey pasta',
  factor: '1',
  vessels: 1,
  portions: 4,
  style: 'COOKED',
  styles: ['COOKED'],
  goesIn: [
    line(0, '700 g turkey pieces', {
      amount: '700 g',
      cooked: '490 g',
      eatBy: '2027-01-22',
      saves: '40–55 min of pressure cooker',
      usual: true,
    }),
    line(1, '10 g garlic', { amount: '10 g', usual: false }),
    line(2, '355 g pasta'),
  ],
  addOnNight: [],
  now: [],
  later: [],
  total: '5.46',
  flat: '0.15',
  perPortion: '1.37',
  costComplete: true,
  keeps: { slug: 'cooked-dish', name: 'cooked meat and dishes', why: '', choices: [] },
  alsoMakes: [],
  mind: [],
};

const sent: Record<string, unknown>[] = [];
let refuse: Record<string, string> | undefined;

beforeEach(() => {
  sent.length = 0;
  refuse = undefined;
  vi.spyOn(api, 'POST').mockImplementation((async (_: string, asked: { body: Record<string, unknown> }) => {
    sent.push(asked.body);
    return refuse
      ? { error: refuse, response: new Response(null, { status: 422 }) }
      : { data: { act: 'a', subject: 'Cooked' }, response: new Response(null, { status: 200 }) };
  }) as never);
  vi.spyOn(api, 'GET').mockImplementation((async (path: string) => ({
    data:
      path === '/api/cook/{recipe}'
        ? plan
        : path === '/api/recipes/{id}'
          ? { styles: ['COOKED'] }
          : { currency: 'EUR', places: [] },
    response: new Response(null, { status: 200 }),
  })) as never);
});

afterEach(() => {
  cleanup();
  sessionStorage.clear();
  vi.restoreAllMocks();
});

const show = (to: string) =>
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter initialEntries={[to]}>
        <Routes>
          <Route path="/cook/:recipe" element={<CookRecipe />} />
          <Route path="/pack" element="packing" />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
const cook = async () => fireEvent.click(await screen.findByText('Cooked: take it from stock'));

describe('and half for tomorrow', () => {
  it('is asked by the meal: what is worth keeping is doubled, and nothing else', async () => {
    show('/cook/r1?half=1');
    expect(
      await screen.findByText(/about 490 g cooked · eat by Fri 22 Jan · saves 40–55 min of pressure cooker/),
    ).toBeTruthy();
    fireEvent.change(screen.getByLabelText('All of it cooked, weighed'), { target: { value: '980 g' } });
    await cook();
    await waitFor(() => expect(sent[0]).toMatchObject({ plain: [{ pos: 0, amount: '700 g', weighed: '980 g' }] }));
  });

  it('is one press at the counter, and taken back by another; a line can be kept by itself', async () => {
    show('/cook/r1');
    fireEvent.click(await screen.findByText('And half for tomorrow'));
    fireEvent.click(screen.getByLabelText('As much again of garlic, kept back plain'));
    fireEvent.click(screen.getAllByText('none kept')[0] as HTMLElement);
    fireEvent.change(screen.getByLabelText('More garlic, plain'), { target: { value: '20 g' } });
    await cook();
    await waitFor(() => expect(sent[0]).toMatchObject({ plain: [{ pos: 1, amount: '20 g' }] }));
  });

  it('says at its line what is wrong, and keeps what was typed', async () => {
    refuse = { field: '/plain/0', detail: '“much” is no weight; write it like 700 g.' };
    show('/cook/r1?half=1');
    fireEvent.change(await screen.findByLabelText('More turkey pieces, plain'), { target: { value: 'much' } });
    await cook();
    expect(await screen.findByText(/is no weight/)).toBeTruthy();
    expect(screen.getByDisplayValue('much')).toBeTruthy();
  });
});
