import type { Schema, Style } from '../../api/client';
import { Field } from '../../kit/Field';
import { OneOf } from '../../kit/kit';
import { styleWords } from '../../kit/words';

const sizes: [string, string][] = [
  ['1/2', '× 1/2'],
  ['1', 'as written'],
  ['2', '× 2'],
  ['3', '× 3'],
];

type Props = {
  plan: Schema['CookPlan'];
  size: string;
  setSize: (size: string) => void;
  problem: string | undefined;
  pots: string;
  setPots: (pots: string) => void;
  style: Style;
  setStyle: (style: Style) => void;
};

/** How much of a recipe is cooked, in how many pots, and how far. */
export function CookSize({ plan, size, setSize, problem, pots, setPots, style, setStyle }: Props) {
  return (
    <>
      <div className="mb-5 flex flex-wrap items-end gap-4">
        <div>
          <label htmlFor="size" className="block font-semibold">
            How much of it
          </label>
          <div className="flex flex-wrap items-center gap-2">
            <OneOf choices={sizes} chosen={size} choose={setSize} />
            <input
              id="size"
              className="input w-14 max-w-24 grow"
              value={size}
              aria-invalid={problem !== undefined}
              onChange={(event) => setSize(event.target.value)}
            />
          </div>
          {problem && <p className="fieldproblem mt-1">{problem}</p>}
        </div>
        <Field label="Pots" wide="w-20" kind="number" value={pots} set={setPots} placeholder={String(plan.vessels)} />
      </div>
      {plan.styles.length > 1 && (
        <div className="mb-5 flex flex-wrap items-center gap-2">
          <span className="font-semibold">How far</span>
          {plan.styles.map((choice) => (
            <button
              key={choice}
              type="button"
              aria-pressed={choice === style}
              className={`btn ${choice === style ? 'btn-primary' : 'btn-outline'}`}
              onClick={() => setStyle(choice)}
            >
              {styleWords[choice]}
            </button>
          ))}
        </div>
      )}
    </>
  );
}
