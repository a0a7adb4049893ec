import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { Choice, Field, Several } from './Field';

afterEach(cleanup);

function Form({ problem }: { problem?: { field: string; detail: string } }) {
  const [name, setName] = useState('');
  const [chosen, setChosen] = useState<('a' | 'b')[]>(['a']);
  const [one, setOne] = useState<'x' | 'y'>('x');
  return (
    <>
      <Field label="Name" value={name} set={setName} at="/name" problem={problem} hint="as you call it" />
      <Several
        label="Must not eat"
        chosen={chosen}
        set={setChosen}
        of={[
          ['a', 'nuts'],
          ['b', 'milk'],
        ]}
      />
      <Choice label="Kind" value={one} set={setOne} of={{ x: 'pot', y: 'pan' }} />
    </>
  );
}

describe('fields', () => {
  it('say what is wrong at the field it is wrong with, instead of the hint', () => {
    const { rerender } = render(<Form />);
    expect(screen.getByText('as you call it')).toBeTruthy();
    expect(screen.queryByRole('alert')).toBeNull();
    rerender(<Form problem={{ field: '/name', detail: 'A name has 1 to 60 characters.' }} />);
    const input = screen.getByLabelText('Name');
    expect(input.getAttribute('aria-invalid')).toBe('true');
    expect(screen.getByRole('alert').textContent).toContain('1 to 60');
    expect(input.getAttribute('aria-describedby')).toBe(screen.getByRole('alert').id);
    rerender(<Form problem={{ field: '/other', detail: 'elsewhere' }} />);
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('keep what is typed', () => {
    render(<Form />);
    fireEvent.change(screen.getByLabelText('Name'), { target: { value: 'stock pot' } });
    expect((screen.getByLabelText('Name') as HTMLInputElement).value).toBe('stock pot');
    fireEvent.change(screen.getByLabelText('Kind'), { target: { value: 'y' } });
    expect((screen.getByLabelText('Kind') as HTMLSelectElement).value).toBe('y');
  });

  it('stay pressed until pressed again', () => {
    render(<Form />);
    const milk = screen.getByText('milk');
    expect(milk.getAttribute('aria-pressed')).toBe('false');
    fireEvent.click(milk);
    fireEvent.click(screen.getByText('nuts'));
    expect(milk.getAttribute('aria-pressed')).toBe('true');
    expect(screen.getByText('nuts').getAttribute('aria-pressed')).toBe('false');
  });
});
