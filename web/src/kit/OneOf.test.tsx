import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { OneOf } from './kit';

afterEach(cleanup);

const levels = [
  ['HAVE', 'have'],
  ['LOW', 'low'],
] as const;

describe('OneOf', () => {
  it('shows what is chosen and says whose it is', () => {
    const choose = vi.fn();
    render(<OneOf of="salt" choices={levels} chosen="HAVE" choose={choose} />);
    expect(screen.getByRole('button', { name: 'salt: have' }).getAttribute('aria-pressed')).toBe('true');
    const low = screen.getByRole('button', { name: 'salt: low' });
    expect(low.getAttribute('aria-pressed')).toBe('false');
    fireEvent.click(low);
    expect(choose).toHaveBeenCalledExactlyOnceWith('LOW');
  });

  it('has nothing pressed while nothing is chosen', () => {
    render(<OneOf choices={levels} chosen={undefined} choose={() => {}} />);
    expect(screen.getAllByRole('button').map((one) => one.getAttribute('aria-pressed'))).toEqual(['false', 'false']);
  });
});
