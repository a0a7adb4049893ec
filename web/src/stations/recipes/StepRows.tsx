import { useState } from 'react';
import type { Problem, Style } from '../../api/client';
import { FieldProblem } from '../../kit/kit';
import { styleWords } from '../../kit/words';
import { emptyStep, type Form, withStop } from './form';

type Props = { form: Form; change: (part: Partial<Form>) => void; problem: Problem | undefined };

/** The steps, each with the stop it may end in. */
export function StepRows({ form, change, problem }: Props) {
  const filled = form.steps.filter((step) => step.text.trim());
  const put = (at: number, step: Form['steps'][number]) =>
    change({ steps: form.steps.map((old, i) => (i === at ? step : old)) });
  return (
    <section aria-labelledby="steps">
      <h2 id="steps" className="mb-2 text-2xl">
        Steps
      </h2>
      <ol>
        {form.steps.map((step, at) => (
          <li key={step.key} className="row md:grid-cols-[minmax(0,1fr)_13rem_15rem]">
            <div>
              <textarea
                className="textarea w-full"
                rows={2}
                aria-label={`Step ${at + 1}`}
                placeholder={at === 0 ? 'Brown the mince in two loads, 8 minutes each.' : ''}
                value={step.text}
                onChange={(event) => put(at, { ...step, text: event.target.value })}
              />
              <FieldProblem at={`/steps/${filled.indexOf(step)}/text`} problem={problem} />
              <Clock step={step} at={at} put={(clock) => put(at, { ...step, clock })} />
              <FieldProblem at={`/steps/${filled.indexOf(step)}/clock`} problem={problem} />
            </div>
            <div className="grid grid-cols-2 gap-2">
              <label className="block text-sm">
                Hands, min
                <input
                  className="input w-full"
                  inputMode="numeric"
                  placeholder="as written"
                  value={step.hands}
                  onChange={(event) => put(at, { ...step, hands: event.target.value })}
                />
              </label>
              <label className="block text-sm">
                Alone, min
                <input
                  className="input w-full"
                  inputMode="numeric"
                  placeholder="as written"
                  value={step.wait}
                  onChange={(event) => put(at, { ...step, wait: event.target.value })}
                />
              </label>
              <div className="col-span-2">
                <FieldProblem at={`/steps/${filled.indexOf(step)}/handsMin`} problem={problem} />
              </div>
            </div>
            <div>
              <label className="block text-sm">
                After this step
                <select
                  className="select w-full"
                  value={step.stop ?? ''}
                  onChange={(event) =>
                    change(withStop(form, at, (event.target.value || undefined) as Style | undefined))
                  }
                >
                  <option value="">it goes on</option>
                  {Object.entries(styleWords).map(([style, words]) => (
                    <option key={style} value={style}>
                      can stop here: {words}
                    </option>
                  ))}
                </select>
              </label>
              <FieldProblem at={`/steps/${filled.indexOf(step)}/stop`} problem={problem} />
            </div>
          </li>
        ))}
      </ol>
      <button
        type="button"
        className="btn btn-outline btn-sm mt-3 min-h-11"
        onClick={() => change({ steps: [...form.steps, emptyStep()] })}
      >
        Another step
      </button>
    </section>
  );
}

/** What a step needs of the clock: seldom said, so it is opened. */
function Clock({ step, at, put }: { step: Form['steps'][number]; at: number; put: (clock: string) => void }) {
  const [open, setOpen] = useState(false);
  return open || step.clock !== '' ? (
    <label className="block text-sm">
      On the clock
      <input
        className="input w-full"
        placeholder="after 1 and 3; at most 10 min later; every 30 min; last 15 min: add the peas"
        value={step.clock}
        onChange={(event) => put(event.target.value)}
      />
    </label>
  ) : (
    <button type="button" className="btn btn-ghost btn-sm min-h-11" onClick={() => setOpen(true)}>
      on the clock …<span className="sr-only"> for step {at + 1}</span>
    </button>
  );
}
