import { describe, expect, it } from 'vitest';
import type { Schema } from '../../api/client';
import { askedOf, type Size, startSize } from './size';

const line = {
  problem: '',
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
};

const recipe: Schema['RecipeView'] = {
  id: 'x',
  title: 'Pot',
  portions: 6,
  n: 1,
  current: true,
  note: '',
  tags: [],
  alsoMakes: [],
  source: '',
  styles: ['COOKED'],
  flags: [],
  versions: [],
  work: { hands: 0, minutes: 0, spared: [], afresh: [] },
  nextTimes: [],
  look: [],
  cost: { total: '1', flat: '0', complete: true, unknown: [] },
  lines: [
    { ...line, text: 'salt', food: 'salt' },
    { ...line, text: '1 kg minced beef', food: 'minced beef', amount: '1 kg' },
    { ...line, text: '2 bay leaves', food: 'bay leaf', amount: '2 ×', rule: 'PER_VESSEL', ruleSaid: true },
  ],
  steps: [
    { text: 'Simmer.', handsMin: 5, waitMin: 40, typed: true, about: false, clock: '', gear: 'BURNER' },
    { text: 'Rest 10 min.', handsMin: 0, waitMin: 10, typed: false, about: false, clock: '', gear: 'HANDS' },
  ],
};

const person = (id: string, appetite: Schema['PersonView']['appetite'], active = true) => ({
  id,
  name: id,
  appetite,
  active,
  allergens: [],
  chilli: 1,
  dislikes: [],
  flags: [],
  portions: '1',
  version: 1,
});

const household = {
  measures: 'METRIC',
  cup: 'metric',
  tbsp: '15',
  people: [person('a', 'ADULT'), person('b', 'CHILD_9_TO_13'), person('c', 'UNDER_4', false)],
} as unknown as Schema['HouseholdView'];

const asked = (part: Partial<Size>) => askedOf({ ...startSize(recipe, 'METRIC'), ...part }, recipe, household);

describe('what the kitchen is asked for another size', () => {
  it('begins as written, in the measures of the household, with the first food that has an amount', () => {
    expect(startSize(recipe, 'US').system).toBe('us');
    expect(startSize(recipe, 'METRIC').food).toBe('minced beef');
    expect(asked({})?.to).toEqual({ factor: '1' });
  });

  it.each([
    [{ how: 'factor', value: '2.5' }, { factor: '2.5' }],
    [{ how: 'servings', value: '12' }, { servings: '12' }],
    [{ how: 'money', value: '15.00' }, { money: '15.00' }],
    [
      { how: 'food', value: '2.3 kg' },
      { food: 'minced beef', amount: '2.3 kg' },
    ],
    [{ how: 'batches', value: '1', freeze: '2' }, { batches: { eat: 1, freeze: 2 } }],
    [{ how: 'vessel', from: '9x13 in', value: '8x8 in' }, { vessel: { from: '9x13 in', to: '8x8 in' } }],
    [{ how: 'people', away: ['b'] }, { people: [{ age: 'adult' }] }],
    [{ how: 'people' }, { people: [{ age: 'adult' }, { age: '9-13' }] }],
  ] as [Partial<Size>, Schema['To']][])('says %o as the preview wants it', (size, to) => {
    expect(asked(size)?.to).toEqual(to);
  });

  it.each([
    { how: 'factor', value: ' ' },
    { how: 'food', value: '' },
    { how: 'vessel', value: '8x8 in', from: '' },
  ] as Partial<Size>[])('asks nothing while something is still to be typed: %o', (size) => {
    expect(asked(size)).toBeUndefined();
  });

  it('leaves pots and bags to the kitchen until they are typed, and nonsense to be told', () => {
    expect(asked({})).toMatchObject({ n: 1, vessels: undefined, bags: undefined, equipment: undefined });
    expect(asked({ pots: 'many', bags: '3', vessel: 'v' })).toMatchObject({ vessels: 'many', bags: 3, equipment: 'v' });
  });

  it('asks nothing of a recipe without lines', () => {
    expect(askedOf(startSize(recipe, 'METRIC'), { ...recipe, lines: [] }, household)).toBeUndefined();
  });
});
