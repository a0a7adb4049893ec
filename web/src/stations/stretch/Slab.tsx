import type { Schema } from '../../api/client';
import { Money } from '../../kit/kit';
import { mealWords, shortDay, shortNumber, tapeColour } from '../../kit/words';
import { type Form, filled } from './form';

type Props = { form: Form; cut: Schema['Stretched']; grams: (part: string, grams: number) => void };

const step = 10;

/**
 * The big buy as one long slab, as wide as its cooked weight: parts hang from it on hooks, what has no dish is hatched,
 * bones lie in the tray below. Cut lines move with the arrow keys.
 */
export function Slab({ form, cut, grams }: Props) {
  const whole = Number(cut.cookedGrams);
  const shown = filled(form).map((part, i) => ({ part, share: cut.shares[i] }));
  const meat = shown.filter((one) => !one.part.tray && one.share);
  const tray = shown.filter((one) => one.part.tray && one.share);
  const rest = Number(cut.remainder.grams);
  // a piece that keeps its size may take what the others give
  const most = (part: (typeof meat)[number]) =>
    part.part.locked
      ? whole - meat.reduce((sum, one) => sum + (one.part.locked && one !== part ? Number(one.share?.grams) : 0), 0)
      : Number(part.share?.grams) + rest;
  const wide = (g: number) => ({ flexGrow: Math.max(g, whole / 60), flexBasis: 0 });
  return (
    <figure className="slab" aria-label={`${cut.cooked} cooked`}>
      <div className="slab-meat">
        {meat.map((one, i) => {
          const { part, share } = one;
          const g = Number(share?.grams ?? 0);
          const end = Math.round(most(one));
          const move = (by: number) => grams(part.key, Math.max(step, Math.min(Math.round(g) + by, end)));
          return (
            <div key={part.key} className="slab-part" style={{ ...wide(g), background: `var(--tape-${i % 8})` }}>
              <span className="figure text-xl font-bold">{Math.round(g)} g</span>
              {part.extender && <span className="slab-extender" title={`with ${part.extender}`} />}
              <button
                type="button"
                className="slab-cut"
                role="slider"
                aria-label={`Cut after ${part.name}`}
                aria-valuenow={Math.round(g)}
                aria-valuemin={step}
                aria-valuemax={end}
                aria-valuetext={`${Math.round(g)} g`}
                onKeyDown={(event) => {
                  const by = { ArrowRight: step, ArrowUp: step, ArrowLeft: -step, ArrowDown: -step }[event.key];
                  if (by) {
                    event.preventDefault();
                    move(event.shiftKey ? by * 10 : event.altKey ? by / step : by);
                  }
                }}
                onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
                onPointerUp={() => {
                  const snap = share?.snaps[0];
                  if (snap) {
                    grams(part.key, Number(snap));
                  }
                }}
                onPointerMove={(event) => {
                  const slab = event.currentTarget.closest('.slab-meat');
                  if (slab && event.buttons === 1 && event.movementX !== 0) {
                    move(Math.round((event.movementX * whole) / slab.clientWidth));
                  }
                }}
              />
            </div>
          );
        })}
        {rest > 0 && (
          <div className="slab-part slab-open" style={wide(rest)}>
            <span className="figure text-lg font-bold">{Math.round(rest)} g</span>
            <span className="slab-open-words text-sm">not decided</span>
          </div>
        )}
      </div>
      <ul className="slab-hooks">
        {meat.map(({ part, share }) => (
          <li key={part.key} style={{ flexGrow: Math.max(Number(share?.grams), whole / 7), flexBasis: 0 }}>
            <span className="slab-hook" aria-hidden="true" />
            <div className="enamel p-3">
              <strong className="display text-lg">{part.name || 'no name yet'}</strong>
              {part.extender && <span className="block text-sm">with {part.extender}</span>}
              <span className="figure block text-2xl font-bold">
                {Number(share?.plates).toFixed(0)} <span className="text-base font-normal">plates</span>
              </span>
              <span className="block">
                <Money amount={share?.cost ?? '0'} />
                {share?.plateCost && (
                  <span className="quiet text-sm">
                    {' '}
                    · <Money amount={share.plateCost} /> of meat a plate
                  </span>
                )}
              </span>
              <span className="quiet block text-sm">
                {share?.raw} raw
                {share?.plateProtein && ` · ${Math.round(Number(share.plateProtein))} g protein a plate`}
              </span>
              <span className="quiet block text-sm">
                {share?.freeze
                  ? 'into the freezer'
                  : share?.eatBy
                    ? `fridge, eat by ${shortDay(share.eatBy)}`
                    : 'fresh, or freeze it'}
                {part.eatOn &&
                  ` · for ${shortDay(part.eatOn)}${part.meal === 'DINNER' ? '' : `, ${mealWords[part.meal]}`}`}
              </span>
              {share?.note && <span className="block text-sm font-semibold text-accent">{share.note}</span>}
            </div>
          </li>
        ))}
      </ul>
      <div className="slab-tray">
        <span className="quiet text-sm">tray</span>
        {tray.length === 0 && <span className="quiet text-sm">bones, fat and juices would lie here</span>}
        {tray.map(({ part, share }) => (
          <span key={part.key} className="tape" style={{ background: tapeColour(part.name) }}>
            <span className="tape-name">{part.name || 'by-product'}</span>
            {Number(share?.cost) > 0 && <span className="figure text-sm font-semibold">{share?.cost}</span>}
          </span>
        ))}
      </div>
      <table className="sr-only">
        <caption>What the slab becomes</caption>
        <thead>
          <tr>
            <th>part</th>
            <th>grams</th>
            <th>plates</th>
            <th>cost</th>
          </tr>
        </thead>
        <tbody>
          {shown.map(({ part, share }) => (
            <tr key={part.key}>
              <td>{part.name}</td>
              <td>{share?.grams}</td>
              <td>{share && shortNumber(share.plates)}</td>
              <td>{share?.cost}</td>
            </tr>
          ))}
          <tr>
            <td>not decided</td>
            <td>{cut.remainder.grams}</td>
            <td />
            <td>{cut.remainder.cost}</td>
          </tr>
        </tbody>
      </table>
    </figure>
  );
}
