import type { Schema } from '../../api/client';
import { useMoneyWords } from '../../kit/kit';
import { ribbonDay } from '../../kit/words';
import { type Layout, narrowDay, size } from './runLayout';

const shelfWords = { TABLE: 'Table', FRIDGE: 'Fridge', FREEZER: 'Freezer', CUPBOARD: 'Cupboard' };

/** What lies behind the threads: shelves, days, cook days, now, and what each week costs. */
export function RunShelves({ plan, laid }: { plan: Schema['PlanView']; laid: Layout }) {
  const money = useMoneyWords();
  return (
    <>
      {laid.shelves.map((shelf) => (
        <g key={shelf.name}>
          <rect x={2} y={shelf.y} width={laid.width - 4} height={shelf.height} rx={6} className="run-shelf" />
          <text x={12} y={shelf.y + 22} className="run-name">
            {shelfWords[shelf.name]}
          </text>
        </g>
      ))}
      {plan.cookDays.map((day) => (
        <g key={day}>
          <rect
            x={laid.x(day)}
            y={laid.top - 4}
            width={laid.column}
            height={laid.height - laid.top - size.foot + 4}
            className="run-cookday"
          />
          <text x={laid.middle(day)} y={laid.height - 6} className="run-foot">
            cook day
          </text>
        </g>
      ))}
      {laid.weeks.map((week) => (
        <g key={week.from}>
          <text x={laid.x(week.from) + 4} y={16} className="run-week">
            {money(week.cost, week.complete, week.missing)}
            <tspan className="run-week-of">
              {' '}
              {week.meals} {week.meals === 1 ? 'meal' : 'meals'}
            </tspan>
          </text>
          {week.from !== plan.today && (
            <line
              x1={laid.x(week.from)}
              x2={laid.x(week.from)}
              y1={2}
              y2={laid.height - size.foot}
              className="run-turn"
            />
          )}
        </g>
      ))}
      {plan.days.map((day, i) => (
        <text
          key={day.date}
          x={laid.middle(day.date)}
          y={laid.top - 10}
          className={`run-day ${i === 0 ? 'font-bold' : ''}`}
        >
          {laid.column < 58 ? narrowDay(day.date) : ribbonDay(day.date)}
        </text>
      ))}
      <line
        x1={laid.x(plan.now)}
        x2={laid.x(plan.now)}
        y1={laid.top - 6}
        y2={laid.height - size.foot}
        className="run-now"
      />
    </>
  );
}
