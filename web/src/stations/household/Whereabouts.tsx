import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useWhere } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { Choice, Field } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';
import { settingsOf } from './Settings';
import { countryWords } from './words';

type Input = Schema['SettingsInput'];

/** Asked once: zone, money and whose rules hold, as the browser lets one guess. */
export function Whereabouts({ household }: { household: Schema['HouseholdView'] }) {
  const where = useWhere(Intl.DateTimeFormat().resolvedOptions().timeZone, navigator.language).data;
  const [own, setOwn] = useState<Partial<Input>>({});
  const save = useAct('all', (key, body: Input) =>
    answer(api.POST('/api/household/settings', { params: { header: { 'Idempotency-Key': key } }, body })),
  );
  // until the guess is there the form stands where it will stand, so that nothing moves under a finger
  const guess = where ?? { zone: household.zone, currency: household.currency, country: 'EU' as const };
  const form = { zone: guess.zone, currency: guess.currency, country: guess.country, ...own };
  const change = (part: Partial<Input>) => {
    setOwn({ ...own, ...part });
    save.forget();
  };
  return (
    <form
      className="enamel mb-8 grid gap-4 p-5"
      aria-labelledby="where"
      onSubmit={(event) => {
        event.preventDefault();
        if (where) {
          save.act({ ...settingsOf(household), measures: where.measures, cup: where.cup, ...form });
        }
      }}
    >
      <h2 id="where" className="text-2xl">
        Where do you cook?
      </h2>
      <p className="quiet">
        It decides which allergens packs must name, how hot meat has to get, how long left-overs keep and how dates are
        written.
      </p>
      <div className="grid gap-4 sm:grid-cols-3">
        <Choice label="By the rules of" value={form.country} set={(country) => change({ country })} of={countryWords} />
        <Field
          label="Currency"
          value={form.currency}
          set={(currency) => change({ currency })}
          at="/currency"
          problem={save.problem}
        />
        <Field label="Time zone" value={form.zone} set={(zone) => change({ zone })} at="/zone" problem={save.problem} />
      </div>
      <OtherProblem problem={save.problem} fields={['/currency', '/zone']} />
      <button type="submit" className="btn btn-primary justify-self-start" disabled={save.busy || !where}>
        That is right
      </button>
    </form>
  );
}
