import type { Problem, Schema } from '../../api/client';
import { Field } from '../../kit/Field';
import { until } from '../../kit/words';

/** How much more of a line is cooked and kept back plain, as typed; nothing typed is as much again. */
export type Plain = { amount: string; weighed: string };

type Props = {
  line: Schema['GoesInView'];
  can: Schema['PlainView'];
  plain: Plain | undefined;
  set: (plain: Plain | undefined) => void;
  problem: Problem | undefined;
};

/** One line of which as much again is cooked along, plain, for another day. */
export function KeptPlain({ line, can, plain, set, problem }: Props) {
  if (!plain) {
    return (
      <button
        type="button"
        className="btn btn-ghost"
        onClick={() => set({ amount: '', weighed: '' })}
        aria-label={`As much again of ${line.food}, kept back plain`}
      >
        + as much again, kept back plain
      </button>
    );
  }
  return (
    <div className="enamel flex flex-wrap items-end gap-4 p-3">
      <Field
        label={`More ${line.food}, plain`}
        wide="w-32"
        value={plain.amount}
        set={(amount) => set({ ...plain, amount })}
        placeholder={can.amount}
        hint="as bought"
      />
      <Field
        label="All of it cooked, weighed"
        wide="w-32"
        value={plain.weighed}
        set={(weighed) => set({ ...plain, weighed })}
        at={`/plain/${line.pos}`}
        problem={problem}
        hint="its share of that is kept"
      />
      <button type="button" className="btn btn-ghost" onClick={() => set(undefined)}>
        none kept<span className="sr-only"> of {line.food}</span>
      </button>
      <p className="quiet basis-full">
        {[
          plain.amount === '' && can.cooked && `about ${can.cooked} cooked`,
          can.eatBy && until('eat by', can.eatBy),
          can.saves && `saves ${can.saves} another day`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </p>
    </div>
  );
}
