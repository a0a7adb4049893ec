import type { Schema } from '../../api/client';
import { gearWords, minuteWords, styleWords } from '../../kit/words';

type Step = Schema['StepView'];
type Props = { steps: Step[]; scaled: Schema['ScaledStepView'][] | undefined; work: Schema['WorkView'] };

/** The steps with their times and what they keep busy, and all of them as one strip above. */
export function Steps({ steps, scaled, work }: Props) {
  const times = steps.map((step, i) => scaled?.[i] ?? step);
  return (
    <section aria-label="Steps">
      <h2 className="mb-2 text-2xl">Steps</h2>
      {steps.length === 0 && <p className="quiet">No steps yet.</p>}
      {steps.length > 0 && <Strip steps={steps} times={times} />}
      {(work.spared.length > 0 || work.afresh.length > 0) && (
        <p className="mb-2 text-primary">
          With what is there: <strong className="figure text-xl">{minuteWords(work.hands)}</strong> of hands,{' '}
          <strong className="figure text-xl">{minuteWords(work.minutes)}</strong> in all, at the size as written
        </p>
      )}
      {work.afresh.map((one) => (
        <p key={one.line} className="py-1 text-lg">
          First: make {one.dish}
          <span className="quiet block text-sm">
            by its own recipe, {minuteWords(one.hands)} of hands, {minuteWords(one.minutes)} in all
          </span>
        </p>
      ))}
      <ol>
        {steps.map((step, i) => {
          const time = times[i] ?? step;
          const why = scaled?.[i]?.why;
          const spared = work.spared.find((one) => one.step === i);
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: steps have no other identity
            <li key={i} className="py-2">
              <p className="flex gap-4 text-lg">
                <span className="figure text-xl font-bold">{i + 1}</span>
                <span>
                  <span className={spared?.whole ? 'line-through' : ''}>{step.text}</span>
                  {spared && <span className="block text-sm font-semibold text-primary">{spared.why}</span>}
                  <span className="quiet block text-sm" title={step.heatToo}>
                    {[
                      time.handsMin > 0 &&
                        `${step.about ? 'about ' : ''}${minuteWords(time.handsMin)} of hands${time.handsMin === step.handsMin ? '' : `, ${step.handsMin} as written`}`,
                      time.waitMin > 0 && `${minuteWords(time.waitMin)} alone`,
                      step.gear !== 'HANDS' && gearWords[step.gear],
                      step.heat,
                    ]
                      .filter(Boolean)
                      .join(' · ')}
                  </span>
                  {why && <span className="block text-sm text-primary">{why}</span>}
                </span>
              </p>
              {step.stop && (
                <p className="mt-3 border-t-2 border-dashed border-primary pt-1 text-sm font-bold text-primary">
                  can stop here: {styleWords[step.stop]}
                </p>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}

/** One bar, as long as all steps together: dark where hands are needed, hatched where it goes on alone. */
function Strip({ steps, times }: { steps: Step[]; times: { handsMin: number; waitMin: number }[] }) {
  const hands = times.reduce((sum, time) => sum + time.handsMin, 0);
  const all = times.reduce((sum, time) => sum + time.handsMin + time.waitMin, 0);
  if (all === 0) {
    return null;
  }
  return (
    <div className="mb-3">
      <p className="mb-1">
        {steps.some((step) => step.about) && 'about '}
        <strong className="figure text-xl">{minuteWords(hands)}</strong> of hands,{' '}
        <strong className="figure text-xl">{minuteWords(all)}</strong> in all
        {hands !== steps.reduce((sum, step) => sum + step.handsMin, 0) && (
          <span className="quiet"> · hands grow with the batch, less their set-up; a pot takes no longer alone</span>
        )}
      </p>
      <div className="strip" aria-hidden="true">
        {steps.map((step, i) => {
          const time = times[i];
          const minutes = (time?.handsMin ?? 0) + (time?.waitMin ?? 0);
          return minutes === 0 ? null : (
            // biome-ignore lint/suspicious/noArrayIndexKey: steps have no other identity
            <span key={i} className="strip-step" style={{ flexGrow: minutes }}>
              {(time?.handsMin ?? 0) > 0 && <span className="strip-hands" style={{ flexGrow: time?.handsMin }} />}
              {(time?.waitMin ?? 0) > 0 && <span className="strip-alone" style={{ flexGrow: time?.waitMin }} />}
              <span className="strip-word">
                {i + 1}
                {step.gear !== 'HANDS' && <span className="strip-gear"> {gearWords[step.gear]}</span>}
              </span>
            </span>
          );
        })}
      </div>
    </div>
  );
}
