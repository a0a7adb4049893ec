import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useSilent } from '../api/reach';

const LOOK_MS = 15_000;

/** The kitchen does not answer: says from when what is shown is, and that what is tapped is kept. */
export function Silence() {
  const silent = useSilent();
  const queries = useQueryClient();
  const [from, setFrom] = useState<number>();
  // what was kept is fresh enough not to be asked for: somebody has to knock
  useEffect(() => {
    const knock = () => void queries.refetchQueries({ queryKey: ['door'] });
    knock();
    window.addEventListener('online', knock);
    window.addEventListener('offline', knock);
    return () => {
      window.removeEventListener('online', knock);
      window.removeEventListener('offline', knock);
    };
  }, [queries]);
  useEffect(() => {
    if (!silent) {
      return undefined;
    }
    const look = () => {
      const shown = queries.getQueryCache().findAll({ type: 'active' });
      const times = shown.map((query) => query.state.dataUpdatedAt).filter((time) => time > 0);
      setFrom(times.length > 0 ? Math.min(...times) : undefined);
    };
    look();
    // asked for again by itself, so that it ends when the kitchen is back
    const timer = setInterval(() => {
      void queries.refetchQueries({ type: 'active' });
      look();
    }, LOOK_MS);
    return () => clearInterval(timer);
  }, [silent, queries]);
  return (
    silent && (
      <p role="status" className="silence">
        <strong>The kitchen does not answer.</strong>{' '}
        {from
          ? `What you see is of ${when(from)}; what you tap is kept and sent later.`
          : 'Nothing was kept of this page.'}
      </p>
    )
  );
}

/** "today 17:05", "Mon 16:00": by the clock of this device, as it is its own copy. */
function when(at: number) {
  const then = new Date(at);
  const clock = then.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  const today = new Date().toDateString() === then.toDateString();
  return `${today ? 'today' : then.toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })} ${clock}`;
}
