import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../api/client';
import { useReminders } from '../api/queries';
import { useRemembered } from './useRemembered';

type Reminder = Schema['ReminderView'];
type Kind = Reminder['kind'];

/** What this device tells, and where it leads. */
export const told: Record<Kind, { words: string; to: string }> = {
  TAKE_OUT: { words: 'Take it out of the freezer', to: '/' },
  TONIGHT: { words: 'Cook or freeze tonight', to: '/' },
  BEGIN: { words: 'Begin a meal', to: '/eat' },
  COUNTER: { words: 'Into the cold', to: '/pack' },
  TIMER: { words: 'Timers of the cook day', to: '/kitchen' },
};

/** Kinds this device keeps quiet about. Meals begin every day: that is told where somebody asks for it. */
export function useQuiet(): [Kind[], (kind: Kind, tells: boolean) => void] {
  const [quiet, setQuiet] = useRemembered('quiet', 'BEGIN');
  const kinds = quiet.split(' ').filter(Boolean) as Kind[];
  return [
    kinds,
    (kind, tells) => setQuiet([...kinds.filter((one) => one !== kind), ...(tells ? [] : [kind])].join(' ')),
  ];
}

/** When it is due by the clock of this device: so many seconds from when the kitchen answered. */
export const dueAt = (one: Reminder, answered: number) => answered + one.seconds * 1000;

/** What is told now; and in how many milliseconds the next is, undefined for none. */
export function telling(all: Reminder[], answered: number, now: number, quiet: Kind[], seen: string[]) {
  const mine = all.filter((one) => !quiet.includes(one.kind) && !seen.includes(one.id));
  const later = mine.map((one) => dueAt(one, answered) - now).filter((ms) => ms > 0);
  return {
    due: mine.filter((one) => dueAt(one, answered) <= now),
    next: later.length > 0 ? Math.min(...later) : undefined,
  };
}

/** In front of another page, where the device was allowed to. One of several tabs is enough: the same tag is one note. */
async function note(one: Reminder) {
  const on = await navigator.serviceWorker?.getRegistration();
  await on?.showNotification(one.words, { body: one.note, tag: one.id, icon: '/icon-192.png' });
}

/** Says at its time what has to be done, on every page of this device while it is open. */
export function Reminders() {
  const { data, dataUpdatedAt } = useReminders();
  const [quiet] = useQuiet();
  const [seen, setSeen] = useRemembered('reminded', '');
  const [now, setNow] = useState(() => Date.now());
  const known = seen.split(' ');
  const { due, next } = telling(data ?? [], dataUpdatedAt, now, quiet, known);
  // biome-ignore lint/correctness/useExhaustiveDependencies: each look sets the time of the next
  useEffect(() => {
    const timer = setTimeout(() => setNow(Date.now()), Math.max(0, Math.min(next ?? 60_000, 60_000)));
    return () => clearTimeout(timer);
  }, [next, now]);
  const ids = due.map((one) => one.id).join(' ');
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is due is told once, when it becomes due
  useEffect(() => {
    if (typeof Notification !== 'undefined' && Notification.permission === 'granted' && document.hidden) {
      for (const one of due) {
        void note(one);
      }
    }
  }, [ids]);
  const done = (one: Reminder) => {
    // of those that are gone from the kitchen nothing needs to be known any more
    const still = known.filter((id) => data?.some((other) => other.id === id));
    setSeen([...still, one.id].join(' '));
  };
  return (
    due.length > 0 && (
      <ul aria-label="Reminders" className="reminders no-print">
        {due.map((one) => (
          <li key={one.id}>
            <Link to={told[one.kind].to}>
              <span className="figure text-xl font-bold">{one.at.slice(11)}</span> <strong>{one.words}</strong>{' '}
              <span className="text-sm">{one.note}</span>
            </Link>
            <button type="button" className="btn" onClick={() => done(one)}>
              Seen<span className="sr-only">: {one.words}</span>
            </button>
          </li>
        ))}
      </ul>
    )
  );
}
