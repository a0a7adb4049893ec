import type { Schema, Style } from '../api/client';
import type { operations } from '../api/schema';

type Diet = NonNullable<NonNullable<operations['book']['parameters']['query']>['diet']>;
type Gear = Schema['StepView']['gear'];

const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' });
const year = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' });
const month = new Intl.DateTimeFormat('en-GB', { month: 'short', year: 'numeric', timeZone: 'UTC' });

const at = (iso: string) => new Date(`${iso.slice(0, 10)}T00:00:00Z`);

/** "Thu 26 Nov"; the locale's comma is left out. */
export const shortDay = (iso: string) => day.format(at(iso)).replace(',', '');

/** "Tue 24"; the month only where it begins. */
export const ribbonDay = (iso: string) =>
  iso.endsWith('-01') ? shortDay(iso) : shortDay(iso).replace(/ \p{L}+$/u, '');

export const fullDay = (iso: string) => year.format(at(iso));

/** "17:10", with the day when it is another one than this. */
export const clockTime = (iso: string, of: string) =>
  iso.slice(11, 16) + (iso.slice(0, 10) === of.slice(0, 10) ? '' : ` on ${shortDay(iso)}`);

/** A limit is told by its day, a matter of taste by its month. */
export const until = (words: string, date: string) =>
  words === 'eat by' ? `eat by ${shortDay(date)}` : `best before ${month.format(at(date))}`;

/** The core's words for a style. */
export const styleWords: Record<Style, string> = {
  COOKED: 'cooked',
  READY_TO_BAKE: 'ready to bake',
  RAW_BAG: 'raw bag',
  PLAIN_PART: 'plain part',
  SINGLE_BOXES: 'single boxes',
};

/** Hues of tape, each in two shades: neighbours are seldom alike, and dark words stand out on all of them. */
const HUES = 12;
const SHADES = ['0.87 0.055', '0.8 0.07'];

/** The same tape colour for the same batch, everywhere. */
export function tapeColour(of: string): string {
  let sum = 0;
  for (const letter of of) {
    sum = (sum * 31 + (letter.codePointAt(0) ?? 0)) % 9973;
  }
  const hue = ((sum % HUES) * 360) / HUES;
  return `oklch(${SHADES[Math.floor(sum / HUES) % SHADES.length]} ${hue})`;
}

/** The whole number as typed, for the server to judge; `blank` for an empty field. What is no number goes as it was typed. */
export const whole = <B>(text: string, blank: B): number | B => {
  const typed = text.trim();
  return typed === '' ? blank : /^-?\d{1,9}$/.test(typed) ? Number(typed) : (typed as unknown as number);
};

/** Portions as typed, "3.2" or "3,2"; anything else is sent as it is, for the server to say what is wrong. */
export const portionsOf = <B>(text: string, blank: B): number | B => {
  const typed = text.trim();
  return /^\d{1,5}[.,]\d{1,6}$/.test(typed) ? Number(typed.replace(',', '.')) : whole(typed, blank);
};

/** "1 plate", "2 plates"; a part of one is no plural's business. */
export const counted = (many: number | string, one: string) => `${many} ${one}${Number(many) === 1 ? '' : 's'}`;

export const dietWords: Record<Diet, string> = {
  VEGETARIAN: 'vegetarian',
  VEGAN: 'vegan',
  NO_MEAT: 'no meat, fish is fine',
  NO_PORK: 'no pork',
  NO_BEEF: 'no beef',
  HALAL: 'halal',
  KOSHER: 'kosher',
};

/** What a step keeps busy. */
export const gearWords: Record<Gear, string> = {
  PRESSURE_COOKER: 'pressure cooker',
  SLOW_COOKER: 'slow cooker',
  HOT_AIR: 'hot-air drawer',
  SMOKER: 'smoker',
  OVEN: 'oven',
  MICROWAVE: 'microwave',
  COLD: 'cold',
  BURNER: 'burner',
  KETTLE: 'kettle',
  HANDS: 'hands',
};

/** A number as long as it can be read: "0.547009" is 0.55, "2" stays 2. */
export const shortNumber = (decimal: string) => String(Number(Number(decimal).toFixed(2)));

/** "1 h 20 min". */
export const minuteWords = (minutes: number) =>
  minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h${minutes % 60 === 0 ? '' : ` ${minutes % 60} min`}`;

/** What each meal of a day is called. */
export const mealWords: Record<Schema['MealView']['meal'], string> = {
  BREAKFAST: 'breakfast',
  BOXES: 'boxes',
  LUNCH: 'lunch',
  SNACK: 'snack',
  DINNER: 'dinner',
  SUPPER: 'supper',
};
