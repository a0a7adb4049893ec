import type { Schema } from '../../api/client';
import { Choice } from '../../kit/Field';

type Equipment = Schema['EquipmentView'];
type Props = { equipment: Equipment[]; inVessel: Schema['InVessel']; choose: (vessel: string) => void };

/** The pot it is cooked in, with all that goes in and the line it may be filled to. */
export function VesselPicture({ equipment, inVessel, choose }: Props) {
  const vessels = equipment.filter((one) => one.capacity);
  const vessel = vessels.find((one) => one.id === inVessel.equipment);
  return (
    <section aria-label="How full the pot gets" className="mb-6">
      <Choice
        label="In which pot"
        wide="w-64"
        value={inVessel.equipment}
        set={choose}
        of={Object.fromEntries(vessels.map((one) => [one.id, `${one.name}, ${one.capacity}`]))}
      />
      <Filled count={vessel?.count ?? 1} fill={inVessel.fill} />
    </section>
  );
}

function Filled({ count, fill }: { count: number; fill: Schema['VesselFill'] }) {
  const { fillPercent, limitPercent, loads, nextSize, largestThatFits, unknown, warnings, why, source, pressure } =
    fill;
  const enough = count >= loads;
  const top = (percent: number) => 96 - Math.min(percent, 112) * 0.76;
  return (
    <div className="mt-3 flex gap-4">
      <svg viewBox="0 0 120 104" className="h-32 w-36 shrink-0" aria-hidden="true">
        <path d="M14 20 v70 q0 6 6 6 h80 q6 0 6 -6 v-70" className="pot" />
        <rect
          x="17"
          width="86"
          y={top(Number(fillPercent))}
          height={Math.max(0, 93 - top(Number(fillPercent)))}
          className={loads > 1 ? 'potfull' : 'potfill'}
        />
        <line x1="8" x2="112" y1={top(Number(limitPercent))} y2={top(Number(limitPercent))} className="potline" />
      </svg>
      <div>
        <p>
          <strong className="figure text-3xl">{fillPercent} %</strong> full{unknown.length > 0 && ', at least'}
          <span className="quiet"> · up to {limitPercent} % is right</span>
        </p>
        {loads > 1 && (
          <p className="font-semibold text-accent">
            {enough ? `takes ${loads} of them` : `${loads} loads`}
            {nextSize && `, or one of ${nextSize}`}
            <span className="quiet block text-sm font-normal">at once: {largestThatFits}</span>
          </p>
        )}
        {warnings.map((warning) => (
          <p key={warning} className="text-sm text-accent">
            {warning}
          </p>
        ))}
        {pressure.map((one) => (
          <p key={one.food} className="text-sm" title={one.source}>
            {one.question || (
              <>
                <strong>{one.food}</strong>: {one.minutes} min under pressure, the pot is taken for {one.holds}
                {one.cautions.length > 0 && ` · ${one.cautions.join(', ')}`}
              </>
            )}
          </p>
        ))}
        {unknown.length > 0 && <p className="quiet text-sm">volume not known: {unknown.join(', ')}</p>}
        <p className="quiet text-sm" title={source}>
          {why}
        </p>
      </div>
    </div>
  );
}
