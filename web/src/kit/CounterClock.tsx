import { Link } from 'react-router';
import { useCounter } from '../api/queries';
import { Tape } from './kit';

/** Cooked food that stands about, with the time by which it must be cold; nothing when nothing stands. */
export function CounterClock() {
  const stands = useCounter().data ?? [];
  if (stands.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="counter" className="no-print mb-6">
      <h2 id="counter" className="mb-2 text-2xl">
        On the counter
      </h2>
      <ul>
        {stands.map((one) => (
          <li key={one.lot} className="row grid-cols-[minmax(0,1fr)_auto] items-center">
            <span>
              <Tape name={one.name} of={one.batch}>
                {one.amount}
              </Tape>
              <span className={`block ${one.over ? 'font-bold text-accent' : 'font-semibold'}`}>{one.words}</span>
            </span>
            <Link to="/pack" className="btn btn-outline">
              Pack it<span className="sr-only">: {one.name}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
