import type { Schema } from '../../api/client';
import { Ask, AskMeasure } from '../../kit/Ask';
import { Money } from '../../kit/kit';

const from: Record<string, string> = {
  STOCK: 'on hand',
  STOCK_AND_PRICE: 'partly on hand, rest at the newest price',
  PRICE: 'newest price',
  MADE: 'made afresh, as far as none is there',
  FLAT: 'in the flat sum',
  TAP: 'from the tap',
};

/** A line as understood: amount, food, preparation, and what it costs on which basis. */
export function LineUnderstood({ line }: { line: Schema['LineView'] }) {
  if (line.problem) {
    return <span className="fieldproblem">{line.problem}</span>;
  }
  return (
    <span className="flex flex-wrap items-baseline justify-between gap-x-4">
      <span>
        <span className="figure font-bold">{line.amount ?? 'no amount'}</span>{' '}
        <span className="font-semibold">{line.food}</span>
        {line.preparation && <span className="quiet">, {line.preparation}</span>}
        {!line.known && <span className="quiet"> · a food of its own: nobody has said what it is</span>}
        {line.also.length > 0 && <span className="block">and a line each: {line.also.join(' · ')}</span>}
      </span>
      <span className="text-right text-sm">
        {line.from === 'UNKNOWN' || (line.why && !line.costComplete) ? (
          <span className="text-accent">{line.why}</span>
        ) : (
          <>
            {line.from !== 'FLAT' && line.from !== 'TAP' && line.cost && <Money amount={line.cost} />}{' '}
            <span className="quiet">{from[line.from ?? '']}</span>
          </>
        )}
      </span>
    </span>
  );
}

/** Whether something can be asked about a line. */
export const asks = (line: Schema['LineView']) =>
  line.problem === '' && line.food !== '' && (!line.known || line.asksUnit !== undefined);

/** The one question about a line: what it is, else what its bunch weighs. */
export function AskOfLine({ line }: { line: Schema['LineView'] }) {
  if (!asks(line)) {
    return null;
  }
  return line.known ? <AskMeasure food={line.food} unit={line.asksUnit ?? ''} /> : <Ask name={line.food} />;
}
