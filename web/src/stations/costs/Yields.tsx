import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useYields } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { Choice, Field } from '../../kit/Field';
import { Empty, Money, OtherProblem } from '../../kit/kit';

type Input = Schema['WeighingInput'];

const partWords = { READY: 'peeled, trimmed', COOKED: 'cooked', DRAINED: 'drained' } as const;
const gradeWords: Record<Input['grade'], string> = {
  WEIGHED: 'on a scale',
  COUNTED: 'counted: expected, made',
  GUESSED: 'a guess',
};

const nothing: Input = { food: '', part: 'COOKED', before: '', after: '', grade: 'WEIGHED' };

/** What is left of foods, the kitchen's own weighings first, and what a kilo of that costs. */
export function Yields() {
  const yields = useYields().data ?? [];
  const [input, setInput] = useState(nothing);
  const [all, setAll] = useState(false);
  const save = useAct(
    'facts',
    (key, body: Input) => answer(api.POST('/api/yields', { params: { header: { 'Idempotency-Key': key } }, body })),
    () => setInput(nothing),
  );
  const set = (part: Partial<Input>) => {
    setInput({ ...input, ...part });
    save.forget();
  };
  const counted = input.grade === 'COUNTED';
  const own = yields.filter((one) => one.own);
  const shown = all ? yields : own;
  return (
    <section aria-labelledby="yields">
      <h2 id="yields" className="mb-2 text-2xl">
        What is left of it
      </h2>
      <form
        className="mb-3 grid items-end gap-3 sm:grid-cols-6"
        onSubmit={(event) => {
          event.preventDefault();
          save.act(input);
        }}
      >
        <div className="sm:col-span-2">
          <Field label="Food" value={input.food} set={(food) => set({ food })} at="/food" problem={save.problem} />
        </div>
        <div className="sm:col-span-2">
          <Choice
            label="What was done"
            value={input.part as keyof typeof partWords}
            set={(part) => set({ part })}
            of={partWords}
          />
        </div>
        <div className="sm:col-span-2">
          <Choice label="How you know" value={input.grade} set={(grade) => set({ grade })} of={gradeWords} />
        </div>
        <div className="sm:col-span-2">
          <Field
            label={counted ? 'Expected' : 'Before'}
            value={input.before}
            set={(before) => set({ before })}
            at="/before"
            problem={save.problem}
            placeholder={counted ? '8' : '2.5 kg'}
          />
        </div>
        <div className="sm:col-span-2">
          <Field
            label={counted ? 'Made' : 'After'}
            value={input.after}
            set={(after) => set({ after })}
            at="/after"
            problem={save.problem}
            placeholder={counted ? '7' : '1.4 kg'}
          />
        </div>
        <button type="submit" className="btn btn-primary sm:col-span-2" disabled={save.busy}>
          Write down
        </button>
      </form>
      <OtherProblem problem={save.problem} fields={['/food', '/before', '/after']} />
      {own.length === 0 && (
        <Empty>
          Nothing weighed yet: weigh it before and after once, and cuts, costs and amounts go by your own kitchen.
        </Empty>
      )}
      <ul>
        {shown.map((one) => (
          <li key={one.food + one.part} className="row grid-cols-[minmax(0,1fr)_3.5rem_6.5rem]">
            <span>
              <span className="font-semibold">{one.food}</span>, {partWords[one.part as keyof typeof partWords]}
              <span className="quiet block text-sm">{one.source}</span>
            </span>
            <strong className="figure text-xl">{one.ofOne}</strong>
            <span className="text-right">
              {one.usable && (
                <>
                  <Money amount={one.usable} />
                  <span className="quiet block text-sm">a kilo left, {one.kilo} as bought</span>
                </>
              )}
            </span>
          </li>
        ))}
      </ul>
      {yields.length > own.length && (
        <button type="button" className="btn btn-outline mt-2" aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? 'Only what you weighed' : `All ${yields.length}, with their starting values`}
        </button>
      )}
    </section>
  );
}
