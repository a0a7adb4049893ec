import type { Style } from '../../api/client';
import { newKey, type Schema } from '../../api/client';
import { whole } from '../../kit/words';

/** The recipe as it stands in the fields; rows carry a key so that React can follow them. */
export type Form = {
  title: string;
  portions: string;
  note: string;
  tags: string;
  /** what comes out beside the portions, one on a line */
  alsoMakes: string;
  /** what it was pasted or imported from; nothing while it is typed here */
  source: string | undefined;
  /** what was said for the next time and is done in this version */
  taken: string[];
  lines: { key: string; text: string; heldBackIn: Style[]; rule: Rule | undefined }[];
  steps: { key: string; text: string; stop: Style | undefined; hands: string; wait: string; clock: string }[];
};

export type Rule = NonNullable<Schema['LineInput']['rule']>;

export const emptyLine = (text = ''): Form['lines'][number] => ({
  key: newKey(),
  text,
  heldBackIn: [],
  rule: undefined,
});
export const emptyStep = (): Form['steps'][number] => ({
  key: newKey(),
  text: '',
  stop: undefined,
  hands: '',
  wait: '',
  clock: '',
});
export const emptyForm = (): Form => ({
  title: '',
  portions: '',
  note: '',
  tags: '',
  alsoMakes: '',
  source: undefined,
  taken: [],
  lines: [emptyLine()],
  steps: [emptyStep()],
});

/** What was found in a pasted text or a file, as a form to be looked over. */
export const formOfFound = (found: Schema['RecipeInput']): Form => ({
  ...emptyForm(),
  title: found.title,
  portions: found.portions === undefined ? '' : String(found.portions),
  note: found.note,
  tags: (found.tags ?? []).join(', '),
  alsoMakes: (found.alsoMakes ?? []).join('\n'),
  source: found.source,
  lines: [...found.lines.map(({ text, heldBackIn }) => ({ ...emptyLine(text), heldBackIn })), emptyLine()],
  steps: [
    ...found.steps.map((step) => ({
      ...emptyStep(),
      text: step.text,
      stop: step.stop,
      hands: step.handsMin === undefined ? '' : String(step.handsMin),
      wait: step.waitMin === undefined ? '' : String(step.waitMin),
      clock: step.clock ?? '',
    })),
    emptyStep(),
  ],
});

export const formOf = (recipe: Schema['RecipeView']): Form => ({
  title: recipe.title,
  portions: String(recipe.portions),
  note: recipe.note,
  tags: recipe.tags.join(', '),
  alsoMakes: recipe.alsoMakes.join('\n'),
  source: recipe.source,
  taken: [],
  lines: [
    ...recipe.lines.map((line) => ({
      ...emptyLine(line.text),
      heldBackIn: line.heldBackIn,
      rule: line.ruleSaid ? line.rule : undefined,
    })),
    emptyLine(),
  ],
  steps: [
    ...recipe.steps.map((step) => ({
      ...emptyStep(),
      text: step.text,
      stop: step.stop,
      hands: step.typed ? String(step.handsMin) : '',
      wait: step.typed ? String(step.waitMin) : '',
      clock: step.clock,
    })),
    emptyStep(),
  ],
});

/** A step stops here; what was ticked to be added on the night before there was a stop is held back in it. */
export const withStop = (form: Form, at: number, stop: Style | undefined): Pick<Form, 'lines' | 'steps'> => {
  const first = form.steps.every((step) => step.stop === undefined);
  return {
    steps: form.steps.map((step, i) => (i === at ? { ...step, stop } : step)),
    lines:
      first && stop
        ? form.lines.map((line) => (line.heldBackIn.length > 0 ? { ...line, heldBackIn: [stop] } : line))
        : form.lines,
  };
};

const minutes = (text: string) => whole(text, undefined);

/** Empty rows are left out; what is no whole number is sent as typed and refused at its field. */
export const inputOf = (form: Form): Schema['RecipeInput'] => ({
  title: form.title,
  portions: whole(form.portions, undefined),
  lines: form.lines
    .filter((line) => line.text.trim())
    .map(({ text, heldBackIn, rule }) => ({ text, heldBackIn, rule })),
  steps: form.steps
    .filter((step) => step.text.trim())
    .map(({ text, stop, hands, wait, clock }) => ({
      text,
      stop,
      handsMin: minutes(hands),
      waitMin: minutes(wait),
      ...(clock.trim() === '' ? {} : { clock }),
    })),
  note: form.note,
  tags: form.tags
    .split(',')
    .map((tag) => tag.trim())
    .filter(Boolean),
  alsoMakes: form.alsoMakes
    .split('\n')
    .map((text) => text.trim())
    .filter(Boolean),
  source: form.source,
  taken: form.taken,
});
