import { useState } from 'react';
import { Refused, type Schema } from '../../api/client';
import { useVessel } from '../../api/queries';
import { Choice } from '../../kit/Field';

type Equipment = Schema['EquipmentView'];
type Props = {
  recipe: Schema['RecipeView'];
  equipment: Equipment[];
  factor: string;
  household: Schema['HouseholdView'];
};

const kinds: Partial<Record<Equipment['kind'], string>> = {
  POT: 'pot',
  PAN: 'pan',
  TRAY: 'tray',
  SLOW_COOKER: 'slow cooker',
  PRESSURE_COOKER: 'pressure cooker',
};

/** The pot it is cooked in, with all that goes in and the line it may be filled to. */
export function VesselPicture({ recipe, equipment, factor, household }: Props) {
  const vessels = equipment
    .filter((one) => kinds[one.kind] && one.capacity)
    .sort((a, b) => Number.parseFloat(b.capacity ?? '') - Number.parseFloat(a.capacity ?? ''));
  const gear = recipe.steps.map((step) => step.gear as string);
  const usual =
    vessels.find((one) => gear.includes(one.kind)) ?? vessels.find((one) => one.kind === 'POT') ?? vessels[0];
  const [chosen, setChosen] = useState(usual?.id ?? '');
  const vessel = vessels.find((one) => one.id === chosen);
  if (!vessel || recipe.lines.length === 0) {
    return null;
  }
  return (
    <section aria-label="How full the pot gets" className="mb-6">
      <Choice
        label="In which pot"
        wide="w-64"
        value={chosen}
        set={setChosen}
        of={Object.fromEntries(vessels.map((one) => [one.id, `${one.name}, ${one.capacity}`]))}
      />
      <Filled vessel={vessel} recipe={recipe} factor={factor} household={household} />
    </section>
  );
}

function Filled({ vessel, recipe, factor, household }: Omit<Props, 'equipment'> & { vessel: Equipment }) {
  const fill = useVessel({
    vessel: kinds[vessel.kind] ?? 'pot',
    capacity: vessel.capacity ?? '',
    lines: recipe.lines.filter((line) => line.heldBackIn.length === 0).map((line) => line.text),
    factor,
    system: household.measures === 'US' ? 'us' : 'metric',
    cup: household.cup,
    tbsp: Number(household.tbsp),
  });
  if (fill.error instanceof Refused) {
    return <p className="fieldproblem mt-2">{fill.error.message}</p>;
  }
  if (!fill.data) {
    return null;
  }
  const { fillPercent, limitPercent, loads, nextSize, largestThatFits, unknown, warnings, why, source, pressure } =
    fill.data;
  const enough = vessel.count >= loads;
  const top = (percent: number) => 96 - Math.min(percent, 112) * 0.76;
  return (
    <div className="mt-3 flex gap-4">
      <svg viewBox="0 0 120 104" className="h-32 w-36 shrink-0" aria-hidden="true">
        <path d="M14 20 v70 q0 6 6 6 h80 q6 0 6 -6 v-70" className="pot" />
        <rect
          x="17"
          width="86"
          y={top(Number(fillPercent))}
          height={93 - top(Number(fillPercent))}
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
