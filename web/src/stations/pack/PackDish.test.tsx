import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { api, type Schema } from '../../api/client';
import { PackDish } from './PackDish';

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

/** The answers come in the order the test lets them come. */
it('what was asked last counts, however late the answer to what was asked before', async () => {
  const waiting: { each: number; come: (packets: number[]) => void }[] = [];
  const reply = (data: unknown) => ({ data, response: new Response(null, { status: 200 }) });
  vi.spyOn(api, 'GET').mockImplementation((async () => reply({ currency: 'EUR' })) as never);
  vi.spyOn(api, 'POST').mockImplementation(((path: string, asked: { body: { each: number } }) =>
    path === '/api/pack/even'
      ? new Promise((come) =>
          waiting.push({ each: asked.body.each, come: (packets) => come(reply({ meals: [], packets, fridge: 0 })) }),
        )
      : Promise.resolve(reply({ packets: [], labels: [], left: 0, problem: '', mind: [] }))) as never);
  const dish = { id: 'l', name: 'Pot', amount: '8 portions', portions: 8, cost: '7', costComplete: true };
  render(
    <QueryClientProvider client={new QueryClient()}>
      <PackDish dish={dish as Schema['LotView']} places={[]} containers={[]} />
    </QueryClientProvider>,
  );
  await act(async () => waiting[0]?.come([6, 2]));
  const size = await screen.findByLabelText('Portions a packet');
  fireEvent.change(size, { target: { value: '3' } });
  fireEvent.change(size, { target: { value: '4' } });
  expect(waiting.map((one) => one.each)).toEqual([6, 3, 4]);
  await act(async () => waiting[2]?.come([4, 4]));
  await act(async () => waiting[1]?.come([3, 3, 2]));
  const packets = screen.getAllByRole('textbox').map((field) => (field as HTMLInputElement).value);
  expect(packets).toEqual(['4', '4', '4', '']);
});
