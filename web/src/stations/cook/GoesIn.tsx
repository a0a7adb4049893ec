import type { Schema } from '../../api/client';
import { Money } from '../../kit/kit';
import { until } from '../../kit/words';

type Line = {
  line: Schema['GoesInView'];
  used: string;
  setUsed: (text: string) => void;
  problem: React.ReactNode;
  instead: React.ReactNode;
  plain: React.ReactNode;
};

/** One line that goes in: from where, what is lacking, and what really went in. */
export function GoesIn({ line, used, setUsed, problem, instead, plain }: Line) {
  return (
    <li className="row grid-cols-[minmax(0,1fr)_4.5rem] sm:grid-cols-[minmax(0,1fr)_8.5rem_4.5rem]">
      <span className="col-span-2 sm:col-span-1">
        <span className="text-lg font-semibold">{line.text}</span>
        {line.each && <span className="quiet text-sm"> · each {line.each}</span>}
        <span className="quiet block text-sm">
          {line.takes.map((take) => (
            <span key={take.lot} className="block">
              {take.amount} from {take.placeName}, leaves {take.left}
              {take.until && ` · ${until(take.until.words, take.until.date)}`}
            </span>
          ))}
          {line.made.length > 0 && (
            <span className="block">
              made afresh: {line.made.map((part) => part.text).join(' · ')}
              {line.made.some((part) => part.notInStock) && (
                <span className="block text-accent">
                  not from stock:{' '}
                  {line.made
                    .filter((part) => part.notInStock)
                    .map((part) => `${part.notInStock} ${part.food}`)
                    .join(', ')}
                </span>
              )}
            </span>
          )}
          {line.notInStock && <span className="block text-accent">{line.notInStock} used, not from stock</span>}
          {line.from === 'FLAT' && 'seasoning: in the flat sum'}
          {line.from === 'TAP' && 'from the tap'}
          {line.why && <span className="block text-accent">{line.why}</span>}
        </span>
      </span>
      <div>
        {line.from !== 'FLAT' && line.from !== 'TAP' && (
          <input
            className="input w-full"
            aria-label={`What went in of ${line.food}`}
            placeholder={line.need ?? 'how much?'}
            value={used}
            onChange={(event) => setUsed(event.target.value)}
          />
        )}
        {problem}
      </div>
      <span className="text-right">
        {line.from === 'FLAT' || line.from === 'TAP' ? (
          ''
        ) : line.costComplete ? (
          <Money amount={line.cost} />
        ) : (
          <span className="quiet text-sm">unknown</span>
        )}
      </span>
      {instead && <div className="col-span-full">{instead}</div>}
      {plain && <div className="col-span-full">{plain}</div>}
    </li>
  );
}
