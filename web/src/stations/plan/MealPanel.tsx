import { answer, api, type Schema } from '../../api/client';
import { useHousehold } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { CookLinks } from '../../kit/CookLinks';
import { Field, Several } from '../../kit/Field';
import { OneOf, OtherProblem } from '../../kit/kit';
import { Panel } from '../../kit/Panel';
import { useForm } from '../../kit/useForm';
import { keep } from '../../kit/useKept';
import { mealWords, portionsOf, shortDay, whole } from '../../kit/words';
import { DishFields, type DishForm, emptyDish } from './DishFields';
import { GuestFields, type GuestForm } from './GuestFields';
import { Mends } from './Mends';
import { kinds } from './meals';

type Input = Schema['EveningInput'];
/** As typed; `people` once somebody was tapped. */
type Form = {
  kind: Input['kind'];
  dishes: DishForm[];
  sides: string;
  tasks: string;
  table: string;
  home: string;
  minutes: string;
  note: string;
  people: string[] | undefined;
  guests: GuestForm[];
};

const names = (slot: Schema['SlotView'] | undefined, kind: string) =>
  (slot?.dishes ?? [])
    .filter((dish) => dish.kind === kind)
    .map((dish) => dish.name)
    .join(', ');

function begun(meal: Schema['DayMealView']): Form {
  const { slot, usual } = meal;
  const dishes = (slot?.dishes ?? [])
    .filter((dish) => dish.kind === 'RECIPE' || dish.kind === 'BATCH')
    .map((dish) => ({
      name: dish.name,
      batch: dish.kind === 'BATCH' ? dish.of : undefined,
      portions: dish.portions === undefined ? '' : String(dish.portions),
      eaters: dish.eaters,
      frozen: dish.frozen,
      cookOn: '',
      style: 'COOKED' as const,
      also: [],
      makes: '',
    }));
  return {
    kind: slot?.kind ?? usual.kind,
    dishes: dishes.length > 0 ? dishes : [emptyDish],
    sides: names(slot, 'SIDE'),
    tasks: names(slot, 'TASK'),
    table: slot?.tableTime ?? usual.tableTime,
    home: slot ? (slot.homeFrom ?? '') : (usual.homeFrom ?? ''),
    minutes: String(slot?.minutes ?? usual.minutes),
    note: slot?.note ?? usual.note,
    people: undefined,
    guests: (slot?.guests ?? []).map((guest) => ({ ...guest, allergens: guest.allergens.join(', ') })),
  };
}

/** One meal to decide: dishes by name or from the stock, sides, who eats what, when, and how much time there is. */
export function MealPanel({
  date,
  meal,
  plan,
  close,
}: {
  date: string;
  meal: Schema['DayMealView'];
  plan: Schema['PlanView'];
  close: () => void;
}) {
  const { slot, usual } = meal;
  const eaters = (useHousehold().data?.people ?? []).filter((person) => person.active);
  const typed = `meal-${date}-${meal.meal}-${slot?.version ?? 0}`;
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
  const { form, set } = useForm<Form>(begun(meal), save.forget, typed);
  const { kind } = form;
  const usually = usual.people.length > 0 ? usual.people : eaters.map((person) => person.id);
  const here = form.people ?? slot?.people ?? usually;
  const eats = kind !== 'OUT' && kind !== 'UNDECIDED';
  const dishes = form.dishes
    .filter((dish) => eats && (dish.batch || dish.name.trim() !== ''))
    .map((dish) => ({
      batch: dish.batch,
      text: dish.batch ? undefined : dish.name,
      portions: portionsOf(dish.portions, undefined),
      eaters: dish.eaters.filter((id) => here.includes(id)),
      frozen: dish.frozen,
      cookOn: dish.cookOn === '' ? undefined : dish.cookOn,
      style: dish.style,
      also: dish.also.map((day) => ({ day, meal: 'DINNER' as const })),
      makes: dish.cookOn === '' ? undefined : portionsOf(dish.makes, undefined),
    }));
  const set1 = (at: number, dish: DishForm) => set({ dishes: form.dishes.map((old, i) => (i === at ? dish : old)) });
  return (
    <Panel title={`${shortDay(date)} · ${mealWords[meal.meal]}`} close={leave}>
      {meal.remarks
        .filter((remark) => remark.level === 'STOP')
        .map((remark) => (
          <p key={remark.words} className="mb-1 font-bold text-accent">
            {remark.words}
          </p>
        ))}
      {meal.remarks.some((remark) => remark.level === 'STOP') && <Mends day={date} meal={meal.meal} done={leave} />}
      {date === plan.today &&
        slot?.state === 'PLANNED' &&
        slot.dishes.map(
          (dish) =>
            dish.of &&
            dish.factor && <CookLinks key={dish.of} recipe={dish.of} factor={dish.factor} name={dish.name} />,
        )}
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          save.act({
            day: date,
            version: slot?.version ?? 0,
            meal: meal.meal,
            kind,
            tableTime: form.table,
            homeFrom: form.home,
            minutes: whole(form.minutes, -1),
            locked: slot?.locked ?? false,
            note: form.note,
            people: here,
            guests: form.guests.map((guest) => ({
              ...guest,
              allergens: guest.allergens.split(/[,;]/).flatMap((word) => (word.trim() ? [word.trim()] : [])),
            })),
            dishes,
            sides: eats ? form.sides : '',
            tasks: eats ? form.tasks : '',
          });
        }}
      >
        <OneOf choices={kinds} chosen={kind} choose={(choice) => set({ kind: choice })} />
        {eats && (
          <>
            {form.dishes.map((dish, i) => (
              <DishFields
                // a list that only grows at its end
                // biome-ignore lint/suspicious/noArrayIndexKey: see above
                key={i}
                at={i}
                dish={dish}
                set={(now) => set1(i, now)}
                fromStock={kind === 'STOCK' || kind === 'LEFTOVERS'}
                date={date}
                plan={plan}
                eaters={form.dishes.length > 1 ? eaters.filter((person) => here.includes(person.id)) : []}
                problem={save.problem}
              />
            ))}
            <button
              type="button"
              className="btn btn-ghost justify-self-start"
              onClick={() => set({ dishes: [...form.dishes, emptyDish] })}
            >
              another dish
            </button>
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
        <Several
          label="Who eats"
          chosen={here}
          set={(people) => set({ people })}
          of={eaters.map((person) => [person.id, person.name])}
        />
        <GuestFields guests={form.guests} set={(guests) => set({ guests })} problem={save.problem} />
        <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
          <Field
            label={meal.meal === 'BOXES' ? 'Packed by' : 'On the table'}
            kind="time"
            value={form.table}
            set={(value) => set({ table: value })}
            at="/tableTime"
            problem={save.problem}
          />
          <Field
            label="Somebody home from"
            kind="time"
            value={form.home}
            set={(value) => set({ home: value })}
            at="/homeFrom"
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
        </div>
        <div className="grid gap-4 sm:grid-cols-2">
          {eats && (
            <Field
              label="To do for it"
              value={form.tasks}
              set={(value) => set({ tasks: value })}
              at="/tasks"
              problem={save.problem}
              placeholder="dress the salad 5 min"
            />
          )}
          <Field
            label="Note"
            value={form.note}
            set={(value) => set({ note: value })}
            at="/note"
            problem={save.problem}
          />
        </div>
        <OtherProblem
          problem={save.problem}
          fields={['/dishes', '/sides', '/tasks', '/guests', '/tableTime', '/homeFrom', '/minutes', '/note']}
        />
        <div className="flex gap-3">
          <button type="submit" className="btn btn-primary btn-lg" disabled={save.busy}>
            Keep this meal
          </button>
          <button type="button" className="btn btn-ghost" onClick={close}>
            Leave it
          </button>
        </div>
      </form>
    </Panel>
  );
}
