import type { Schema } from '../../api/client';

export type Card = Schema['RecipeCard'];

/** What the book is narrowed down to; an empty choice narrows nothing. */
export type Filter = {
  text: string;
  onHand: 'all' | 'some' | 'soon';
  form: string;
  style: string;
  gear: string;
  diet: string;
  hands: string;
  cost: string;
  liked: 'all' | 'good' | 'again' | 'unrated';
  without: string[];
};

export const noFilter: Filter = {
  text: '',
  onHand: 'all',
  form: '',
  style: '',
  gear: '',
  diet: '',
  hands: '',
  cost: '',
  liked: 'all',
  without: [],
};

/** What an address says of the filter, so that going back to the book finds it as it was left. */
export function filterOf(address: URLSearchParams): Filter {
  const said = Object.fromEntries([...address].filter(([key]) => key in noFilter));
  const { without, onHand: hand, liked: how, ...rest } = said;
  return {
    ...noFilter,
    ...rest,
    onHand: hand !== undefined && hand in onHand ? (hand as Filter['onHand']) : 'all',
    liked: how !== undefined && how in liked ? (how as Filter['liked']) : 'all',
    without: without ? without.split(' ') : [],
  };
}

/** The address of a filter: only what narrows. */
export function addressOf(filter: Filter): string {
  const narrows = Object.entries({ ...filter, without: filter.without.join(' ') }).filter(
    ([key, value]) => value !== '' && value !== noFilter[key as keyof Filter],
  );
  return new URLSearchParams(narrows).toString();
}

/** Each word typed must be somewhere: in the name, a food, a tag or the note. */
const says = (card: Card, words: string[]) => {
  const text = [card.title, ...card.foods, ...card.tags, card.note].join(' ').toLowerCase();
  return words.every((word) => text.includes(word));
};

const below = (value: number | undefined, most: string) => {
  const limit = Number(most.replace(',', '.'));
  return most.trim() === '' || Number.isNaN(limit) || (value !== undefined && value <= limit);
};

const liked: Record<Filter['liked'], (card: Card) => boolean> = {
  all: () => true,
  good: (card) => (card.liked ?? -1) >= 10,
  again: (card) => (card.liked ?? -1) >= 15,
  unrated: (card) => card.liked === undefined,
};

const onHand: Record<Filter['onHand'], (card: Card) => boolean> = {
  all: () => true,
  some: (card) => card.inStock > 0,
  soon: (card) => card.usesUp.length > 0,
};

/** The cards that fit, those that use up what will spoil first when that is asked. */
export function find(cards: Card[], filter: Filter): Card[] {
  const words = filter.text.toLowerCase().split(/\s+/).filter(Boolean);
  const found = cards.filter(
    (card) =>
      says(card, words) &&
      onHand[filter.onHand](card) &&
      liked[filter.liked](card) &&
      (filter.form === '' || card.forms.includes(filter.form)) &&
      (filter.style === '' || card.styles.some((style) => style === filter.style)) &&
      (filter.gear === '' || card.gear.some((gear) => gear === filter.gear)) &&
      (filter.diet === '' || card.diets.some((diet) => diet === filter.diet)) &&
      below(card.steps > 0 ? card.hands : undefined, filter.hands) &&
      below(card.cost.perPortion ? Number(card.cost.perPortion) : undefined, filter.cost) &&
      (filter.without.length === 0 ||
        (card.allergensKnown && !card.allergens.some((allergen) => filter.without.includes(allergen)))),
  );
  return filter.onHand === 'all'
    ? found
    : found.sort((a, b) => b.usesUp.length - a.usesUp.length || b.inStock - a.inStock);
}

/** Everything that occurs in the book, in order, to choose from. */
export const choices = (cards: Card[], of: (card: Card) => string[]) => [...new Set(cards.flatMap(of))].sort();
