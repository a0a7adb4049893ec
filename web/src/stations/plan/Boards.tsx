import type { CSSProperties } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../../api/client';
import { clockTime, ribbonDay, tapeColour, until } from '../../kit/words';
import type { useMoving } from './useMoving';

type Thread = Schema['ThreadView'];
type Hands = ReturnType<typeof useMoving>;

/** Packets that lie on a board without a meal; more are in the freezer's own picture. */
const LOOSE = 8;

/** The boards under the plates of some days: what lies in the fridge and the freezer for them, and what is to be bought. */
export function Boards({ plan, days, hands }: { plan: Schema['PlanView']; days: string[]; hands: Hands }) {
  const first = days[0] ?? plan.today;
  const last = days.at(-1) ?? first;
  const here = plan.threads.filter((thread) => thread.shelf !== 'CUPBOARD' && lies(thread, first, last));
  const now = days.includes(plan.today);
  const loose = (shelf: 'FRIDGE' | 'FREEZER') =>
    now
      ? plan.inStock.filter(
          (one) =>
            one.shelf === shelf &&
            one.free > 0 &&
            !here.some((thread) => thread.shelf === shelf && thread.of === one.batch),
        )
      : [];
  const buy = plan.weeks.find((week) => week.from <= first && first < after(week.from, 7))?.buy ?? [];
  return (
    <>
      <h2 className="week-name">Fridge</h2>
      <div className="board board-days" style={{ '--days': days.length } as CSSProperties}>
        {here
          .filter((thread) => thread.shelf === 'FRIDGE')
          .map((thread) => (
            <Lying key={thread.of} thread={thread} days={days} />
          ))}
        <Loose dishes={loose('FRIDGE')} hands={hands} />
      </div>
      <h2 className="week-name">Freezer</h2>
      <div className="board board-packets">
        {here
          .filter((thread) => thread.shelf === 'FREEZER')
          .map((thread) => (
            <Packet key={thread.of} thread={thread} first={first} last={last} />
          ))}
        <Loose dishes={loose('FREEZER')} hands={hands} />
      </div>
      <h2 className="week-name">To buy</h2>
      <div className="board board-buy">
        {buy.length === 0 ? (
          <span className="quiet">nothing</span>
        ) : (
          <Link to="/shop" className="hover:underline">
            {buy.join(' · ')}
          </Link>
        )}
      </div>
    </>
  );
}

const after = (iso: string, days: number) =>
  new Date(Date.parse(`${iso}T00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);

const ends = (thread: Thread) => thread.climbs.at(-1)?.day ?? thread.until ?? thread.born.slice(0, 10);

/** Whether it lies there on one of these days, for one of them. */
function lies(thread: Thread, first: string, last: string): boolean {
  return thread.shelf === 'FREEZER'
    ? thread.climbs.some((climb) => first <= climb.day && climb.day <= last)
    : thread.born.slice(0, 10) <= last && ends(thread) >= first;
}

/** What lies in the fridge, from the day it is there to the last it is eaten on. */
function Lying({ thread, days }: { thread: Thread; days: string[] }) {
  const born = thread.born.slice(0, 10);
  const from = Math.max(0, days.indexOf(born));
  const end = days.indexOf(ends(thread));
  const to = end < 0 ? days.length : end + 1;
  return (
    <span className="lying" style={{ gridColumn: `${from + 1} / ${Math.max(to, from + 1) + 1}` }}>
      <span className="tape plate-tape tape-name" style={{ background: tapeColour(thread.of) }}>
        {thread.name}
      </span>
      <span className={thread.frays ? 'plate-wrong' : 'quiet text-sm'}>
        {thread.ahead && `cooked ${ribbonDay(born)} `}
        {thread.until && `to ${ribbonDay(thread.until)}`}
      </span>
    </span>
  );
}

/** What lies in the freezer for a meal of these days, and when it leaves. */
function Packet({ thread, first, last }: { thread: Thread; first: string; last: string }) {
  const climbs = thread.climbs.filter((climb) => first <= climb.day && climb.day <= last);
  return (
    <span className="lying">
      <span className="tape plate-tape tape-name" style={{ background: tapeColour(thread.of) }}>
        {thread.name}
      </span>
      <span className="quiet text-sm">
        {climbs
          .map((climb) =>
            climb.out
              ? `out ${ribbonDay(climb.out.slice(0, 10))} ${clockTime(climb.out, climb.out)}`
              : `for ${ribbonDay(climb.day)}`,
          )
          .join(', ')}
      </span>
    </span>
  );
}

/** What is there and nobody eats yet: taken up with one tap, put on a plate with the next, or dragged there. */
function Loose({ dishes, hands }: { dishes: Schema['InStock'][]; hands: Hands }) {
  return (
    <>
      {dishes.slice(0, LOOSE).map((dish) => {
        const held = hands.held?.batch === dish.batch;
        return (
          <button
            key={dish.batch}
            type="button"
            className={`lying lying-loose ${held ? 'lying-held' : ''}`}
            aria-pressed={held}
            aria-label={`${dish.name}, ${dish.free} free: put it on a plate`}
            onPointerDown={(event) => event.button === 0 && hands.hold({ batch: dish.batch, name: dish.name })}
            onClick={(event) =>
              event.detail === 0 && hands.hold(held ? undefined : { batch: dish.batch, name: dish.name })
            }
          >
            <span className="tape plate-tape tape-name" style={{ background: tapeColour(dish.batch) }}>
              {dish.name} {dish.free}
            </span>
            <span className="quiet text-sm">{dish.until ? until(dish.until.words, dish.until.date) : 'there'}</span>
          </button>
        );
      })}
      {dishes.length > LOOSE && (
        <Link to="/onhand" className="self-center underline">
          and {dishes.length - LOOSE} more
        </Link>
      )}
    </>
  );
}
