import { type ReactNode, useState } from 'react';
import { answer, api, Refused, type Schema } from '../../api/client';
import { useStretchPreview } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { Choice, Field } from '../../kit/Field';
import { Heading, OtherProblem, Waiting } from '../../kit/kit';
import { Scale } from '../../kit/Scale';
import { useForm } from '../../kit/useForm';
import { counted, shortNumber } from '../../kit/words';
import { askedOf, type Form } from './form';
import { PartRows } from './PartRows';
import { Slab } from './Slab';
import { WaysToUse } from './WaysToUse';

type Props = { start: Form; done: () => void; children: ReactNode };

/**
 * One big buy on the board. Three fields say what it becomes; parts, dates and dishes follow.
 *
 * @param children what stands below it: a plan that is opened is worked out first, so that nothing moves under a finger
 */
export function Cutting({ start, done, children }: Props) {
  const typed = `cut-${start.id ?? start.lot ?? 'what if'}-${start.version}`;
  const save = useAct(
    'plan',
    (key, body: Schema['StretchInput']) =>
      answer(api.POST('/api/stretch', { params: { header: { 'Idempotency-Key': key } }, body })),
    done,
    typed,
  );
  const { form, set: change } = useForm<Form>(start, save.forget, typed);
  const [weighed, setWeighed] = useState('');
  const [liquid, setLiquid] = useState('');
  const asked = askedOf(form);
  const ready = form.food.trim() !== '' && form.weight.trim() !== '' && form.price.trim() !== '';
  const [opened] = useState(ready);
  const preview = useStretchPreview(asked, ready);
  const refused = ready && preview.error instanceof Refused ? preview.error.problem : undefined;
  const cook = useAct(
    'stock',
    (key, id: string) =>
      answer(
        api.POST('/api/stretch/{id}/cook', {
          params: { path: { id }, header: { 'Idempotency-Key': key } },
          body: { weighed: weighed.trim() || undefined, liquid: liquid.trim() || undefined },
        }),
      ),
    done,
    typed,
  );
  const drop = useAct(
    'plan',
    (key, id: string) =>
      answer(api.POST('/api/stretch/{id}/drop', { params: { path: { id }, header: { 'Idempotency-Key': key } } })),
    done,
    typed,
  );
  const problem = save.problem ?? refused;
  const field = (at: keyof Form) => ({
    value: form[at] as string,
    set: (value: string) => change({ [at]: value }),
    at: `/${at}`,
    problem,
  });
  const cut = preview.data;
  const stretched = cut && cut.plates > cut.plainPlates;
  if (opened && ready && !cut && !preview.error) {
    return <Waiting />;
  }
  return (
    <>
      <Heading
        title={cut && ready ? counted(cut.plates, 'plate') : 'Stretch a big buy'}
        below={
          cut && ready
            ? stretched
              ? `instead of ${cut.plainPlates} if it were served plain`
              : 'served plain; add a part with beans, grain or vegetables to stretch it'
            : 'food, weight and price: three fields are enough to see what it becomes'
        }
      >
        {cut && ready && (
          <>
            <p className="figure text-4xl font-bold">{cut.cooked}</p>
            <p className="quiet" title={cut.yieldSource}>
              cooked, {shortNumber(cut.yield)} of the raw weight · {cut.yieldSource.split(';')[0]}
            </p>
          </>
        )}
      </Heading>
      <div className="mb-6 grid grid-cols-[1.6fr_1fr_1fr] gap-3 md:gap-4">
        <Field label="Big buy" {...field('food')} placeholder="pork shoulder, bone in" />
        <Field label="Weight" {...field('weight')} placeholder="3.2 kg" />
        <Field label="Price" kind="number" {...field('price')} placeholder="17.57" />
      </div>
      {refused && (
        <p role="alert" className="fieldproblem mb-3">
          {refused.detail}
        </p>
      )}
      {cut && ready && (
        <>
          <Slab
            form={form}
            cut={cut}
            grams={(key, grams) =>
              change({
                parts: form.parts.map((old) =>
                  old.key === key ? { ...old, how: 'grams', value: String(grams) } : old,
                ),
              })
            }
          />
          {cut.warnings.map((warning) => (
            <p key={warning} className="fieldproblem mb-2">
              {warning}
            </p>
          ))}
        </>
      )}
      {cut?.each && ready && <p className="mb-3 font-semibold">{cut.each}</p>}
      {cut && ready && cut.outputs.length > 1 && (
        <p className="mb-3">
          <span className="quiet">comes out of the pot: </span>
          {cut.outputs.map((out) => `${out.amount} ${out.unit} ${out.what}`).join(' · ')}
        </p>
      )}
      <section aria-label="How it is cooked" className="mb-6 grid grid-cols-2 items-end gap-4 lg:grid-cols-4">
        <h2 className="col-span-full text-2xl">How it is cooked</h2>
        <Field
          label="Cooked yield"
          kind="number"
          {...field('cookedYield')}
          placeholder={cut ? shortNumber(cut.yield) : '0.6'}
        />
        <Field label="Cook day" kind="date" {...field('cookOn')} />
        <Choice
          label="Share the price"
          value={form.method as 'weight' | 'fixed' | 'value'}
          set={(method) => change({ method })}
          of={{ weight: 'by cooked weight', fixed: 'by fixed per cent', value: 'by its value alone' }}
        />
        <Choice
          label="Cut it"
          value={form.raw ? 'raw' : 'cooked'}
          set={(when) => change({ raw: when === 'raw' })}
          of={{ cooked: 'after cooking', raw: 'raw, by pieces or grams' }}
        />
        {!form.raw && (
          <>
            <label className="col-span-2 block">
              <span className="font-semibold">Also into the pot</span>
              <textarea
                className="textarea block w-full"
                rows={Math.max(1, form.inputs.split('\n').length)}
                value={form.inputs}
                placeholder={'1.6 l water\n200 ml relish'}
                aria-invalid={problem?.field?.startsWith('/inputs')}
                onChange={(event) => change({ inputs: event.target.value })}
              />
              {problem?.field?.startsWith('/inputs') && <span className="fieldproblem">{problem.detail}</span>}
            </label>
            <Choice
              label="Its lid"
              value={form.open ? 'open' : 'closed'}
              set={(lid) => change({ open: lid === 'open' })}
              of={{ closed: 'on', open: 'off' }}
            />
            {form.inputs.trim() !== '' && (
              <Choice
                label="Its liquid"
                value={form.back ? 'back' : 'broth'}
                set={(liquid) => change({ back: liquid === 'back' })}
                of={{ broth: 'kept as broth', back: 'back into the parts' }}
              />
            )}
          </>
        )}
        {!form.raw && <Field label="In how many pots" kind="number" {...field('vessels')} placeholder="1" />}
        {(cut?.mince || form.fat !== '') && (
          <Field label="Fat, per cent" kind="number" {...field('fat')} placeholder="20" />
        )}
      </section>
      {cut && ready && !form.raw && <WaysToUse form={form} put={(parts) => change({ parts })} />}
      <PartRows form={form} change={change} problem={problem} />
      <OtherProblem
        problem={save.problem ?? cook.problem ?? drop.problem}
        fields={['/food', '/weight', '/price', '/cookedYield', '/cookOn', '/weighed', '/liquid', '/fat', '/vessels']}
      />
      <div className="mt-5 flex flex-wrap items-end gap-3">
        <button
          type="button"
          className="btn btn-primary btn-lg"
          disabled={save.busy || !ready}
          onClick={() => save.act({ id: form.id, version: Math.max(form.version, 0), lot: form.lot, asked })}
        >
          Keep this plan
        </button>
        {form.id && (
          <>
            <Field
              label="Cooked meat on the scale"
              value={weighed}
              set={(value) => {
                setWeighed(value);
                cook.forget();
              }}
              at="/weighed"
              problem={cook.problem}
              wide="w-52"
              placeholder={cut ? `about ${cut.cooked}` : ''}
            />
            {!form.raw && form.inputs.trim() !== '' && (
              <Field
                label="Liquid left"
                value={liquid}
                set={(value) => {
                  setLiquid(value);
                  cook.forget();
                }}
                at="/liquid"
                problem={cook.problem}
                wide="w-40"
                placeholder="300 ml"
              />
            )}
            <Scale
              what="cooked meat"
              take={(grams) => {
                setWeighed(`${grams} g`);
                cook.forget();
              }}
            />
            <button
              type="button"
              className="btn btn-outline btn-lg"
              disabled={cook.busy}
              onClick={() => cook.act(form.id ?? '')}
            >
              {form.raw ? 'It is cut' : 'The joint is cooked'}
            </button>
            <button type="button" className="btn btn-ghost ml-auto" onClick={() => drop.act(form.id ?? '')}>
              Not after all
            </button>
          </>
        )}
      </div>
      {children}
    </>
  );
}
