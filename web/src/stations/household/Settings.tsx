import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useAct } from '../../api/useAct';
import { Choice, Field } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';
import { countryWords } from './words';

type View = Schema['HouseholdView'];
type Input = Schema['SettingsInput'];

/** The settings as they are. */
export const settingsOf = ({
  version,
  name,
  zone,
  currency,
  measures,
  cup,
  tbsp,
  seasoning,
  flat,
  riceKept,
  ownGoods,
  country,
}: View): Input => ({
  version,
  name,
  zone,
  currency,
  measures,
  cup,
  tbsp,
  seasoning,
  flat,
  riceKept,
  ownGoods,
  country,
});

/** Cups or grams, the money, and how spices are counted. */
export function Settings({ household }: { household: View }) {
  const [form, setForm] = useState<Input>(settingsOf(household));
  const save = useAct('all', (key, body: Input) =>
    answer(api.POST('/api/household/settings', { params: { header: { 'Idempotency-Key': key } }, body })),
  );
  const change = (part: Partial<Input>) => {
    setForm({ ...form, ...part });
    save.forget();
  };
  const field = (at: Exclude<keyof Input, 'version'>) => ({
    at: `/${at}`,
    problem: save.problem,
    set: (v: string) => change({ [at]: v }),
  });
  return (
    <form
      className="mt-10"
      onSubmit={(event) => {
        event.preventDefault();
        save.act(form);
      }}
    >
      <h2 className="mb-2 text-2xl">Measures and money</h2>
      <div className="enamel grid gap-4 p-5 sm:grid-cols-2 lg:grid-cols-4">
        <Field label="Called" value={form.name} {...field('name')} />
        <Field label="Time zone" value={form.zone} {...field('zone')} />
        <Field label="Currency" value={form.currency} {...field('currency')} />
        <Choice
          label="Shown in"
          value={form.measures}
          set={(measures) => change({ measures })}
          of={{ METRIC: 'grams and millilitres', US: 'cups and spoons' }}
        />
        <Choice
          label="A cup holds"
          value={form.cup as 'us' | 'metric'}
          set={(cup) => change({ cup })}
          of={{ metric: '250 ml', us: '236.6 ml' }}
        />
        <Field label="A tablespoon, ml" value={form.tbsp} {...field('tbsp')} />
        <Choice
          label="Spices and oil"
          value={form.seasoning}
          set={(seasoning) => change({ seasoning })}
          of={{ FLAT: 'a flat sum a dish', EXACT: 'to the cent', OUT: 'left out' }}
        />
        <Field label="Flat sum a dish" value={form.flat} {...field('flat')} />
        <Choice
          label="Cooked rice keeps"
          value={form.riceKept ? 'kept' : 'day'}
          set={(chosen) => change({ riceKept: chosen === 'kept' })}
          of={{ day: '1 day', kept: '3–4 days, cooled within 1 h' }}
        />
        <Choice
          label="Own and given goods"
          value={form.ownGoods ?? 'NOTHING'}
          set={(ownGoods) => change({ ownGoods })}
          of={{ NOTHING: 'cost nothing', TODAY: "cost today's price" }}
        />
        <Choice
          label="By the rules of"
          value={form.country ?? ''}
          set={(country) => change({ country: country === '' ? undefined : country })}
          of={{ '': 'not said yet', ...countryWords }}
        />
        <div className="sm:col-span-2 lg:col-span-4">
          <OtherProblem problem={save.problem} fields={['/name', '/zone', '/currency', '/tbsp', '/flat']} />
          <button type="submit" className="btn btn-primary" disabled={save.busy}>
            Keep these settings
          </button>
        </div>
      </div>
    </form>
  );
}
