import type { Schema } from '../../api/client';
import { shortDay } from '../../kit/words';
import { type Laid, type Layout, size } from './runLayout';

/** Each thread from its birth over its shelf up to its meals, its name on a tape; drawn over the shelves. */
export function RunThreads({ laid, plan }: { laid: Layout; plan: Schema['PlanView'] }) {
  return (
    <>
      {laid.threads.map((one) => (
        <Thread key={`${one.thread.of} ${one.thread.shelf}`} one={one} laid={laid} />
      ))}
      {laid.threads.map((one) => (
        <Label key={`${one.thread.of} ${one.thread.shelf}`} one={one} laid={laid} today={plan.today} />
      ))}
    </>
  );
}

function Thread({ one, laid }: { one: Laid; laid: Layout }) {
  const { thread, y } = one;
  const colour = laid.colour(thread.of, thread.name);
  const fridge = laid.shelves.find((shelf) => shelf.name === 'FRIDGE');
  const cold = fridge ? fridge.y + fridge.height / 2 : y;
  const lying = thread.shelf === 'CUPBOARD' ? '' : `M${one.x} ${y} L${one.to} ${y}`;
  const climbs = thread.climbs.map((climb) => {
    const x = laid.middle(climb.day);
    const top = laid.table(climb.meal) + size.dot;
    return climb.out && thread.shelf === 'FREEZER'
      ? `M${laid.x(climb.out)} ${y} L${x} ${cold} L${x} ${top}`
      : `M${x} ${y} L${x} ${top}`;
  });
  const path = [lying, ...climbs].join(' ');
  const limit = thread.until && thread.frays ? Math.max(one.x, laid.x(thread.until) + laid.column) : undefined;
  return (
    <g className={thread.ahead && thread.shelf !== 'CUPBOARD' ? 'run-ahead' : undefined}>
      <path d={path} className="run-edge" />
      <path d={path} className="run-thread" stroke={colour} />
      {thread.shelf === 'CUPBOARD' && <circle cx={one.x} cy={y} r={5} fill={colour} className="run-dot" />}
      {thread.climbs.map(
        (climb) =>
          climb.out &&
          thread.shelf === 'FREEZER' && (
            <path key={climb.at} d={`M${laid.x(climb.out) - 5} ${y - 6} l10 0 l-5 9 z`} className="run-out">
              <title>take out by {climb.out.replace('T', ' ')}</title>
            </path>
          ),
      )}
      {limit !== undefined && (
        <path d={`M${Math.min(limit, laid.width - 30)} ${y - 7} l5 5 l-7 4 l9 5 l-6 4`} className="run-fray" />
      )}
    </g>
  );
}

function Label({ one, laid, today }: { one: Laid; laid: Layout; today: string }) {
  const { thread } = one;
  const words = shortened(thread.name, 26);
  const width = 14 + words.length * 6.6;
  const past = thread.frays && thread.until;
  return (
    <g>
      <rect
        x={one.label}
        y={one.y + 6}
        width={width}
        height={17}
        className="run-tape"
        fill={laid.colour(thread.of, thread.name)}
      />
      <text x={one.label + 6} y={one.y + 19} className="run-tape-name">
        {words}
      </text>
      {thread.note && (
        <text x={one.label + width + 6} y={one.y + 19} className="run-for">
          for {thread.note}
        </text>
      )}
      {past && !thread.note && (
        <text x={one.label + width + 6} y={one.y + 19} className="run-past">
          {past < today ? 'past' : thread.climbs.length === 0 ? 'eat by' : 'only to'} {shortDay(past)}
        </text>
      )}
    </g>
  );
}

/** Whole words, as many as there is room for. */
function shortened(name: string, most: number): string {
  if (name.length <= most) {
    return name;
  }
  const words = name.split(' ');
  while (words.length > 1 && words.join(' ').length > most) {
    words.pop();
  }
  return words.join(' ');
}
