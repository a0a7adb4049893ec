import { useState } from 'react';
import { answer, api, type Schema } from '../../api/client';
import { useHousehold } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { Choice, Field, Several } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';
import { Panel } from '../../kit/Panel';
import { mealWords, minuteWords, whole } from '../../kit/words';
import { kindWords } from './meals';

type Habit = Schema['HabitView'];
type Meal = Habit['meal'];

const weekdays = {
  '': 'every day',
  '1': 'Mondays',
  '2': 'Tuesdays',
  '3': 'Wednesdays',
  '4': 'Thursdays',
  '5': 'Fridays',
  '6': 'Saturdays',
  '7': 'Sundays',
} as const;
type Weekday = keyof typeof weekdays;

/** What is the same every week: which meals there are, when, how busy, who eats; a planned meal is the exception. */
export function HabitsPanel({ plan, close }: { plan: Schema['PlanView']; close: () => void }) {
  const people = (useHousehold().data?.people ?? []).filter((person) => person.active);
  const [meal, setMeal] = useState<Meal>('LUNCH');
  const [weekday, setWeekday] = useState<Weekday>('');
  const usual = plan.usual.find((one) => one.meal === meal);
  const [form, setForm] = useState({ table: '', home: '', minutes: '', note: '', eats: [] as string[] });
  const [kind, setKind] = useState<Habit['kind']>('COOK');
  const save = useAct('plan', (key, body: Schema['HabitInput']) =>
    answer(api.POST('/api/plan/habit', { params: { header: { 'Idempotency-Key': key } }, body })),
  );
  const forget = useAct('plan', (key, body: Schema['HabitGone']) =>
    answer(api.POST('/api/plan/habit/forget', { params: { header: { 'Idempotency-Key': key } }, body })),
  );
  const set = (more: Partial<typeof form>) => {
    save.forget();
    setForm({ ...form, ...more });
  };
  return (
    <Panel title="What repeats" close={close}>
      {plan.habits.length === 0 && <p className="quiet">Nothing yet: a dinner every day, cooked.</p>}
      <ul className="mb-4">
        {plan.habits.map((habit) => (
          <li key={habit.id} className="row grid-cols-[minmax(0,1fr)_auto]">
            <span>
              <b>
                {mealWords[habit.meal]} {weekdays[String(habit.weekday ?? '') as Weekday]}
              </b>{' '}
              <span className="figure">{habit.tableTime}</span> · {kindWords[habit.kind]} · {minuteWords(habit.minutes)}
              {habit.homeFrom && ` · home from ${habit.homeFrom}`}
              {habit.note && <span className="quiet block">{habit.note}</span>}
            </span>
            <button
              type="button"
              className="btn btn-ghost"
              onClick={() => habit.id !== undefined && forget.act({ id: habit.id })}
            >
              no longer
            </button>
          </li>
        ))}
      </ul>
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          save.act({
            meal,
            weekday: weekday === '' ? undefined : Number(weekday),
            tableTime: form.table || (usual?.tableTime ?? ''),
            homeFrom: form.home,
            minutes: whole(form.minutes, usual?.minutes ?? 30),
            kind,
            note: form.note,
            people: form.eats,
          });
        }}
      >
        <div className="grid gap-4 sm:grid-cols-3">
          <Choice label="Meal" value={meal} set={setMeal} of={mealWords} />
          <Choice label="On" value={weekday} set={setWeekday} of={weekdays} />
          <Choice label="Is" value={kind} set={setKind} of={kindWords} />
        </div>
        <div className="grid gap-4 sm:grid-cols-3">
          <Field
            label={meal === 'BOXES' ? 'Packed by' : 'On the table'}
            kind="time"
            value={form.table || (usual?.tableTime ?? '')}
            set={(table) => set({ table })}
            at="/tableTime"
            problem={save.problem}
          />
          <Field
            label="Somebody home from"
            kind="time"
            value={form.home}
            set={(home) => set({ home })}
            at="/homeFrom"
            problem={save.problem}
          />
          <Field
            label="Minutes for it"
            kind="number"
            value={form.minutes}
            set={(minutes) => set({ minutes })}
            at="/minutes"
            problem={save.problem}
            placeholder={String(usual?.minutes ?? '')}
          />
        </div>
        <Several
          label="Who eats; nobody chosen is everybody"
          chosen={form.eats}
          set={(eats) => set({ eats })}
          of={people.map((person) => [person.id, person.name])}
        />
        <Field label="Note" value={form.note} set={(note) => set({ note })} at="/note" problem={save.problem} />
        <OtherProblem
          problem={save.problem ?? forget.problem}
          fields={['/tableTime', '/homeFrom', '/minutes', '/note']}
        />
        <button type="submit" className="btn btn-primary btn-lg justify-self-start" disabled={save.busy}>
          From now on
        </button>
      </form>
    </Panel>
  );
}
