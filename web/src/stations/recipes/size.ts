import type { Schema } from '../../api/client';
import { whole } from '../../kit/words';

type Recipe = Schema['RecipeView'];
type Person = Schema['PersonView'];

/** By what a recipe is brought to another size. */
export const howWords = {
  factor: 'times as written',
  servings: 'portions',
  people: 'who eats',
  batches: 'eat now and freeze',
  food: 'what is in hand',
  vessel: 'the pan in hand',
  money: 'money there is',
} as const;

export type Size = {
  how: keyof typeof howWords;
  value: string;
  food: string;
  freeze: string;
  away: string[];
  from: string;
  pots: string;
  vessel: string;
  bags: string;
  system: 'us' | 'metric' | 'weight';
};

export const startSize = (recipe: Recipe, measures: string | undefined): Size => ({
  how: 'factor',
  value: '1',
  food: recipe.lines.find((line) => line.amount)?.food ?? '',
  freeze: '1',
  away: [],
  from: '',
  pots: '',
  vessel: '',
  bags: '',
  system: measures === 'US' ? 'us' : 'metric',
});

const ages: Record<Person['appetite'], string> = {
  ADULT: 'adult',
  TEENAGER: 'teenager',
  CHILD_9_TO_13: '9-13',
  CHILD_4_TO_8: '4-8',
  UNDER_4: 'under 4',
};

function to(size: Size, people: Person[]): Schema['To'] | undefined {
  const typed = size.value.trim();
  switch (size.how) {
    case 'people':
      return {
        people: people.filter((one) => !size.away.includes(one.id)).map((one) => ({ age: ages[one.appetite] })),
      };
    case 'batches':
      return { batches: { eat: whole(typed, 1), freeze: whole(size.freeze, 1) } };
    case 'food':
      return typed ? { food: size.food, amount: typed } : undefined;
    case 'vessel':
      return typed && size.from.trim() ? { vessel: { from: size.from, to: typed } } : undefined;
    default:
      return typed ? { [size.how]: typed } : undefined;
  }
}

/** What the kitchen is asked; nothing while something is still to be typed. */
export function askedOf(
  size: Size,
  recipe: Recipe,
  household: Schema['HouseholdView'] | undefined,
): Schema['SizeAsked'] | undefined {
  const wanted = to(size, household?.people.filter((one) => one.active) ?? []);
  if (!household || !wanted || recipe.lines.length === 0) {
    return undefined;
  }
  return {
    n: recipe.n,
    to: wanted,
    vessels: whole(size.pots, undefined),
    bags: whole(size.bags, undefined),
    system: size.system,
    equipment: size.vessel === '' ? undefined : size.vessel,
  };
}
