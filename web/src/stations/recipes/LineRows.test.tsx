import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import type { Schema, Style } from '../../api/client';
import { emptyForm } from './form';
import { LineRows } from './LineRows';

afterEach(cleanup);

const line = (text: string, part: Partial<Schema['LineView']>): Schema['LineView'] => ({
  text,
  problem: '',
  food: text,
  known: true,
  preparation: '',
  costComplete: true,
  why: '',
  heldBackIn: [],
  instead: [],
  also: [],
  made: [],
  path: [],
  sources: [],
  ruleSaid: false,
  ...part,
});

function Rows({ read = [], stops = [] }: { read?: Schema['LineView'][]; stops?: Style[] }) {
  const [form, setForm] = useState(emptyForm());
  return (
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { enabled: false } } })}>
      <LineRows
        form={form}
        change={(part) => setForm({ ...form, ...part })}
        read={read}
        stops={stops}
        problem={{ field: '/lines/0/text', detail: 'names no food' }}
      />
    </QueryClientProvider>
  );
}

const type = (row: number, text: string) =>
  fireEvent.change(screen.getByLabelText(`Line ${row}`), { target: { value: text } });

describe('recipe rows', () => {
  it('goes on to the next row with Enter and makes it when there is none', () => {
    render(<Rows />);
    type(1, '1 onion');
    fireEvent.keyDown(screen.getByLabelText('Line 1'), { key: 'Enter' });
    expect(screen.getByLabelText('Line 2')).toBeTruthy();
  });

  it('makes a row of each pasted line and leaves blank ones out', () => {
    render(<Rows />);
    const clipboardData = { getData: () => '500 g mince\r\n\n 2 onions \nsalt' };
    fireEvent.paste(screen.getByLabelText('Line 1'), { clipboardData });
    const values = screen.getAllByRole('textbox').map((box) => (box as HTMLInputElement).value);
    expect(values).toEqual(['500 g mince', '2 onions', 'salt', '']);
  });

  it('shows what was understood only beside the text it was understood from', () => {
    render(<Rows read={[line('1 onion', { amount: '1 ×', food: 'onion', cost: '0.22', from: 'STOCK' })]} />);
    type(1, '1 onio');
    expect(screen.queryByText('on hand')).toBeNull();
    type(1, '1 onion');
    expect(screen.getByText('on hand')).toBeTruthy();
  });

  it('shows the refusal at the row it belongs to, counting filled rows only', () => {
    render(<Rows />);
    expect(screen.queryByRole('alert')).toBeNull();
    type(1, 'two handfuls of');
    expect(screen.getByRole('alert').textContent).toBe('names no food');
    expect(screen.getByLabelText('Line 1').getAttribute('aria-invalid')).toBe('true');
  });

  it('offers one choice for each stop, since a line can be held back at one and not at another', () => {
    render(<Rows stops={['COOKED', 'RAW_BAG']} />);
    const raw = screen.getByLabelText('add on the night (raw bag)') as HTMLInputElement;
    fireEvent.click(raw);
    expect(raw.checked).toBe(true);
    expect((screen.getByLabelText('add on the night (cooked)') as HTMLInputElement).checked).toBe(false);
  });
});
