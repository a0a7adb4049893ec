import { newKey, type Schema } from '../../api/client';
import type { Style } from '../../api/queries';
import { whole } from '../../kit/words';

/** The recipe as it stands in the fields; rows carry a key so that React can follow them. */
export type Form = {
  title: string;
  portions: string;
  lines: { key: string; text: string; heldBackIn: Style[] }[];
  steps: { key: string; text: string; stop: Style | undefined; hands: string; wait: string }[];
};

export const emptyLine = (text = ''): Form['lines'][number] => ({ key: newKey(), text, heldBackIn: [] });
export const emptyStep = (): Form['steps'][number] => ({
  key: newKey(),
  text: '',
  stop: undefined,
  hands: '',
  wait: '',
});
export const emptyForm = (): Form => ({ title: '', portions: '', lines: [emptyLine()], steps: [emptyStep()] });

export const formOf = (recipe: Schema['RecipeView']): Form => ({
  title: recipe.title,
  portions: String(recipe.portions),
  lines: [...recipe.lines.map((line) => ({ ...emptyLine(line.text), heldBackIn: line.heldBackIn })), emptyLine()],
  steps: [
    ...recipe.steps.map((step) => ({
      ...emptyStep(),
      text: step.text,
      stop: step.stop,
      hands: step.typed ? String(step.handsMin) : '',
      wait: step.typed ? String(step.waitMin) : '',
    })),
    emptyStep(),
  ],
});

/** What is no number of minutes is sent as -1 and refused at its field. */
const minutes = (text: string) => whole(text, undefined, -1);

/** Empty rows are left out; what is no whole number is sent as missing and refused at its field. */
export const inputOf = (form: Form): Schema['RecipeInput'] => ({
  title: form.title,
  portions: whole(form.portions, undefined, undefined),
  lines: form.lines.filter((line) => line.text.trim()).map(({ text, heldBackIn }) => ({ text, heldBackIn })),
  steps: form.steps
    .filter((step) => step.text.trim())
    .map(({ text, stop, hands, wait }) => ({
      text,
      stop,
      handsMin: minutes(hands),
      waitMin: minutes(wait),
    })),
  note: '',
});
