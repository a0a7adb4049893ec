import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { ComponentProps } from 'react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import { dish, fortnight, kitchen, last, playKitchen, sent, show, thread } from './playedKitchen';
import { Weeks as Bare } from './Weeks';

playKitchen();

const Weeks = (props: ComponentProps<typeof Bare>) => (
  <MemoryRouter>
    <Bare {...props} />
  </MemoryRouter>
);

const climb = (day: string, out?: string) => ({ day, meal: 'DINNER', at: `${day}T18:30`, portions: '4', out });
const slots = { 1: { dishes: [dish('Goulash', 'g')] }, 3: { dishes: [dish('Roast', 'r')] } };
const stop = { level: 'STOP', words: 'mince keeps to Tue 24 Nov', why: '' } as const;

describe('the weeks', () => {
  it('name each dish on its plate, open it by a tap and say what does not hold', () => {
    const open = vi.fn();
    show(<Weeks plan={fortnight([], slots, [stop])} open={open} />);
    fireEvent.click(screen.getByRole('button', { name: 'Tue 24 Nov, dinner: Goulash, does not hold' }));
    expect(open).toHaveBeenCalledWith('2026-11-24', 'DINNER');
    expect(screen.getByText('mince keeps to Tue 24 Nov')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Wed 25 Nov, dinner: open' })).toBeTruthy();
  });

  it('lay on the boards what is eaten, say on which evening it is taken out, and what is bought', () => {
    const plan = fortnight([
      thread('pie', 'Fish pie', 'FREEZER', '2026-11-23T17:30', { climbs: [climb('2026-11-26', '2026-11-25T16:40')] }),
      thread('pot', 'Pot', 'FRIDGE', '2026-11-25T10:00', { ahead: true, until: '2026-11-28', climbs: [] }),
      thread('later', 'Later', 'FREEZER', '2026-11-23T17:30', { climbs: [climb('2026-12-05')] }),
    ]);
    show(<Weeks plan={plan} open={vi.fn()} />);
    expect(screen.getByText(/take out Fish pie/).textContent).toContain('16:40');
    expect(screen.getByText('out Wed 25 16:40')).toBeTruthy();
    expect(screen.getByText(/cooked Wed 25 to Sat 28/)).toBeTruthy();
    expect(screen.getByText('for Sat 5')).toBeTruthy();
    expect(screen.getAllByText(/parsley/)).toHaveLength(1);
  });

  it('move a meal by m and the arrow keys: tried while it moves, done with Enter, left with Escape', async () => {
    kitchen.answers['/api/plan/try'] = fortnight([], { 2: { dishes: [dish('Goulash', 'g')] } });
    show(<Weeks plan={fortnight([], slots)} open={vi.fn()} />);
    const goulash = () => screen.getByRole('button', { name: /Tue 24 Nov, dinner/ });
    fireEvent.keyDown(goulash(), { key: 'ArrowRight' });
    expect(sent.some((one) => one.path === '/api/plan/try')).toBe(false);
    fireEvent.keyDown(goulash(), { key: 'm' });
    fireEvent.keyDown(goulash(), { key: 'ArrowRight' });
    await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/plan/try'));
    expect(last()).toEqual({
      from: { day: '2026-11-24', meal: 'DINNER' },
      to: { day: '2026-11-25', meal: 'DINNER' },
    });
    await screen.findByText('holds');
    fireEvent.keyDown(goulash(), { key: 'Escape' });
    expect(screen.queryByText('holds')).toBeNull();
    fireEvent.keyDown(goulash(), { key: 'm' });
    fireEvent.keyDown(goulash(), { key: 'ArrowRight' });
    fireEvent.keyDown(goulash(), { key: 'ArrowRight' });
    fireEvent.keyDown(goulash(), { key: 'Enter' });
    await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/plan/move'));
    expect(last()).toMatchObject({ to: { day: '2026-11-26', meal: 'DINNER' } });
  });

  it('put a dish that is there on the plate that is tapped next', async () => {
    show(<Weeks plan={fortnight([])} open={vi.fn()} />);
    const packet = screen.getByRole('button', { name: 'Goulash, 6 free: put it on a plate' });
    fireEvent.pointerDown(packet, { button: 0 });
    await screen.findByText(/in your hand/);
    fireEvent.click(screen.getByRole('button', { name: 'Fri 27 Nov, dinner: open' }));
    await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/plan/put'));
    expect(last()).toEqual({ to: { day: '2026-11-27', meal: 'DINNER' }, batch: 'b1' });
  });

  it('on a phone open one day, and take a meal dragged onto another', async () => {
    vi.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(358);
    kitchen.answers['/api/plan/try'] = fortnight([], {});
    show(<Weeks plan={fortnight([], { 0: { dishes: [dish('Goulash', 'g')] } })} open={vi.fn()} />);
    expect(screen.getAllByRole('button', { name: /dinner/ })).toHaveLength(1);
    const meal = screen.getByRole('button', { name: 'Mon 23 Nov, dinner: Goulash' });
    document.elementFromPoint = () => screen.getByRole('button', { name: 'Fri 27 Nov' });
    fireEvent.pointerDown(meal, { button: 0 });
    fireEvent.pointerMove(meal);
    await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/plan/try'));
    fireEvent.pointerUp(meal);
    await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/plan/move'));
    expect(last()).toMatchObject({ to: { day: '2026-11-27', meal: 'DINNER' } });
  });
});
