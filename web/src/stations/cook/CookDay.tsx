import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { answer, api, type Schema } from '../../api/client';
import { useDayClock } from '../../api/kitchen';
import { useCookDay, useHousehold } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { OtherProblem, Tape, Waiting } from '../../kit/kit';
import { minuteWords, shortDay, styleWords } from '../../kit/words';
import { DayClock } from './DayClock';
import { handsText, noHands } from './WhoCooks';

type Around = { children: ReactNode };

/**
 * The cook day: everything on one clock, the day before, what is chopped once, and the pots.
 *
 * @param children what stands below it: shown once the clock is known, so that nothing moves under a finger
 */
export function CookDay({ children }: Around) {
  const [day, setDay] = useState<string>();
  const ahead = useCookDay(day);
  const asked = ahead.data;
  if (!asked) {
    return ahead.error ? children : <Waiting />;
  }
  if (asked.pots.length === 0 && asked.joints.length === 0 && asked.days.length === 0) {
    return children;
  }
  return (
    <OnClock asked={asked} setDay={setDay}>
      {children}
    </OnClock>
  );
}

type Props = Around & { asked: Schema['CookDayView']; setDay: (day: string) => void };

function OnClock({ asked, setDay, children }: Props) {
  const today = useHousehold().data?.today ?? '';
  const clock = useDayClock({ day: asked.day, begin: '', doneBy: '', ...handsText(noHands, asked.day) });
  if (!clock.data && !clock.error) {
    return <Waiting />;
  }
  return (
    <>
      <section aria-labelledby="cookday" className="mb-10">
        <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
          <h2 id="cookday" className="text-2xl">
            Cook day, {shortDay(asked.day)}
          </h2>
          <div className="flex flex-wrap gap-2">
            {asked.days.length > 1 &&
              asked.days.map((other) => (
                <button
                  key={other}
                  type="button"
                  aria-pressed={other === asked.day}
                  className={`btn no-print ${other === asked.day ? 'btn-primary' : 'btn-outline'}`}
                  onClick={() => setDay(other)}
                >
                  {shortDay(other)}
                </button>
              ))}
          </div>
        </div>
        <DayClock key={asked.day} day={asked.day} today={today} />
        <div className="grid items-start gap-6 lg:grid-cols-[3fr_2fr]">
          <ol>
            {asked.pots.map((pot) => (
              <Pot key={pot.batch} pot={pot} />
            ))}
            {asked.joints.map((joint) => (
              <li key={joint} className="row grid-cols-[minmax(0,1fr)_auto]">
                <span className="font-semibold">{joint}</span>
                <Link to="/stretch" className="btn btn-outline">
                  To its parts<span className="sr-only">: {joint}</span>
                </Link>
              </li>
            ))}
          </ol>
          <div className="grid gap-5">
            <section className="enamel p-4" aria-label="The day before">
              <h3 className="text-xl">The day before</h3>
              {asked.dayBefore.length === 0 && <p className="quiet">Nothing has to be thawed or soaked.</p>}
              <ul>
                {asked.dayBefore.map((task) => (
                  <li key={task.words} className="py-1 text-lg">
                    {task.words}
                    {task.why && <span className="quiet block text-sm">{task.why}</span>}
                  </li>
                ))}
              </ul>
            </section>
            <section className="enamel p-4" aria-label="Chop once">
              <h3 className="text-xl">Chop once</h3>
              {asked.preparations.length === 0 && <p className="quiet">No line says how it is cut.</p>}
              <ul>
                {asked.preparations.map((one) => (
                  <li key={`${one.what} ${one.how}`} className="py-1">
                    <span className="text-lg">
                      <strong>{one.all}</strong> {one.what}, {one.how}
                    </span>
                    {one.parts.length > 1 && (
                      <span className="quiet block text-sm">
                        {one.parts.map((part) => `${part.amount} ${part.dish}`).join(' · ')}
                      </span>
                    )}
                  </li>
                ))}
              </ul>
            </section>
          </div>
        </div>
      </section>
      {children}
    </>
  );
}

function Pot({ pot }: { pot: Schema['PotView'] }) {
  const drop = useAct('plan', (key, id: string) =>
    answer(
      api.POST('/api/cookday/batches/{id}/drop', { params: { path: { id }, header: { 'Idempotency-Key': key } } }),
    ),
  );
  return (
    <li className="row grid-cols-[minmax(0,1fr)] sm:grid-cols-[minmax(0,1fr)_auto]">
      <span>
        <Tape name={pot.title} of={pot.batch}>
          {pot.portions}
        </Tape>
        <span className="quiet text-sm">
          {styleWords[pot.style]} · {minuteWords(pot.handsMin)} of hands, {minuteWords(pot.waitMin)} alone
          {pot.factor !== '1' && ` · ${pot.factor} × as written`}
          {pot.vessels > 1 && ` · ${pot.vessels} pots`}
        </span>
        <OtherProblem problem={drop.problem} fields={[]} />
      </span>
      <span className="no-print flex gap-1">
        <Link
          to={`/cook/${pot.recipe}?batch=${pot.batch}&factor=${pot.factor}&vessels=${pot.vessels}&style=${pot.style}`}
          className="btn btn-primary"
        >
          Cook<span className="sr-only"> {pot.title}</span>
        </Link>
        <button type="button" className="btn btn-ghost" onClick={() => drop.act(pot.batch)}>
          Leave out<span className="sr-only"> {pot.title}</span>
        </button>
      </span>
    </li>
  );
}

/** Puts a dish on a cook day. */
export function PlanBatch({ recipe, day, close }: { recipe: Schema['RecipeCard']; day: string; close: () => void }) {
  const [cookOn, setCookOn] = useState(day);
  const [factor, setFactor] = useState('1');
  const plan = useAct(
    'plan',
    (key, body: Schema['BatchInput']) =>
      answer(api.POST('/api/cookday/batches', { params: { header: { 'Idempotency-Key': key } }, body })),
    close,
  );
  return (
    <form
      className="flex flex-wrap items-end gap-2 p-3"
      onSubmit={(event) => {
        event.preventDefault();
        plan.act({ recipe: recipe.id, style: recipe.styles[0] ?? 'COOKED', factor, cookOn });
      }}
    >
      <label className="text-sm">
        On
        <input className="input w-40" type="date" value={cookOn} onChange={(event) => setCookOn(event.target.value)} />
      </label>
      <label className="text-sm">
        Times
        <input className="input w-20" value={factor} onChange={(event) => setFactor(event.target.value)} />
      </label>
      <button type="submit" className="btn btn-primary" disabled={plan.busy}>
        Put it on that day
      </button>
      <OtherProblem problem={plan.problem} fields={[]} />
    </form>
  );
}
