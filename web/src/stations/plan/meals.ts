import type { Schema } from '../../api/client';

export type MealName = Schema['DayMealView']['meal'];
export type Kind = Schema['SlotView']['kind'];

export const kindWords: Record<Kind, string> = {
  COOK: 'cook',
  STOCK: 'from freezer or fridge',
  LEFTOVERS: 'leftovers',
  UNDECIDED: 'undecided',
  OUT: 'out',
};

export const kinds = Object.entries(kindWords) as [Kind, string][];
