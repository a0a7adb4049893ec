import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useHousehold, useTitles } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { Field } from '../../kit/Field';
import { OneOf, OtherProblem } from '../../kit/kit';
import { Panel } from '../../kit/Panel';
import { shortDay, whole } from '../../kit/words';
import type { Day } from './Plan';

type Input = Schema['EveningInput'];
type Kind = Input['kind'];

const kinds: [Kind, string][] = [
  ['COOK', 'cook'],
  ['STOCK', 'from stock'],
  ['LEFTOVERS', 'leftovers'],
  ['UNDECIDED', 'undecided'],
  ['OUT', 'out'],
];

/** One evening to decide: a dish by name or from the stock, sides, who eats, when, and how much time there is. */
export function EveningPanel({ day, plan, close }: { day: Day; plan: Schema['PlanView']; close: () => void }) {
  const slot = day.slot;
  const household = useHousehold().data;
  const eaters = (household?.people ?? []).filter((person) => person.active);
  const main = slot?.dishes.find((dish) => dish.kind !== 'SIDE');
  const [kind, setKind] = useState<Kind>(slot?.kind ?? 'COOK');
  const [dish, setDish] = useState(main?.name ?? '');
  const [batch, setBatch] = useState(main?.kind === 'BATCH' ? main.of : undefined);
  const [portions, setPortions] = useState(main?.portions === undefined ? '' : String(main.portions));
  const [sides, setSides] = useState(
    slot?.dishes
      .filter((d) => d.kind === 'SIDE')
      .map((d) => d.name)
      .join(', ') ?? '',
  );
  const [table, setTable] = useState(slot?.tableTime ?? plan.usualTable);
  const [minutes, setMinutes] = useState(String(slot?.minutes ?? 45));
  const [people, setPeople] = useState<string[]>();
  const [note, setNote] = useState(slot?.note ?? '');
  const here = people ?? slot?.people ?? eaters.map((person) => person.id);
  const save = useAct(
    (key, body: Input) =>
      answer(api.POST('/api/plan/evening', { params: { header: { 'Idempotency-Key': key } }, body })),
    close,
  );
  const eats = kind !== 'OUT' && kind !== 'UNDECIDED';
  const many = whole(portions, undefined, 0);
  const dishes =
    eats && (batch || dish.trim() !== '') ? [{ batch, text: batch ? undefined : dish, portions: many }] : [];
  const typed = (set: (value: string) => void) => (value: string) => {
    set(value);
    save.forget();
  };
  return (
    <Panel title={shortDay(day.date)} close={close}>
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          save.act({
            day: day.date,
            version: slot?.version ?? 0,
            kind,
            tableTime: table,
            minutes: whole(minutes, -1, -1),
            locked: slot?.locked ?? false,
            note,
            people: here,
            dishes,
            sides: eats ? sides : '',
          });
        }}
      >
        <OneOf choices={kinds} chosen={kind} choose={setKind} />
        {eats && (
          <>
            {(kind === 'STOCK' || kind === 'LEFTOVERS') && (
              <fieldset>
                <legend className="font-semibold">What is there</legend>
                {plan.inStock.length === 0 && <p className="quiet">No dish is in stock.</p>}
                <div className="flex flex-wrap gap-1">
                  {plan.inStock.map((there) => (
                    <button
                      key={there.batch}
                      type="button"
                      aria-pressed={batch === there.batch}
                      className={`btn h-auto min-h-11 ${batch === there.batch ? 'btn-primary' : 'btn-outline'}`}
                      onClick={() => {
                        setBatch(there.batch);
                        setDish(there.name);
                      }}
                    >
                      {there.name} · {there.portions}
                    </button>
                  ))}
                </div>
              </fieldset>
            )}
            <div className="grid gap-4 sm:grid-cols-[minmax(0,1fr)_8rem]">
              <div>
                <Field
                  label="Dish"
                  value={dish}
                  set={(value) => {
                    typed(setDish)(value);
                    setBatch(undefined);
                  }}
                  at="/dishes/0/text"
                  problem={save.problem}
                  hint="a recipe, something in stock, or just a name"
                />
                {!batch && kind === 'COOK' && <Suggestions text={dish} choose={setDish} />}
              </div>
              <Field
                label="Portions"
                kind="number"
                value={portions}
                set={typed(setPortions)}
                at="/dishes/0/portions"
                problem={save.problem}
                placeholder="for all"
              />
            </div>
            <Field
              label="With"
              value={sides}
              set={typed(setSides)}
              at="/sides"
              problem={save.problem}
              placeholder="rice, frozen peas"
              hint="foods with their usual amount a head, or your own: 100 g pasta and peas"
            />
          </>
        )}
        <fieldset>
          <legend className="font-semibold">Who eats</legend>
          {eaters.length === 0 && <p className="quiet">Nobody is written down yet; see Household.</p>}
          <div className="flex flex-wrap gap-1">
            {eaters.map((person) => {
              const on = here.includes(person.id);
              return (
                <button
                  key={person.id}
                  type="button"
                  aria-pressed={on}
                  className={`btn ${on ? 'btn-primary' : 'btn-outline'}`}
                  onClick={() => setPeople(on ? here.filter((id) => id !== person.id) : [...here, person.id])}
                >
                  {person.name}
                </button>
              );
            })}
          </div>
        </fieldset>
        <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
          <Field
            label="On the table"
            kind="time"
            value={table}
            set={typed(setTable)}
            at="/tableTime"
            problem={save.problem}
          />
          <Field
            label="Minutes for it"
            kind="number"
            value={minutes}
            set={typed(setMinutes)}
            at="/minutes"
            problem={save.problem}
          />
          <Field label="Note" value={note} set={typed(setNote)} at="/note" problem={save.problem} />
        </div>
        <OtherProblem problem={save.problem} fields={['/dishes/0', '/sides', '/tableTime', '/minutes', '/note']} />
        <div className="flex gap-3">
          <button type="submit" className="btn btn-primary btn-lg" disabled={save.busy}>
            Keep this evening
          </button>
          <button type="button" className="btn btn-ghost" onClick={close}>
            Leave it
          </button>
        </div>
      </form>
    </Panel>
  );
}

/** Recipes whose name holds what is typed. */
function Suggestions({ text, choose }: { text: string; choose: (title: string) => void }) {
  const titles = useTitles(text.trim()).data ?? [];
  const fit = titles.filter((one) => one.title.toLowerCase() !== text.trim().toLowerCase()).slice(0, 5);
  return (
    <div className="mt-1 flex flex-wrap gap-1">
      {fit.map((recipe) => (
        <button
          key={recipe.id}
          type="button"
          className="btn btn-ghost btn-sm min-h-11"
          onClick={() => choose(recipe.title)}
        >
          {recipe.title}
          {recipe.minutes > 0 && <span className="quiet figure"> {recipe.minutes} min</span>}
        </button>
      ))}
    </div>
  );
}
