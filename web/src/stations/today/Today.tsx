import { Link } from 'react-router';
import { answer, api, type Schema } from '../../api/client';
import { useCounter, useEat, useHousehold, useToday } from '../../api/queries';
import { useAct } from '../../api/useAct';
import { CounterClock } from '../../kit/CounterClock';
import { Empty, Heading, Money, OtherProblem, Tape, Waiting } from '../../kit/kit';
import { mealWords, minuteWords, shortDay, until } from '../../kit/words';
import { MealCard } from '../eat/MealCard';
import { Scraps } from '../onhand/Scraps';

/** Tonight counted back, what leaves the freezer for the coming meals, what to use first, what the week costs. */
export function Today() {
  const today = useToday().data;
  const eat = useEat().data;
  const counter = useCounter();
  if (!today || !eat || counter.isPending) {
    return <Waiting />;
  }
  const tonight = eat.tonight;
  const dish = tonight?.dishes[0];
  const when =
    tonight && tonight.day > eat.today ? `Tomorrow, ${mealWords[tonight.meal]}` : due[tonight?.meal ?? 'DINNER'];
  return (
    <>
      <Heading
        title={dish ? `${when}: ${dish}` : when}
        below={
          tonight && dish
            ? `on the table at ${tonight.tableTime} for ${tonight.eaters.length}`
            : 'nothing is decided yet'
        }
      >
        {/* on the phone what is due comes first; the week's money is under Costs */}
        <p className="max-md:hidden">
          <Money amount={today.week.used} big />
        </p>
        <p className="quiet max-md:hidden">
          eaten in seven days, used · <Money amount={today.week.paid} /> paid at the till
          {Number(today.week.binned) > 0 && (
            <>
              {' '}
              · <Money amount={today.week.binned} /> binned
            </>
          )}
        </p>
      </Heading>
      <FirstSteps steps={today.firstSteps} />
      <div className="grid items-start gap-8 lg:grid-cols-[3fr_2fr]">
        <div className="grid gap-8">
          <Tonight meal={tonight} today={eat.today} fits={today.fits} />
          {eat.open.length > 0 && (
            <section aria-labelledby="open">
              <h2 id="open" className="mb-2 text-2xl">
                How was it?
              </h2>
              {eat.open.slice(0, 2).map((meal) => (
                <MealCard key={`${meal.day} ${meal.meal}`} meal={meal} />
              ))}
            </section>
          )}
        </div>
        <div className="grid gap-8">
          <CounterClock />
          <TakeOut out={today.takeOut} />
          <Freeze lots={today.freezeTonight} />
          <Scraps due />
          <section aria-labelledby="first">
            <h2 id="first" className="mb-2 text-2xl">
              Use first
            </h2>
            {today.useFirst.length === 0 && <p className="quiet">Nothing is in a hurry.</p>}
            <ul>
              {today.useFirst.map((lot) => (
                <li key={lot.id} className="row grid-cols-[minmax(0,1fr)_auto]">
                  <Tape name={lot.name} of={lot.batch ?? lot.name}>
                    {lot.amount}
                  </Tape>
                  <span className={lot.urgency === 'PAST' ? 'font-bold text-accent' : 'font-semibold'}>
                    {lot.urgency === 'PAST' && 'past: '}
                    {lot.until && until(lot.until.words, lot.until.date)}
                  </span>
                </li>
              ))}
            </ul>
          </section>
        </div>
      </div>
    </>
  );
}

function FirstSteps({ steps }: { steps: Schema['FirstStep'][] }) {
  if (steps.length === 0) {
    return null;
  }
  return (
    <section className="enamel mb-8 p-5" aria-labelledby="begin">
      <h2 id="begin" className="mb-2 text-2xl">
        Ten minutes to begin
      </h2>
      <ol>
        {steps.map((step, i) => (
          <li key={step.to} className="row grid-cols-[2.5rem_minmax(0,1fr)] last:border-0">
            <span className="stop-dot" aria-hidden="true">
              {step.done ? '✓' : i + 1}
            </span>
            {step.done ? (
              <span className="quiet text-lg">
                {step.words}
                <span className="sr-only">, done</span>
              </span>
            ) : (
              <Link to={step.to} className="min-h-11 content-center text-lg font-semibold underline">
                {step.words}
              </Link>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

/** How the meal that is due is called. */
const due: Record<Schema['MealView']['meal'], string> = {
  BREAKFAST: 'Breakfast',
  BOXES: 'Boxes',
  LUNCH: 'Lunch',
  SNACK: 'Snack',
  DINNER: 'Tonight',
  SUPPER: 'Supper',
};

/** A meal that is late: when it is ready now, and what is on the table sooner. */
function Late({ meal, fits }: { meal: Schema['MealView']; fits: Schema['FitsView'][] }) {
  const put = useAct('all', (key, batch: string) =>
    answer(
      api.POST('/api/plan/put', {
        params: { header: { 'Idempotency-Key': key } },
        body: { to: { day: meal.day, meal: meal.meal }, batch },
      }),
    ),
  );
  if (!meal.late) {
    return null;
  }
  return (
    <div className="enamel mb-4 p-4">
      <p className="text-lg font-bold text-accent">
        {minuteWords(meal.late.minutes)} behind: begun now, it is on the table at {meal.late.table}
      </p>
      {fits.length > 0 && (
        <>
          <p className="quiet mt-2">Sooner, from the fridge:</p>
          <div className="flex flex-wrap gap-2">
            {fits.slice(0, 3).map((dish) => (
              <button
                key={dish.batch}
                type="button"
                className="btn btn-outline"
                disabled={put.busy}
                onClick={() => put.act(dish.batch)}
              >
                {dish.name} · {dish.free}
              </button>
            ))}
          </div>
        </>
      )}
      <OtherProblem problem={put.problem} fields={[]} />
    </div>
  );
}

function Tonight({
  meal,
  today,
  fits,
}: {
  meal: Schema['MealView'] | undefined;
  today: string;
  fits: Schema['FitsView'][];
}) {
  if (!meal) {
    return (
      <Empty to="/plan" go="Decide tonight">
        Nothing is planned for tonight. A name is enough.
      </Empty>
    );
  }
  return (
    <section aria-label="Tonight">
      {meal.note && <p className="mb-2 font-semibold text-primary">{meal.note}</p>}
      <Late meal={meal} fits={fits} />
      {meal.steps.length > 0 && (
        <ol className="enamel mb-4 p-4">
          {meal.steps.map((step) => (
            <li key={`${step.at} ${step.words}`} className="row grid-cols-[4.2rem_minmax(0,1fr)] last:border-0">
              <span className="figure text-2xl font-bold">{step.at}</span>
              <span className="text-lg">{step.words}</span>
            </li>
          ))}
          <li className="row grid-cols-[4.2rem_minmax(0,1fr)] last:border-0">
            <span className="figure text-2xl font-bold text-primary">{meal.tableTime}</span>
            <span className="text-lg font-semibold text-primary">on the table</span>
          </li>
        </ol>
      )}
      {meal.day === today && <MealCard meal={meal} />}
    </section>
  );
}

function TakeOut({ out }: { out: Schema['OutView'][] }) {
  const fridge = (useHousehold().data?.places ?? []).find((place) => place.kind === 'FRIDGE');
  const take = useAct('stock', (key, one: Schema['OutView']) =>
    answer(
      api.POST('/api/lots/{id}', {
        params: { path: { id: one.lot }, header: { 'Idempotency-Key': key } },
        body: { hand: 'MOVE', place: fridge?.id, amount: one.all ? undefined : one.amount },
      }),
    ),
  );
  return (
    <section aria-labelledby="out">
      <h2 id="out" className="mb-2 text-2xl">
        Take out
      </h2>
      {out.length === 0 && <p className="quiet">Nothing has to leave the freezer for the next evenings.</p>}
      <ul>
        {out.map((one) => (
          <li key={`${one.lot} ${one.forDay}`} className="row grid-cols-[minmax(0,1fr)_auto]">
            <span>
              <span className="text-lg font-semibold">
                {one.amount} {one.name}
              </span>
              <span className="quiet block text-sm" title={one.rule}>
                {one.late ? (
                  <b className="text-accent">
                    should be out since {shortDay(one.by)} {one.by.slice(11)}:{' '}
                  </b>
                ) : (
                  `${one.place} · by ${shortDay(one.by)} ${one.by.slice(11)} `
                )}
                {one.late ? one.ways.join(', or ') : `for ${shortDay(one.forDay)}`}
              </span>
            </span>
            <button type="button" className="btn btn-outline" onClick={() => take.act(one)}>
              Taken out<span className="sr-only">: {one.name}</span>
            </button>
          </li>
        ))}
      </ul>
      <OtherProblem problem={take.problem} fields={[]} />
    </section>
  );
}

function Freeze({ lots }: { lots: Schema['FreezeView'][] }) {
  const freezer = (useHousehold().data?.places ?? []).find((place) => place.kind === 'FREEZER');
  const freeze = useAct('stock', (key, lot: Schema['FreezeView']) =>
    answer(
      api.POST('/api/lots/{id}', {
        params: { path: { id: lot.id }, header: { 'Idempotency-Key': key } },
        body: { hand: 'MOVE', place: freezer?.id, amount: lot.all ? undefined : lot.amount },
      }),
    ),
  );
  if (lots.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="freeze">
      <h2 id="freeze" className="mb-2 text-2xl">
        Cook it, or freeze it tonight
      </h2>
      <ul>
        {lots.map((lot) => (
          <li key={lot.id} className="row grid-cols-[minmax(0,1fr)_auto]">
            <span>
              <span className="text-lg font-semibold">
                {!lot.all && 'the rest: '}
                {lot.amount} {lot.name}
              </span>
              <span className="block text-sm font-bold text-accent">
                {lot.until && until(lot.until.words, lot.until.date)}, no evening wants it
              </span>
            </span>
            <button type="button" className="btn btn-outline" onClick={() => freeze.act(lot)}>
              Freeze it<span className="sr-only">: {lot.name}</span>
            </button>
          </li>
        ))}
      </ul>
      <OtherProblem problem={freeze.problem} fields={[]} />
    </section>
  );
}
