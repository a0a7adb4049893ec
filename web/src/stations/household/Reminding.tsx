import { useState } from 'react';
import { Link } from 'react-router';
import { told, useQuiet } from '../../kit/Reminders';

const kinds = Object.keys(told) as (keyof typeof told)[];

const allowed = () => (typeof Notification === 'undefined' ? 'denied' : Notification.permission);

/** What this device tells at its time; and which screen does it when no page of Wexilla is open. */
export function Reminding() {
  const [quiet, set] = useQuiet();
  const [may, setMay] = useState(allowed);
  return (
    <section aria-labelledby="reminding" className="mt-10">
      <h2 id="reminding" className="text-2xl">
        Reminders on this device
      </h2>
      <p className="quiet mb-3">
        Told on this screen at their time, while a page of Wexilla is open here
        {may === 'granted' ? ', also when another is in front' : ''}. When none is open, the calendar of your phone
        tells what leaves the freezer and what is frozen tonight: give it the private address under{' '}
        <Link className="underline" to="/plan">
          Plan
        </Link>
        , <em>share</em>.
      </p>
      <ul className="max-w-md">
        {kinds.map((kind) => (
          <li key={kind} className="row">
            <label className="flex min-h-11 items-center justify-between gap-4">
              {told[kind].words}
              <input
                type="checkbox"
                className="toggle"
                checked={!quiet.includes(kind)}
                onChange={(event) => set(kind, event.target.checked)}
              />
            </label>
          </li>
        ))}
      </ul>
      {may === 'default' && (
        <button
          type="button"
          className="btn btn-outline mt-3"
          onClick={() => void Notification.requestPermission().then(setMay)}
        >
          Tell me in front of other pages too
        </button>
      )}
    </section>
  );
}
