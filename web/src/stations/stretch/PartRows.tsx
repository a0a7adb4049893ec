import { useState } from 'react';
import type { Problem } from '../../api/client';
import { Choice, Field } from '../../kit/Field';
import { Suggestions } from '../../kit/Suggestions';
import { mealWords } from '../../kit/words';
import { emptyPart, type Form, filled, type How, type Part } from './form';
import { PieceBalance, PieceDishes } from './PieceAdvice';

type Props = { form: Form; change: (part: Partial<Form>) => void; problem: Problem | undefined };

const how: Record<How, string> = {
  percent: 'per cent, or ⅓ of it',
  grams: 'grams',
  portions: 'plates × grams',
  pieces: 'pieces × grams',
};

const measured: Record<How, string> = { percent: 'Per cent', grams: 'Grams', portions: 'Plates', pieces: 'Pieces' };

/** The parts as typed: what each becomes, how much of the meat, with what, when. */
export function PartRows({ form, change, problem }: Props) {
  const put = (key: string, more: Partial<Part>) =>
    change({ parts: form.parts.map((old) => (old.key === key ? { ...old, ...more } : old)) });
  const asked = filled(form);
  const [advice, setAdvice] = useState<{ key: string; what: 'dishes' | 'balance' }>();
  const toggle = (key: string, what: 'dishes' | 'balance') =>
    setAdvice(advice?.key === key && advice.what === what ? undefined : { key, what });
  return (
    <section aria-labelledby="parts">
      <h2 id="parts" className="mb-2 text-2xl">
        Parts
      </h2>
      <ul className="grid gap-3">
        {form.parts.map((part) => {
          const at = `/shares/${asked.indexOf(part)}`;
          return (
            <li key={part.key} className="enamel grid items-end gap-3 p-4 sm:grid-cols-2 lg:grid-cols-6">
              <Field
                label={part.tray ? 'In the tray' : 'Becomes'}
                value={part.name}
                set={(name) => put(part.key, { name })}
                at={`${at}/name`}
                problem={problem}
              />
              {part.tray ? (
                <>
                  <Field
                    label="Per cent of the price"
                    kind="number"
                    value={part.costPercent}
                    set={(costPercent) => put(part.key, { costPercent })}
                    at={`${at}/costPercent`}
                    problem={problem}
                    placeholder="0"
                  />
                  <Field
                    label="Grams, if weighed"
                    kind="number"
                    value={part.value}
                    set={(value) => put(part.key, { value })}
                    at={`${at}/grams`}
                    problem={problem}
                    placeholder="900"
                  />
                </>
              ) : (
                <>
                  <Choice label="Takes" value={part.how} set={(value) => put(part.key, { how: value })} of={how} />
                  <div className={part.how === 'portions' || part.how === 'pieces' ? 'grid grid-cols-2 gap-2' : ''}>
                    <Field
                      label={form.raw && part.how === 'grams' ? 'Grams raw' : measured[part.how]}
                      kind="number"
                      value={part.value}
                      set={(value) => put(part.key, { value })}
                      at={`${at}/${part.how}`}
                      problem={problem}
                    />
                    {part.how === 'pieces' && (
                      <Field
                        label="Grams each"
                        kind="number"
                        value={part.pieceGrams}
                        set={(pieceGrams) => put(part.key, { pieceGrams })}
                        at={`${at}/pieceGrams`}
                        problem={problem}
                      />
                    )}
                    {part.how === 'portions' && (
                      <Field
                        label="Grams"
                        kind="number"
                        value={part.portionGrams}
                        set={(portionGrams) => put(part.key, { portionGrams })}
                      />
                    )}
                  </div>
                  {form.method !== 'weight' && (
                    <Field
                      label={form.method === 'fixed' ? 'Per cent of the price' : 'Alone a kilo costs'}
                      kind="number"
                      value={form.method === 'fixed' ? part.costPercent : part.valuePerKg}
                      set={(value) =>
                        put(part.key, form.method === 'fixed' ? { costPercent: value } : { valuePerKg: value })
                      }
                      at={`${at}/${form.method === 'fixed' ? 'costPercent' : 'valuePerKg'}`}
                      problem={problem}
                    />
                  )}
                  <Field
                    label="Stretched with"
                    value={part.extender}
                    set={(extender) => put(part.key, { extender })}
                    placeholder="400 g dried beans"
                  />
                  <Field
                    label="Makes plates"
                    kind="number"
                    value={part.plates}
                    set={(plates) => put(part.key, { plates })}
                    at={`${at}/plates`}
                    problem={problem}
                    placeholder={part.how === 'portions' ? part.value : 'plain'}
                  />
                </>
              )}
              {!part.tray && (
                <Field
                  label="Seasoned"
                  value={part.season}
                  set={(season) => put(part.key, { season })}
                  at={`${at}/season`}
                  problem={problem}
                  placeholder="plain"
                />
              )}
              <Field
                label="Eaten on"
                kind="date"
                value={part.eatOn}
                set={(eatOn) => put(part.key, { eatOn })}
                at={`${at}/eatOn`}
                problem={problem}
              />
              {part.eatOn !== '' && (
                <Choice label="At" value={part.meal} set={(meal) => put(part.key, { meal })} of={mealWords} />
              )}
              {!part.tray && part.name.trim().length > 1 && (
                <div className="sm:col-span-2 lg:col-span-6">
                  <Suggestions text={part.name} choose={(name) => put(part.key, { name })} />
                </div>
              )}
              <div className="flex flex-wrap gap-2 lg:col-span-6">
                <button
                  type="button"
                  aria-pressed={part.freeze}
                  className={`btn ${part.freeze ? 'btn-primary' : 'btn-outline'}`}
                  onClick={() => put(part.key, { freeze: !part.freeze })}
                >
                  freeze it on the cook day
                </button>
                {!part.tray &&
                  (form.raw ? ['whole', 'diced', 'minced'] : ['whole', 'sliced', 'diced', 'shredded']).map((shape) => (
                    <button
                      key={shape}
                      type="button"
                      aria-pressed={part.form === shape}
                      className={`btn ${part.form === shape ? 'btn-primary' : 'btn-ghost'}`}
                      onClick={() => put(part.key, { form: shape })}
                    >
                      {shape}
                    </button>
                  ))}
                {!part.tray && asked.includes(part) && (
                  <>
                    <button
                      type="button"
                      aria-expanded={advice?.key === part.key && advice.what === 'dishes'}
                      className="btn btn-outline"
                      onClick={() => toggle(part.key, 'dishes')}
                    >
                      dishes for it<span className="sr-only">: {part.name}</span>
                    </button>
                    {part.extender.trim() !== '' && (
                      <button
                        type="button"
                        aria-expanded={advice?.key === part.key && advice.what === 'balance'}
                        className="btn btn-outline"
                        onClick={() => toggle(part.key, 'balance')}
                      >
                        more or less meat<span className="sr-only">: {part.name}</span>
                      </button>
                    )}
                  </>
                )}
                {!part.tray && (
                  <button
                    type="button"
                    aria-pressed={part.locked}
                    className={`btn ${part.locked ? 'btn-primary' : 'btn-ghost'}`}
                    onClick={() => put(part.key, { locked: !part.locked })}
                  >
                    keeps its size
                  </button>
                )}
                <button
                  type="button"
                  className="btn btn-ghost ml-auto"
                  onClick={() => change({ parts: form.parts.filter((old) => old.key !== part.key) })}
                >
                  Take out<span className="sr-only"> {part.name}</span>
                </button>
              </div>
              {advice?.key === part.key && advice.what === 'dishes' && (
                <PieceDishes form={form} pos={asked.indexOf(part)} put={(more) => put(part.key, more)} />
              )}
              {advice?.key === part.key && advice.what === 'balance' && (
                <PieceBalance form={form} pos={asked.indexOf(part)} put={(more) => put(part.key, more)} />
              )}
            </li>
          );
        })}
      </ul>
      <div className="mt-3 flex gap-3">
        <button
          type="button"
          className="btn btn-outline"
          onClick={() => change({ parts: [...form.parts, emptyPart()] })}
        >
          Another part
        </button>
        <button
          type="button"
          className="btn btn-outline"
          onClick={() => change({ parts: [...form.parts, emptyPart({ name: 'bones', tray: true, freeze: true })] })}
        >
          Bones to stock
        </button>
      </div>
    </section>
  );
}
