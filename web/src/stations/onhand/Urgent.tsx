import type { Schema } from '../../api/client';
import { until } from '../../kit/words';

/** The date with its words; plum only beside words that say why. */
export function Urgent({ lot }: { lot: Schema['LotView'] }) {
  if (!lot.until) {
    return <span className="quiet">no date known</span>;
  }
  const words = until(lot.until.words, lot.until.date);
  if (lot.urgency === 'PAST') {
    return <strong className="text-accent">past: {words}</strong>;
  }
  return <span className={lot.urgency === 'SOON' ? 'font-bold' : ''}>{words}</span>;
}
