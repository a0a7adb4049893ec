import { answer, api, type Schema } from '../../api/client';
import { useHousehold } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { Field } from '../../kit/Field';
import { OneOf, OtherProblem } from '../../kit/kit';
import { Panel } from '../../kit/Panel';
import { Suggestions } from '../../kit/Suggestions';
import { useForm } from '../../kit/useForm';
import { keep } from '../../kit/useKept';
import { shortDay, whole } from '../../kit/words';

type Input = Schema['EveningInput'];
type Kind = Input['kind'];
type Day = Schema['PlanDay'];
/** As typed; `people` once somebody was tapped. */
type Form = {
  kind: Kind;
  dish: string;
  batch: string | undefined;
  portions: string;
  sides: string;
  table: string;
  minutes: string;
  note: string;
  people: string[] | undefined;
};

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
  const typed = `evening-${day.date}-${slot?.version ?? 0}`;
  const leave = () => {
    keep(typed, '');
    close();
  };
  const save = useAct(
    'plan',
    (key, body: Input) =>
      answer(api.POST('/api/plan/evening', { params: { header: { 'Idempotency-Key': key } }, body })),
    close,
    typed,
  );
  const { form, set } = useForm<Form>(
    {
      kind: slot?.kind ?? 'COOK',
      dish: main?.name ?? '',
      batch: main?.kind === 'BATCH' ? main.of : undefined,
      portions: main?.portions === undefined ? '' : String(main.portions),
      sides:
        slot?.dishes
          .filter((dish) => dish.kind === 'SIDE')
          .map((dish) => dish.name)
          .join(', ') ?? '',
      table: slot?.tableTime ?? plan.usualTable,
      minutes: String(slot?.minutes ?? plan.usualMinutes),
      note: slot?.note ?? '',
      people: undefined,
    },
    save.forget,
    typed,
  );
  const { kind, dish, batch } = form;
  const here = form.people ?? slot?.people ?? eaters.map((person) => person.id);
  const eats = kind !== 'OUT' && kind !== 'UNDECIDED';
  const many = whole(form.portions, undefined, 0);
  const dishes =
    eats && (batch || dish.trim() !== '') ? [{ batch, text: batch ? undefined : dish, portions: many }] : [];
  return (
    <Panel title={shortDay(day.date)} close={leave}>
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          save.act({
            day: day.date,
            version: slot?.version ?? 0,
            kind,
            tableTime: form.table,
            minutes: whole(form.minutes, -1, -1),
            locked: slot?.locked ?? false,
            note: form.note,
            people: here,
            dishes,
            sides: eats ? form.sides : '',
          });
        }}
      >
        <OneOf choices={kinds} chosen={kind} choose={(choice) => set({ kind: choice })} />
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
                      onClick={() => set({ batch: there.batch, dish: there.name })}
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
                  set={(value) => set({ dish: value, batch: undefined })}
                  at="/dishes/0/text"
                  problem={save.problem}
                  hint="a recipe, something in stock, or just a name"
                />
                {!batch && kind === 'COOK' && <Suggestions text={dish} choose={(title) => set({ dish: title })} />}
              </div>
              <Field
                label="Portions"
                kind="number"
                value={form.portions}
                set={(value) => set({ portions: value })}
                at="/dishes/0/portions"
                problem={save.problem}
                placeholder="for all"
              />
            </div>
            <Field
              label="With"
              value={form.sides}
              set={(value) => set({ sides: value })}
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
                  onClick={() => set({ people: on ? here.filter((id) => id !== person.id) : [...here, person.id] })}
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
            value={form.table}
            set={(value) => set({ table: value })}
            at="/tableTime"
            problem={save.problem}
          />
          <Field
            label="Minutes for it"
            kind="number"
            value={form.minutes}
            set={(value) => set({ minutes: value })}
            at="/minutes"
            problem={save.problem}
          />
          <Field
            label="Note"
            value={form.note}
            set={(value) => set({ note: value })}
            at="/note"
            problem={save.problem}
          />
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
