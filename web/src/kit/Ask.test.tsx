import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api } from '../api/client';
import { Ask } from './Ask';
import { SaidProvider } from './Said';

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

/** A kitchen that asks this, and writes down what it is told. */
const kitchen = (allergens: string[]) => {
  const response = new Response(null, { status: 200 });
  const question = {
    name: 'tamari',
    near: [{ key: 'soy-sauce', name: 'soy sauce' }],
    likenesses: [{ slug: 'sauce', words: 'a sauce' }],
    allergens,
  };
  vi.spyOn(api, 'GET').mockImplementation((async () => ({ data: question, response })) as never);
  const told: unknown[][] = [];
  vi.spyOn(api, 'POST').mockImplementation((async (path: string, options: { body: unknown }) => {
    told.push([path, options.body]);
    return { data: { act: '1', subject: 'said' }, response };
  }) as never);
  render(
    <QueryClientProvider client={new QueryClient()}>
      <SaidProvider>
        <Ask name="tamari" />
      </SaidProvider>
    </QueryClientProvider>,
  );
  return () => told;
};

describe('what a name means', () => {
  it('is answered with one tap: it is a food that is near', async () => {
    const told = kitchen(['SOYA']);
    fireEvent.click(await screen.findByRole('button', { name: 'soy sauce' }));
    await waitFor(() => expect(told()).toEqual([['/api/household/names/same', { name: 'tamari', food: 'soy-sauce' }]]));
  });

  it('asks what is in a food of its own only where somebody who eats has an allergen', async () => {
    const told = kitchen([]);
    fireEvent.click(await screen.findByRole('button', { name: 'a sauce' }));
    await waitFor(() => expect(told()).toEqual([['/api/household/names/own', { name: 'tamari', likeness: 'sauce' }]]));
    cleanup();
    const asked = kitchen(['SOYA', 'NUTS']);
    fireEvent.click(await screen.findByRole('button', { name: 'a sauce' }));
    expect(asked()).toEqual([]);
    fireEvent.click(screen.getByRole('button', { name: 'soya' }));
    fireEvent.click(screen.getByRole('button', { name: 'these' }));
    await waitFor(() =>
      expect(asked()).toEqual([
        ['/api/household/names/own', { name: 'tamari', likeness: 'sauce', allergens: ['SOYA'] }],
      ]),
    );
  });
});
