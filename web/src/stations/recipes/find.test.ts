import { describe, expect, it } from 'vitest';
import { addressOf, type Card, choices, filterOf, find, noFilter } from './find';

const cost = { total: '4.00', flat: '0', perPortion: '1.00', complete: true, unknown: [] };

const card = (title: string, part: Partial<Card> = {}): Card => ({
  id: title,
  title,
  portions: 4,
  lines: 3,
  steps: 2,
  hands: 20,
  minutes: 60,
  styles: ['COOKED'],
  foods: [],
  tags: [],
  note: '',
  proteins: [],
  forms: [],
  allergens: [],
  allergensKnown: true,
  diets: [],
  gear: [],
  refused: 0,
  nextTimes: 0,
  inStock: 0,
  usesUp: [],
  cost,
  ...part,
});

const soup = card('Leek soup', {
  diets: ['VEGETARIAN', 'NO_PORK'],
  foods: ['leek', 'potato', 'cream'],
  tags: ['winter'],
  allergens: ['MILK'],
});
const chilli = card('Red bean chilli', {
  foods: ['dried kidney beans', 'minced beef'],
  note: 'for Sundays',
  forms: ['dry goods', 'raw mince and stew meat'],
  gear: ['BURNER'],
  hands: 45,
  liked: 16,
  inStock: 3,
  usesUp: ['minced beef'],
});
const bake = card('Fish bake', {
  foods: ['white fish', 'milk'],
  styles: ['COOKED', 'READY_TO_BAKE'],
  gear: ['OVEN'],
  cost: { ...cost, perPortion: '2.40' },
  allergensKnown: false,
  liked: 8,
  inStock: 1,
});
const name = card('Pancakes', { lines: 0, steps: 0, hands: 0, minutes: 0, allergensKnown: false });
const book = [soup, chilli, bake, name];
const titles = (part: Partial<typeof noFilter>) => find(book, { ...noFilter, ...part }).map((one) => one.title);

describe('finding a recipe', () => {
  it('shows all while nothing is asked', () => {
    expect(titles({})).toHaveLength(4);
  });

  it.each([
    ['leek', ['Leek soup']],
    ['LEEK  winter', ['Leek soup']],
    ['beans sundays', ['Red bean chilli']],
    ['milk', ['Fish bake']],
    ['leek beef', []],
    ['  ', ['Leek soup', 'Red bean chilli', 'Fish bake', 'Pancakes']],
    ['(', []],
  ])('looks for each word of “%s” in names, foods, tags and notes', (text, found) => {
    expect(titles({ text })).toEqual(found);
  });

  it('puts what uses up the most in front, when that is asked', () => {
    expect(titles({ onHand: 'some' })).toEqual(['Red bean chilli', 'Fish bake']);
    expect(titles({ onHand: 'soon' })).toEqual(['Red bean chilli']);
  });

  it('narrows by the form of the protein, the stop, and what it is cooked in', () => {
    expect(titles({ form: 'dry goods' })).toEqual(['Red bean chilli']);
    expect(titles({ style: 'READY_TO_BAKE' })).toEqual(['Fish bake']);
    expect(titles({ gear: 'OVEN' })).toEqual(['Fish bake']);
    expect(titles({ diet: 'VEGETARIAN' })).toEqual(['Leek soup']);
    expect(titles({ diet: 'VEGAN' })).toEqual([]);
  });

  it('narrows by minutes of hands: what has no steps has no minutes to be short', () => {
    expect(titles({ hands: '30' })).toEqual(['Leek soup', 'Fish bake']);
    expect(titles({ hands: 'soon' })).toHaveLength(4);
  });

  it('narrows by cost with a point or a comma', () => {
    expect(titles({ cost: '1,50' })).not.toContain('Fish bake');
    expect(titles({ cost: '2.40' })).toContain('Fish bake');
  });

  it('narrows by how it was', () => {
    expect(titles({ liked: 'again' })).toEqual(['Red bean chilli']);
    expect(titles({ liked: 'good' })).toEqual(['Red bean chilli']);
    expect(titles({ liked: 'unrated' })).toEqual(['Leek soup', 'Pancakes']);
  });

  it('leaves out what has an allergen, and what nobody can vouch for', () => {
    expect(titles({ without: ['MILK'] })).toEqual(['Red bean chilli']);
    expect(titles({ without: ['FISH'] })).toEqual(['Leek soup', 'Red bean chilli']);
  });

  it('comes back as it was left, whatever stands in the address', () => {
    const left = { ...noFilter, text: 'leek & cream', onHand: 'soon' as const, without: ['MILK', 'FISH'], hands: '20' };
    expect(filterOf(new URLSearchParams(addressOf(left)))).toEqual(left);
    expect(addressOf(noFilter)).toBe('');
    expect(filterOf(new URLSearchParams('onHand=nonsense&liked=x&other=1'))).toEqual(noFilter);
  });

  it('offers only what occurs in the book', () => {
    expect(choices(book, (one) => one.gear)).toEqual(['BURNER', 'OVEN']);
    expect(choices([], (one) => one.tags)).toEqual([]);
  });

  it('finds one among thousands', () => {
    const thousands = Array.from({ length: 2000 }, (_, i) => card(`Dish ${i}`, { foods: ['onion'] }));
    expect(find(thousands, { ...noFilter, text: '1999 onion' }).map((one) => one.title)).toEqual(['Dish 1999']);
  });
});
