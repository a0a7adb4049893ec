import { newKey, type Schema } from '../../api/client';

/** How a part is measured: always meat, but for what lies in the tray. */
export type How = 'percent' | 'grams' | 'portions';

export type Part = {
  key: string;
  name: string;
  tray: boolean;
  how: How;
  value: string;
  portionGrams: string;
  plates: string;
  extender: string;
  form: string;
  eatOn: string;
  freeze: boolean;
  costPercent: string;
};

export type Form = {
  id: string | undefined;
  version: number;
  lot: string | undefined;
  rawEatBy: string | undefined;
  food: string;
  weight: string;
  price: string;
  cookedYield: string;
  method: string;
  cookOn: string;
  parts: Part[];
};

export const emptyPart = (more: Partial<Part> = {}): Part => ({
  key: newKey(),
  name: '',
  tray: false,
  how: 'percent',
  value: '',
  portionGrams: '',
  plates: '',
  extender: '',
  form: 'shredded',
  eatOn: '',
  freeze: false,
  costPercent: '',
  ...more,
});

export const emptyForm = (more: Partial<Form> = {}): Form => ({
  id: undefined,
  version: 0,
  lot: undefined,
  rawEatBy: undefined,
  food: '',
  weight: '',
  price: '',
  cookedYield: '',
  method: 'weight',
  cookOn: '',
  parts: [],
  ...more,
});

const typed = (text: string) => (text.trim() === '' ? undefined : text.trim());

const asked = (part: Part): Schema['ShareAsked'] => ({
  name: part.name.trim(),
  part: part.tray ? 'by-product' : 'meat',
  percent: !part.tray && part.how === 'percent' ? typed(part.value) : undefined,
  grams: !part.tray && part.how === 'grams' ? typed(part.value) : undefined,
  portions: !part.tray && part.how === 'portions' ? typed(part.value) : undefined,
  portionGrams: !part.tray && part.how === 'portions' ? typed(part.portionGrams) : undefined,
  costPercent: part.tray ? typed(part.costPercent) : undefined,
  plates: typed(part.plates),
  form: part.tray ? 'stock' : part.form,
  extender: part.extender,
  eatOn: typed(part.eatOn),
  freeze: part.freeze,
});

/** Parts that say how much: the others are still being typed. */
export const filled = (form: Form) => form.parts.filter((part) => part.tray || part.value.trim() !== '');

/** What the preview call and the station are asked. */
export const askedOf = (form: Form): Schema['StretchAsked'] => ({
  food: form.food,
  weight: form.weight,
  price: form.price,
  cookedYield: typed(form.cookedYield),
  method: form.method,
  cookOn: typed(form.cookOn),
  rawEatBy: form.rawEatBy,
  shares: filled(form).map(asked),
});

export const formOf = (stored: Schema['StretchView']): Form => ({
  id: stored.id,
  version: stored.version,
  lot: stored.lot,
  rawEatBy: stored.rawEatBy,
  food: stored.asked.food,
  weight: stored.asked.weight,
  price: stored.asked.price,
  cookedYield: stored.asked.cookedYield ?? '',
  method: stored.asked.method ?? 'weight',
  cookOn: stored.asked.cookOn ?? '',
  parts: stored.asked.shares.map((share) =>
    emptyPart({
      name: share.name,
      tray: share.part !== undefined && share.part !== 'meat',
      how: share.grams ? 'grams' : share.portions ? 'portions' : 'percent',
      value: share.percent ?? share.grams ?? share.portions ?? '',
      portionGrams: share.portionGrams ?? '',
      plates: share.plates ?? '',
      extender: share.extender ?? '',
      form: share.form ?? 'shredded',
      eatOn: share.eatOn ?? '',
      freeze: share.freeze ?? false,
      costPercent: share.costPercent ?? '',
    }),
  ),
});
