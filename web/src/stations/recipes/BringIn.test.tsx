import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../api/client';
import { SaidProvider } from '../../kit/Said';
import { BringIn } from './BringIn';

afterEach(() => {
  cleanup();
  localStorage.clear();
  vi.restoreAllMocks();
});

const recipe = (title: string) => ({ title, portions: 4, lines: [], steps: [], note: '' });

/** The kitchen answers every call with this. */
const kitchen = (status: number, body: object) => {
  const response = new Response(null, { status });
  const call = vi
    .spyOn(api, 'POST')
    .mockImplementation((async () => (status === 200 ? { data: body, response } : { error: body, response })) as never);
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>
        <SaidProvider>
          <BringIn />
        </SaidProvider>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return call;
};

const look = (text: string) => {
  fireEvent.change(screen.getByLabelText(/Paste a recipe as text/), { target: { value: text } });
  fireEvent.click(screen.getByRole('button', { name: 'Look at it' }));
};

describe('bringing recipes in', () => {
  it('shows what was found and what was not understood before anything is kept', async () => {
    kitchen(200, {
      kind: 'json',
      recipes: [
        { recipe: recipe('Leek soup'), unread: ['author', 'image'], problem: '' },
        { recipe: recipe(''), unread: [], problem: 'A recipe needs a name.' },
      ],
    });
    look('{}');
    expect(await screen.findByText('Leek soup')).toBeTruthy();
    expect(screen.getByText('not understood: author · image')).toBeTruthy();
    expect(screen.getByText('A recipe needs a name.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Put 1 into the book' })).toBeTruthy();
  });

  it('says why nothing could be read, and asks nothing while there is no text', async () => {
    const call = kitchen(422, { status: 422, field: '/text', detail: 'There is no recipe in this file.' });
    expect((screen.getByRole('button', { name: 'Look at it' }) as HTMLButtonElement).disabled).toBe(true);
    look('nothing');
    expect((await screen.findByRole('alert')).textContent).toBe('There is no recipe in this file.');
    expect(call).toHaveBeenCalledTimes(1);
  });

  it('refuses a file that is too large without sending it', async () => {
    const call = kitchen(200, {});
    const file = new File(['x'], 'book.json');
    Object.defineProperty(file, 'size', { value: 21 * 1024 * 1024 });
    fireEvent.change(screen.getByLabelText('Choose a file'), { target: { files: [file] } });
    expect((await screen.findByRole('alert')).textContent).toBe('“book.json” has 21 MB; 20 MB is the most.');
    expect(call).not.toHaveBeenCalled();
  });
});
