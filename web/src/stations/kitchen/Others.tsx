import { useState } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../../api/client';
import { type Run, useDishAct, useTaskAct } from '../../api/kitchen';
import { useCookDay } from '../../api/queries';
import { Choice, Field } from '../../kit/Field';
import { OtherProblem } from '../../kit/kit';
import { clockTime, whole } from '../../kit/words';

type Kind = NonNullable<Schema['TaskInput']['kind']>;

/** What the others do, and what waits for something that is not there. */
export function Others({ run, id, me }: { run: Run; id: string; me: string | undefined }) {
  return (
    <>
      {run.hands
        .filter((hands) => hands.name !== me)
        .map((hands) => {
          const now = hands.now === undefined ? undefined : run.tasks[hands.now];
          const next = hands.next === undefined ? undefined : run.tasks[hands.next];
          return (
            <section key={hands.name} className="enamel p-4 text-xl" aria-label={`${hands.name}, now`}>
              <strong>{hands.name}</strong>: {now ? `${now.dish}: ${now.text}` : hands.there ? 'free' : 'away'}
              {next && (
                <span className="quiet block text-lg">
                  next, {clockTime(next.start, run.day)}: {next.dish}: {next.text}
                </span>
              )}
            </section>
          );
        })}
      {run.waiting.map((pos) => (
        <Waits key={pos} run={run} id={id} pos={pos} />
      ))}
      <Cooked run={run} />
    </>
  );
}

/** What is cooked and not written down yet: it leaves the stock, and reaches the packets, once it is. */
function Cooked({ run }: { run: Run }) {
  const pots = useCookDay(run.day).data?.pots ?? [];
  const cooked = pots.filter((pot) => run.cooked.includes(pot.batch));
  if (cooked.length === 0) {
    return null;
  }
  return (
    <section className="enamel grid gap-2 p-4" aria-label="Cooked, to be written down">
      <p className="text-xl">Off the heat: write down what came out, then its labels can be written.</p>
      <div className="flex flex-wrap gap-2">
        {cooked.map((pot) => (
          <Link
            key={pot.batch}
            to={`/cook/${pot.recipe}?batch=${pot.batch}&factor=${pot.factor}&vessels=${pot.vessels}&style=${pot.style}`}
            className="btn btn-outline kitchen-button"
          >
            {pot.title}
          </Link>
        ))}
      </div>
    </section>
  );
}

const ways: Record<Kind | 'NONE', string> = {
  BURNER: 'on a burner',
  RACK: 'in the oven',
  SLOW_COOKER: 'in a slow cooker',
  PRESSURE_COOKER: 'in a pressure cooker',
  HOT_AIR: 'in the hot-air drawer',
  PAN: 'in a pan',
  GRIDDLE: 'on the griddle',
  SIEVE: 'over a sieve',
  POT: 'in a large pot',
  COOLING: 'in the cold',
  NONE: 'with nothing',
};

function Waits({ run, id, pos }: { run: Run; id: string; pos: number }) {
  const [kind, setKind] = useState<Kind | 'NONE'>('BURNER');
  const [minutes, setMinutes] = useState('');
  const act = useTaskAct(id);
  const drop = useDishAct(id, () => undefined);
  const task = run.tasks[pos];
  if (!task) {
    return null;
  }
  const saves = run.saves.filter((save) => save.pos === pos);
  return (
    <form
      className="enamel grid gap-3 border-l-8 border-l-accent p-4"
      aria-label={`${task.dish} waits`}
      onSubmit={(event) => {
        event.preventDefault();
        act.act({ pos, what: 'INSTEAD', minutes: whole(minutes, 0), ...(kind === 'NONE' ? {} : { kind }) });
      }}
    >
      <p className="text-xl">
        <strong>{task.dish}</strong> waits: {task.text}
      </p>
      {saves.length > 0 && (
        <div className="flex flex-wrap gap-3">
          {saves.map((save) => (
            <button
              key={save.words}
              type="button"
              className="btn btn-primary kitchen-button"
              disabled={act.busy || drop.busy}
              onClick={() =>
                save.drop
                  ? drop.act({ drop: save.of })
                  : act.act({
                      pos,
                      what: 'INSTEAD',
                      minutes: save.minutes,
                      words: save.words,
                      ...(save.kind ? { kind: save.kind } : {}),
                    })
              }
            >
              {save.words}
            </button>
          ))}
        </div>
      )}
      <div className="flex flex-wrap items-end gap-3">
        <Choice label="Cook it" value={kind} set={setKind} of={ways} wide="w-48" />
        <Field
          label="Minutes"
          kind="number"
          value={minutes}
          set={setMinutes}
          problem={act.problem}
          at="/minutes"
          wide="w-24"
        />
        <button type="submit" className="btn btn-outline kitchen-button" disabled={act.busy}>
          Like that
        </button>
        <button
          type="button"
          className="btn btn-ghost kitchen-button"
          onClick={() => act.act({ pos, what: 'LEAVE_OUT' })}
        >
          Leave it out
        </button>
      </div>
      <OtherProblem problem={act.problem ?? drop.problem} fields={['/minutes']} />
    </form>
  );
}
