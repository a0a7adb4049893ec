import type { Schema } from '../../api/client';
import type { operations } from '../../api/schema';

export type Card = Schema['RecipeCard'];
type Query = NonNullable<operations['book']['parameters']['query']>;

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

const onHands = ['all', 'some', 'soon'];
const likes = ['all', 'good', 'again', 'unrated'];

/** What an address says of the filter, so that going back to the book finds it as it was left. */
export function filterOf(address: URLSearchParams): Filter {
  const said = Object.fromEntries([...address].filter(([key]) => key in noFilter));
  const { without, onHand: hand, liked: how, ...rest } = said;
  return {
    ...noFilter,
    ...rest,
    onHand: hand !== undefined && onHands.includes(hand) ? (hand as Filter['onHand']) : 'all',
    liked: how !== undefined && likes.includes(how) ? (how as Filter['liked']) : 'all',
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

/** What the kitchen is asked for; what is not narrowed is left out. */
export function queryOf(filter: Filter): Query {
  const set = <T extends string>(value: string) => (value === '' ? undefined : (value as T));
  const hands = /^\d{1,9}$/.test(filter.hands.trim()) ? Number(filter.hands) : undefined;
  return {
    text: filter.text.trim(),
    onHand: filter.onHand.toUpperCase() as Query['onHand'],
    form: set(filter.form),
    style: set(filter.style),
    gear: set(filter.gear),
    diet: set(filter.diet),
    hands,
    cost: /^\d+([.,]\d+)?$/.test(filter.cost.trim()) ? filter.cost.trim().replace(',', '.') : undefined,
    liked: filter.liked.toUpperCase() as Query['liked'],
    without: filter.without as Query['without'],
  };
}
