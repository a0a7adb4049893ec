import { type ReactNode, useId, useState } from 'react';

/** Things of the household, a row each; one at a time is open to be changed, or a new one is written. */
export function Rows<T extends { id: string; name: string }>({
  title,
  things,
  empty,
  line,
  form,
}: {
  title: string;
  things: T[];
  empty?: ReactNode;
  line: (thing: T) => ReactNode;
  form: (thing: T | undefined, done: () => void) => ReactNode;
}) {
  const [open, setOpen] = useState<string>();
  const heading = useId();
  const done = () => setOpen(undefined);
  return (
    <section aria-labelledby={heading}>
      <div className="mb-2 flex items-end justify-between">
        <h2 id={heading} className="text-2xl">
          {title}
        </h2>
        <button type="button" className="btn btn-outline" onClick={() => setOpen('new')}>
          One more
        </button>
      </div>
      {open === 'new' && form(undefined, done)}
      {things.length === 0 && open !== 'new' && empty}
      <ul>
        {things.map((thing) =>
          open === thing.id ? (
            <li key={thing.id}>{form(thing, done)}</li>
          ) : (
            <li key={thing.id} className="row grid-cols-[minmax(0,1fr)_auto_auto]">
              {line(thing)}
              <button type="button" className="btn btn-ghost" onClick={() => setOpen(thing.id)}>
                Change<span className="sr-only"> {thing.name}</span>
              </button>
            </li>
          ),
        )}
      </ul>
    </section>
  );
}

/** How a form of such a row ends: write down, leave it, and away with it. */
export function Ends({
  busy,
  leave,
  words = 'Write down',
  away,
}: {
  busy: boolean;
  leave: () => void;
  words?: string;
  away?: { words: string; act: () => void } | false;
}) {
  return (
    <div className="flex flex-wrap gap-3">
      <button type="submit" className="btn btn-primary" disabled={busy}>
        {words}
      </button>
      <button type="button" className="btn btn-ghost" onClick={leave}>
        Leave it
      </button>
      {away && (
        <button type="button" className="btn btn-ghost ml-auto" onClick={away.act}>
          {away.words}
        </button>
      )}
    </div>
  );
}
