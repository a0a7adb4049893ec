import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Schema } from '../../api/client';
import { WantedRow } from './rows';

const wanted: Schema['WantedView'] = {
  food: 'tinned-tomatoes',
  name: 'tinned tomatoes',
  aisle: 'tins',
  need: '700 g',
  packs: 2,
  pack: '400 g',
  expected: '1.10',
  staple: false,
  firstDay: '2026-11-25',
  dishes: ['Bean pot'],
  why: '',
  known: true,
};

type Sent = { path: string; body: { packs?: number | string }; key: string };
const sent: Sent[] = [];

/** Answers like the server, refusing what is no number at its field. */
const post = async (path: string, asked: { body: Sent['body']; params: { header: Record<string, string> } }) => {
  sent.push({ path, body: asked.body, key: asked.params.header['Idempotency-Key'] ?? '' });
  return typeof asked.body.packs === 'string'
    ? {
        error: { field: '/packs', detail: `“${asked.body.packs}” is no whole number; write it like 4.` },
        response: new Response(null, { status: 422 }),
      }
    : { data: { act: 'a', subject: 'In the basket: tinned tomatoes' }, response: new Response(null, { status: 200 }) };
};

beforeEach(() => {
  sent.length = 0;
  vi.spyOn(api, 'POST').mockImplementation(post as never);
  vi.spyOn(api, 'GET').mockImplementation((async () => ({
    data: { currency: 'EUR' },
    response: new Response(null, { status: 200 }),
  })) as never);
});

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

const show = () =>
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <ul>
        <WantedRow wanted={wanted} ask={false} waits={false} />
      </ul>
    </QueryClientProvider>,
  );

describe('a thing on the list', () => {
  it('goes into the basket at the expected price with one tap', async () => {
    show();
    expect(screen.getByText('2 × 400 g')).toBeTruthy();
    fireEvent.click(screen.getByLabelText('In the basket: tinned tomatoes'));
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]?.path).toBe('/api/shop/tick');
    expect(sent[0]?.body).toEqual({
      food: 'tinned-tomatoes',
      name: 'tinned tomatoes',
      packs: 2,
      pack: '400 g',
      price: '1.10',
    });
    expect(sent[0]?.key).toMatch(/^[0-9a-f-]{36}$/);
  });

  it('takes a surprise as typed and says at once what is wrong with it', async () => {
    show();
    fireEvent.click(screen.getByText('tinned tomatoes'));
    fireEvent.change(screen.getByLabelText('Packs'), { target: { value: 'some' } });
    fireEvent.change(screen.getByLabelText('for all of them'), { target: { value: '1.59' } });
    fireEvent.click(screen.getByText('Into the basket'));
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('some'));
    expect((screen.getByLabelText('for all of them') as HTMLInputElement).value).toBe('1.59');
    fireEvent.change(screen.getByLabelText('Packs'), { target: { value: '3' } });
    expect(screen.queryByRole('alert')).toBeNull();
    fireEvent.click(screen.getByText('Into the basket'));
    await waitFor(() => expect(sent.at(-1)?.body).toMatchObject({ packs: 3, price: '1.59' }));
  });
});
