import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Schema } from '../../api/client';
import { Flags } from './About';
import { BigLines } from './BigLines';
import { Steps } from './Steps';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const shown = (what: ReactNode) =>
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { enabled: false } } })}>
      <MemoryRouter>{what}</MemoryRouter>
    </QueryClientProvider>,
  );

const line: Schema['LineView'] = {
  text: '2 cups rice',
  problem: '',
  amount: '2 cups',
  food: 'long-grain rice',
  known: true,
  preparation: '',
  cost: '0.80',
  costComplete: true,
  from: 'STOCK',
  why: '',
  heldBackIn: [],
  instead: [],
  also: [],
  made: [],
  path: ['2 cups', '473.18 ml', '370 g'],
  sources: ['a table'],
  rule: 'LINEAR',
  ruleSaid: false,
};

const work: Schema['WorkView'] = { hands: 5, minutes: 20, spared: [], afresh: [] };
const recipe = { lines: [line] } as unknown as Schema['RecipeView'];

const scaled = (part: Partial<Schema['ScaledView']>): Schema['Scaled'] => ({
  factor: '3',
  portions: '12',
  vessels: 1,
  lines: [{ text: '6 cups rice', exact: '6', unit: 'cup', rule: 'linear', errorPercent: '0', why: '', ...part }],
  steps: [],
  warnings: [],
});

describe('the lines on the counter page', () => {
  it('shows the amount at the new size, and what was written on demand', () => {
    shown(<BigLines recipe={recipe} scaled={scaled({})} bags={1} measured={false} />);
    expect(screen.getByText('6 cups rice')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'as written' }));
    expect(screen.getByText('2 cups rice')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'back to × 3' }));
    expect(screen.getByText('6 cups rice')).toBeTruthy();
  });

  it('opens a line for its path, source and exact amount', () => {
    shown(<BigLines recipe={recipe} scaled={scaled({ errorPercent: '1.2' })} bags={1} measured={false} />);
    fireEvent.click(screen.getByRole('button', { name: '6 cups rice' }));
    expect(screen.getByText(/2 cups\s+→\s+473.18 ml\s+→\s+370 g/)).toBeTruthy();
    expect(screen.getByText(/exactly 6 cup · the kitchen measure is 1.2 % off/)).toBeTruthy();
  });

  it('says each bag and all together', () => {
    shown(<BigLines recipe={recipe} scaled={scaled({ each: '2 cups rice' })} bags={3} measured={false} />);
    expect(screen.getByText(/each · all together 6 cups rice/)).toBeTruthy();
  });

  it('says why a line does not simply grow', () => {
    shown(
      <BigLines recipe={recipe} scaled={scaled({ why: '480 ml boil away from the pot' })} bags={1} measured={false} />,
    );
    expect(screen.getByText('480 ml boil away from the pot')).toBeTruthy();
  });
});

describe('the steps', () => {
  const steps: Schema['StepView'][] = [
    { text: 'Chop.', handsMin: 12, waitMin: 0, typed: true, about: false, clock: '', gear: 'HANDS' },
    {
      text: 'Bake at 180 °C.',
      handsMin: 2,
      waitMin: 90,
      typed: true,
      about: false,
      clock: '',
      gear: 'OVEN',
      heat: '180 °C',
      stop: 'COOKED',
    },
  ];

  it('add up to hands and all, and say what they keep busy', () => {
    shown(<Steps work={work} steps={steps} scaled={undefined} />);
    expect(screen.getByText('14 min')).toBeTruthy();
    expect(screen.getByText('1 h 44 min')).toBeTruthy();
    expect(screen.getByText('2 min of hands · 1 h 30 min alone · oven · 180 °C')).toBeTruthy();
    expect(screen.getByText('can stop here: cooked')).toBeTruthy();
  });

  it('show the minutes at the new size beside those written', () => {
    const times = [
      { text: 'Chop.', handsMin: 30, waitMin: 0, why: '' },
      { text: 'Bake', handsMin: 2, waitMin: 180, why: '2 loads one after the other' },
    ];
    shown(<Steps work={work} steps={steps} scaled={times} />);
    expect(screen.getByText('30 min of hands, 12 as written')).toBeTruthy();
    expect(screen.getByText('2 loads one after the other')).toBeTruthy();
  });

  it('fall away for what is done already, and a dish made afresh comes first', () => {
    const done = {
      ...work,
      spared: [{ step: 0, whole: true, why: 'frozen diced onion is there: no need to dice' }],
      afresh: [{ line: 0, dish: 'Pizza dough', hands: 10, minutes: 70 }],
    };
    shown(<Steps work={done} steps={steps} scaled={undefined} />);
    expect(screen.getByText('Chop.').className).toBe('line-through');
    expect(screen.getByText('frozen diced onion is there: no need to dice')).toBeTruthy();
    expect(screen.getByText('First: make Pizza dough')).toBeTruthy();
    expect(screen.getByText('by its own recipe, 10 min of hands, 1 h 10 min in all')).toBeTruthy();
  });

  it('say so when there are none', () => {
    shown(<Steps work={work} steps={[]} scaled={undefined} />);
    expect(screen.getByText('No steps yet.')).toBeTruthy();
  });
});

describe('what to look at', () => {
  const flag = (kind: Schema['FlagView']['kind'], what: string): Schema['FlagView'] => ({
    kind,
    what,
    why: 'because',
    source: 'own definition',
  });

  it('shows what is serious at once and small things on demand', () => {
    shown(<Flags flags={[flag('SAFETY', 'beans go raw'), flag('UNUSED', 'no use')]} />);
    expect(screen.getByText(/beans go raw/)).toBeTruthy();
    expect(screen.queryByText(/no use/)).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Small things to look at: 1' }));
    expect(screen.getByText(/no use/)).toBeTruthy();
  });

  it('is not there when all is well', () => {
    const { container } = shown(<Flags flags={[]} />);
    expect(container.innerHTML).toBe('');
  });
});
