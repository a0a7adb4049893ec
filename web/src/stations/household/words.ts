import type { Schema } from '../../api/client';

type Person = Schema['PersonView'];

export const appetiteWords: Record<Person['appetite'], string> = {
  ADULT: 'adult',
  TEENAGER: 'teenager',
  CHILD_9_TO_13: 'child, 9 to 13',
  CHILD_4_TO_8: 'child, 4 to 8',
  UNDER_4: 'under 4',
};

export const allergenWords: Record<Person['allergens'][number], string> = {
  GLUTEN: 'gluten',
  CRUSTACEANS: 'crustaceans',
  EGGS: 'eggs',
  FISH: 'fish',
  PEANUTS: 'peanuts',
  SOYA: 'soya',
  MILK: 'milk',
  NUTS: 'nuts',
  CELERY: 'celery',
  MUSTARD: 'mustard',
  SESAME: 'sesame',
  SULPHITES: 'sulphites',
  LUPIN: 'lupin',
  MOLLUSCS: 'molluscs',
  WHEAT: 'wheat',
};

export const countryWords = { UK: 'the UK', EU: 'the EU', US: 'the US' } as const;

export const flagWords: Record<Person['flags'][number], string> = {
  UNDER_12_MONTHS: 'under 12 months',
  PREGNANT: 'pregnant',
  FRAIL: 'frail',
};

export const chilliWords = { '0': 'none', '1': 'a little', '2': 'medium', '3': 'as it comes' } as const;

export const placeWords: Record<Schema['PlaceName']['kind'], string> = {
  CUPBOARD: 'cupboard shelf',
  COUNTER: 'kitchen counter',
  FRIDGE: 'fridge',
  FREEZER: 'freezer drawer',
};

export const equipmentWords: Record<Schema['EquipmentView']['kind'], string> = {
  POT: 'pot',
  PAN: 'pan',
  OVEN: 'oven',
  TRAY: 'oven tray or tin',
  SLOW_COOKER: 'slow cooker',
  PRESSURE_COOKER: 'pressure cooker',
  BURNER: 'burner',
};
