import { newKey, type Schema } from '../../api/client';

/** How a part is measured: always meat, but for what lies in the tray. */
export type How = 'percent' | 'grams' | 'portions' | 'pieces';

export type Part = {
  key: string;
  name: string;
  tray: boolean;
  how: How;
  value: string;
  portionGrams: string;
  pieceGrams: string;
  plates: string;
  extender: string;
  form: string;
  eatOn: string;
  meal: NonNullable<Schema['ShareAsked']['meal']>;
  freeze: boolean;
  costPercent: string;
  valuePerKg: string;
  season: string;
  locked: boolean;
};

export type Form = {
  id: string | undefined;
  version: number;
  lot: string | undefined;
  moreLots: string[];
  rawEatBy: string | undefined;
  food: string;
  weight: string;
  price: string;
  cookedYield: string;
  method: string;
  cookOn: string;
  raw: boolean;
  inputs: string;
  open: boolean;
  /** Whether the liquid of the pot goes back into the parts. */
  back: boolean;
  fat: string;
  vessels: string;
  parts: Part[];
};

export const emptyPart = (more: Partial<Part> = {}): Part => ({
  key: newKey(),
  name: '',
  tray: false,
  how: 'percent',
  value: '',
  portionGrams: '',
  pieceGrams: '',
  plates: '',
  extender: '',
  form: 'shredded',
  eatOn: '',
  meal: 'DINNER',
  freeze: false,
  costPercent: '',
  valuePerKg: '',
  season: '',
  locked: false,
  ...more,
});

export const emptyForm = (more: Partial<Form> = {}): Form => ({
  id: undefined,
  version: 0,
  lot: undefined,
  moreLots: [],
  rawEatBy: undefined,
  food: '',
  weight: '',
  price: '',
  cookedYield: '',
  method: 'weight',
  cookOn: '',
  raw: false,
  inputs: '',
  open: false,
  back: false,
  fat: '',
  vessels: '1',
  parts: [],
  ...more,
});

const typed = (text: string | undefined) => (text === undefined || text.trim() === '' ? undefined : text.trim());

const asked = (part: Part): Schema['ShareAsked'] => ({
  name: part.name.trim(),
  part: part.tray ? 'by-product' : 'meat',
  percent: !part.tray && part.how === 'percent' ? typed(part.value) : undefined,
  grams: part.tray || part.how === 'grams' ? typed(part.value) : undefined,
  portions: !part.tray && part.how === 'portions' ? typed(part.value) : undefined,
  portionGrams: !part.tray && part.how === 'portions' ? typed(part.portionGrams) : undefined,
  pieces: !part.tray && part.how === 'pieces' ? typed(part.value) : undefined,
  pieceGrams: !part.tray && part.how === 'pieces' ? typed(part.pieceGrams) : undefined,
  costPercent: typed(part.costPercent),
  valuePerKg: part.tray ? undefined : typed(part.valuePerKg),
  plates: typed(part.plates),
  form: part.tray ? 'stock' : part.form,
  extender: part.extender,
  eatOn: typed(part.eatOn),
  meal: part.meal,
  freeze: part.freeze,
  season: typed(part.season),
  locked: part.locked,
});

/** Parts that say how much: the others are still being typed. */
export const filled = (form: Form) => form.parts.filter((part) => part.tray || part.value.trim() !== '');

const linesOf = (text: string) =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');

/** What the preview call and the station are asked. */
export const askedOf = (form: Form): Schema['StretchAsked'] => ({
  food: form.food,
  weight: form.weight,
  price: form.price,
  cookedYield: typed(form.cookedYield),
  method: form.method,
  cookOn: typed(form.cookOn),
  rawEatBy: form.rawEatBy,
  raw: form.raw,
  inputs: linesOf(form.inputs),
  open: form.open,
  liquidBack: form.back,
  fat: typed(form.fat),
  vessels: typed(form.vessels) === undefined ? undefined : Number(form.vessels),
  moreLots: form.moreLots,
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
  raw: stored.asked.raw ?? false,
  inputs: (stored.asked.inputs ?? []).join('\n'),
  open: stored.asked.open ?? false,
  back: stored.asked.liquidBack ?? false,
  fat: stored.asked.fat ?? '',
  vessels: String(stored.asked.vessels ?? 1),
  moreLots: stored.asked.moreLots ?? [],
  parts: stored.asked.shares.map((share) =>
    emptyPart({
      name: share.name,
      tray: share.part !== undefined && share.part !== 'meat',
      how: share.grams ? 'grams' : share.portions ? 'portions' : share.pieces ? 'pieces' : 'percent',
      value: share.percent ?? share.grams ?? share.portions ?? share.pieces ?? '',
      portionGrams: share.portionGrams ?? '',
      pieceGrams: share.pieceGrams ?? '',
      plates: share.plates ?? '',
      extender: share.extender ?? '',
      form: share.form ?? 'shredded',
      eatOn: share.eatOn ?? '',
      meal: share.meal ?? 'DINNER',
      freeze: share.freeze ?? false,
      costPercent: share.costPercent ?? '',
      valuePerKg: share.valuePerKg ?? '',
      season: share.season ?? '',
      locked: share.locked ?? false,
    }),
  ),
});

/** The parts of a way to use it, to be changed like any others. */
export const partsOf = (way: Schema['WayView']): Part[] =>
  way.parts
    .filter((part) => part.dish !== '' || part.freeze)
    .map((part) =>
      emptyPart({
        name: part.dish === '' ? 'plain, for later' : part.dish,
        how: 'grams',
        value: part.grams,
        plates: part.plates,
        extender: part.extender,
        form: part.form === '' ? 'shredded' : part.form,
        freeze: part.freeze,
        eatOn: part.eatOn ?? '',
      }),
    );
