import { fireEvent, screen, waitFor } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { dish, fortnight, kitchen, last, playKitchen, sent, show, thread } from './playedKitchen';
import { RunPicture } from './RunPicture';
import { dayOf, layout, size } from './runLayout';

playKitchen();

describe('the run, laid out', () => {
  const climb = (day: string, out?: string) => ({ day, meal: 'DINNER', at: `${day}T18:30`, portions: '4', out });
  const many = [
    thread('a', 'Lentil bolognese', 'FREEZER', '2026-11-23T17:30', {
      climbs: [climb('2026-11-25', '2026-11-24T22:00')],
    }),
    thread('b', 'Terrace fish pie for six', 'FREEZER', '2026-11-23T17:30', {
      climbs: [climb('2026-11-30', '2026-11-29T05:00')],
    }),
    thread('c', 'Goulash', 'FREEZER', '2026-11-28T10:00', { ahead: true, climbs: [climb('2026-12-04')] }),
    thread('d', 'Minestrone', 'FRIDGE', '2026-11-23T17:30', { until: '2026-11-27', frays: true }),
    thread('e', 'Roast', 'CUPBOARD', '2026-11-26T16:00', { ahead: true, climbs: [climb('2026-11-26')] }),
    thread('f', 'Noodles', 'CUPBOARD', '2026-11-27T18:00', { ahead: true, climbs: [climb('2026-11-27')] }),
  ];

  it('puts no two threads on one lane at the same time, each on its own shelf', () => {
    for (const room of [320, 700, 1100, 1400]) {
      const laid = layout(fortnight(many), room);
      expect(laid.threads).toHaveLength(many.length);
      for (const one of laid.threads) {
        const shelf = laid.shelves.find((place) => place.name === one.thread.shelf);
        expect(one.y).toBeGreaterThan(shelf?.y ?? 0);
        expect(one.y).toBeLessThan((shelf?.y ?? 0) + (shelf?.height ?? 0));
        expect(one.to).toBeLessThanOrEqual(laid.width);
        for (const other of laid.threads) {
          if (other !== one && other.y === one.y) {
            const apart = one.to < other.label || other.to < one.label || one.label !== other.label;
            expect(apart).toBe(true);
          }
        }
      }
    }
  });

  it('stacks its shelves without overlap and leaves every day the same width, summer time or not', () => {
    const laid = layout(fortnight(many), 1100);
    for (let i = 1; i < laid.shelves.length; i++) {
      const above = laid.shelves[i - 1];
      expect(laid.shelves[i]?.y).toBeGreaterThanOrEqual((above?.y ?? 0) + (above?.height ?? 0));
    }
    const widths = laid.threads.length > 0 ? [...Array(13).keys()] : [];
    for (const i of widths) {
      const day = (n: number) => `2026-11-${23 + n > 30 ? 30 : 23 + n}`;
      expect(laid.x(day(i + 1)) - laid.x(day(i))).toBeCloseTo(23 + i + 1 > 30 ? 0 : laid.column);
    }
    expect(laid.x('2026-11-23')).toBe(size.left);
  });
});

describe('one day of the run', () => {
  const climb = (day: string, out?: string) => ({ day, meal: 'DINNER', at: `${day}T18:30`, portions: '4', out });
  const plan = fortnight([
    thread('pie', 'Fish pie', 'FREEZER', '2026-11-23T17:30', { climbs: [climb('2026-11-26', '2026-11-24T22:00')] }),
    thread('soup', 'Soup', 'FRIDGE', '2026-11-23T17:30', { until: '2026-11-25' }),
    thread('roast', 'Roast', 'CUPBOARD', '2026-11-26T16:00', { ahead: true, climbs: [climb('2026-11-26')] }),
    thread('pot', 'Pot', 'FRIDGE', '2026-11-25T10:00', {
      ahead: true,
      climbs: [climb('2026-11-26'), climb('2026-11-27')],
    }),
  ]);
  const on = (day: string) => dayOf(plan, day).threads.map((one) => [one.name, (one as { note?: string }).note]);

  it('has what lies on its shelves that day, and for when', () => {
    expect(on('2026-11-23')).toEqual([
      ['Fish pie', 'Thu 26 Nov'],
      ['Soup', undefined],
    ]);
    expect(on('2026-11-25').map(([name]) => name)).toEqual(['Fish pie', 'Soup', 'Pot']);
    expect(on('2026-11-26')).toEqual([
      ['Fish pie', undefined],
      ['Roast', undefined],
      ['Pot', undefined],
    ]);
    expect(on('2026-11-27')).toEqual([['Pot', undefined]]);
    expect(on('2026-11-28')).toEqual([]);
  });

  it('is chosen on a phone, with what its week costs', async () => {
    vi.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(358);
    show(<RunPicture plan={fortnight([], { 1: { dishes: [dish('Goulash', 'g')] } })} open={vi.fn()} />);
    expect(screen.getAllByRole('button', { name: /dinner/ })).toHaveLength(1);
    fireEvent.click(screen.getByRole('button', { name: 'Tue 24 Nov' }));
    expect(screen.getByRole('button', { name: 'Tue 24 Nov, dinner: Goulash' })).toBeTruthy();
    expect(screen.getByText(/7\.10/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Tue 1 Dec' }));
    expect(screen.getByText(/no price yet/)).toBeTruthy();
  });

  it('takes a meal dragged onto another day', async () => {
    vi.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(358);
    kitchen.answers['/api/plan/try'] = fortnight([], {});
    show(<RunPicture plan={fortnight([], { 0: { dishes: [dish('Goulash', 'g')] } })} open={vi.fn()} />);
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

describe('the run, drawn', () => {
  const slots = { 1: { dishes: [dish('Goulash', 'g')] }, 3: { dishes: [dish('Roast', 'r')] } };
  const stop = { level: 'STOP', words: 'mince keeps to Tue 24 Nov', why: '' } as const;

  it('opens a meal by a tap and says what does not hold', () => {
    const open = vi.fn();
    show(<RunPicture plan={fortnight([], slots, [stop])} open={open} />);
    fireEvent.click(screen.getByRole('button', { name: 'Tue 24 Nov, dinner: Goulash, does not hold' }));
    expect(open).toHaveBeenCalledWith('2026-11-24', 'DINNER');
    expect(screen.getByRole('button', { name: 'Wed 25 Nov, dinner: open' })).toBeTruthy();
  });

  it('moves a meal by the arrow keys: tried while it moves, done with Enter, left with Escape', async () => {
    kitchen.answers['/api/plan/try'] = fortnight([], { 2: { dishes: [dish('Goulash', 'g')] } });
    show(<RunPicture plan={fortnight([], slots)} open={vi.fn()} />);
    const goulash = () => screen.getByRole('button', { name: /Tue 24 Nov, dinner/ });
    fireEvent.keyDown(goulash(), { key: 'ArrowRight' });
    await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/plan/try'));
    expect(last()).toEqual({
      from: { day: '2026-11-24', meal: 'DINNER' },
      to: { day: '2026-11-25', meal: 'DINNER' },
    });
    await screen.findByText('holds');
    fireEvent.keyDown(goulash(), { key: 'Escape' });
    expect(screen.queryByText('holds')).toBeNull();
    fireEvent.keyDown(goulash(), { key: 'ArrowRight' });
    fireEvent.keyDown(goulash(), { key: 'ArrowRight' });
    fireEvent.keyDown(goulash(), { key: 'Enter' });
    await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/plan/move'));
    expect(last()).toMatchObject({ to: { day: '2026-11-26', meal: 'DINNER' } });
  });
});
