import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Schema } from '../../api/client';
import { useBeginAct, useDayClock, useTaskAct } from '../../api/kitchen';
import { OtherProblem, Waiting } from '../../kit/kit';
import { clockTime, minuteWords } from '../../kit/words';
import { DayLanes } from './DayLanes';
import { type Hands, handsText, noHands, WhoCooks } from './WhoCooks';

/** The counter clock: lanes for hands, flames, oven, cookers and cold, with everything of the day on them. */
export function DayClock({ day, today }: { day: string; today: string }) {
  const [who, setWho] = useState<Hands>(noHands);
  const [open, setOpen] = useState(false);
  const go = useNavigate();
  const said = { day, begin: who.begin, doneBy: who.doneBy, ...handsText(who, day) };
  const asked = useDayClock(said);
  const clock = asked.data;
  const begin = useBeginAct(() => go('/kitchen'));
  if (asked.error && !clock) {
    return <p className="fieldproblem">{asked.error.message}</p>;
  }
  if (!clock) {
    return <Waiting />;
  }
  const form = <WhoCooks who={who} set={setWho} cooks={clock.cooks} day={day} problem={asked.error?.message} />;
  if (clock.tasks.length === 0) {
    return clock.impossible === '' ? null : (
      <section aria-label="Counter clock" className="mb-8">
        <p className="fieldproblem mb-4">{clock.impossible}</p>
        {form}
      </section>
    );
  }
  const split = (text: string) => (text === '' ? [] : text.split(','));
  return (
    <section aria-label="Counter clock" className="mb-8">
      <div className="mb-3 flex flex-wrap items-start gap-x-8 gap-y-2">
        <p>
          <span className="quiet block">off your feet</span>
          <span className="figure text-4xl font-bold">{clockTime(clock.handsFree, day)}</span>
          {clock.handsFreeLate !== clock.handsFree && (
            <span className="quiet block">with interruptions by {clockTime(clock.handsFreeLate, day)}</span>
          )}
        </p>
        <p>
          <span className="quiet block">bagged and cold</span>
          <span className="figure text-4xl font-bold">{clockTime(clock.cold, day)}</span>
        </p>
        <p className="text-lg">
          from <strong className="figure">{clockTime(clock.begin, day)}</strong> with{' '}
          {clock.lanes
            .filter((lane) => lane.kind === 'hands')
            .map((lane) => lane.name)
            .join(' and ')}
        </p>
        {clock.run === undefined ? (
          <>
            {day === today && (
              <button
                type="button"
                className="btn btn-primary no-print"
                disabled={begin.busy}
                onClick={() => begin.act({ day, hands: split(said.hands), breaks: split(said.breaks) })}
              >
                Begin the day now
              </button>
            )}
            <button
              type="button"
              className={`btn no-print ${day === today ? 'btn-outline' : 'btn-primary'}`}
              disabled={begin.busy}
              onClick={() =>
                begin.act({
                  day,
                  ...(who.doneBy === '' ? { begin: who.begin || clock.begin.slice(11, 16) } : { doneBy: who.doneBy }),
                  ...(who.doneBy !== '' && who.begin !== '' ? { begin: who.begin } : {}),
                  hands: split(said.hands),
                  breaks: split(said.breaks),
                })
              }
            >
              Keep this plan
            </button>
            <button
              type="button"
              className="btn btn-ghost no-print"
              aria-expanded={open}
              onClick={() => setOpen(!open)}
            >
              Other times, other hands
            </button>
          </>
        ) : (
          <Link to="/kitchen" className="btn btn-primary no-print">
            To the kitchen
          </Link>
        )}
      </div>
      <p className="no-print mb-3">
        <a
          className="link"
          href={`/api/cookday/sheet.pdf?${new URLSearchParams(said)}`}
          target="_blank"
          rel="noreferrer"
        >
          The cook sheet, to print
        </a>
      </p>
      <OtherProblem problem={begin.problem} fields={[]} />
      {open && clock.run === undefined && form}
      {clock.run === undefined ? <DayLanes clock={clock} /> : <Running clock={clock} run={clock.run} />}
      {clock.warnings.map((warning) => (
        <p key={warning} className="fieldproblem mt-2">
          {warning}
        </p>
      ))}
      {clock.earlier.length > 0 && (
        <p className="quiet mt-2">
          off your feet earlier with:{' '}
          {clock.earlier.map((one) => `${one.what}: ${minuteWords(one.minutes)}`).join(' · ')}
        </p>
      )}
    </section>
  );
}

/** A day that was begun: what is to come can be moved, and the rest gives way. */
function Running({ clock, run }: { clock: Schema['ClockView']; run: string }) {
  const act = useTaskAct(run);
  return (
    <>
      <DayLanes clock={clock} move={(pos, at) => act.act({ pos, what: 'MOVE', at })} />
      <OtherProblem problem={act.problem} fields={[]} />
    </>
  );
}
