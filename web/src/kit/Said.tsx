import { useQueryClient } from '@tanstack/react-query';
import { createContext, type ReactNode, useContext, useEffect, useMemo, useRef, useState } from 'react';
import { askAgain } from '../api/areas';
import { answer, api, newKey, Refused } from '../api/client';
import { forgetUnanswered, resend, useUnanswered, useUnshelved } from '../api/unanswered';

type Line = { words: string; act?: string };
type Said = { done: (words: string, act: string) => void };

const Context = createContext<Said>({ done: () => {} });

const STAYS_MS = 12_000;

/** Tells what was done, with undo, at the foot of every screen. */
export const useSaid = () => useContext(Context);

export function SaidProvider({ children }: { children: ReactNode }) {
  const [line, setLine] = useState<Line>();
  const [held, setHeld] = useState(false);
  const key = useRef(newKey());
  const queries = useQueryClient();
  const said = useMemo(
    () => ({
      done: (words: string, act: string) => {
        key.current = newKey();
        setLine(act === '' ? { words } : { words, act });
      },
    }),
    [],
  );
  // it must not stand over the next button for good; History keeps the undo
  useEffect(() => {
    if (!line || held) {
      return undefined;
    }
    const timer = setTimeout(() => setLine(undefined), STAYS_MS);
    return () => clearTimeout(timer);
  }, [line, held]);
  const undo = async (act: string) => {
    try {
      const header = { 'Idempotency-Key': key.current };
      const undone = await answer(api.POST('/api/acts/{act}/undo', { params: { path: { act }, header } }));
      setLine({ words: `Undone: ${undone.subject}` });
    } catch (error) {
      setLine({ words: error instanceof Refused ? error.message : 'That could not be undone.', act });
    }
    await askAgain(queries, 'all');
  };
  return (
    <Context value={said}>
      {children}
      <div
        role="status"
        onMouseEnter={() => setHeld(true)}
        onMouseLeave={() => setHeld(false)}
        onFocus={() => setHeld(true)}
        onBlur={() => setHeld(false)}
        className="fixed right-4 bottom-16 left-4 z-40 md:bottom-5 md:left-auto"
      >
        <Waits
          said={({ subject, act }) => {
            setLine({ words: subject, act });
            void askAgain(queries, 'all');
          }}
        />
        {line && (
          <div className="flex items-center gap-4 rounded-md bg-neutral px-5 py-2 text-neutral-content">
            <span>{line.words}</span>
            {line.act && (
              <button type="button" className="min-h-11 px-3 font-bold underline" onClick={() => undo(line.act ?? '')}>
                Undo
              </button>
            )}
            <button
              type="button"
              className="min-h-11 min-w-11 text-xl"
              aria-label="Close this message"
              onClick={() => setLine(undefined)}
            >
              ×
            </button>
          </div>
        )}
      </div>
    </Context>
  );
}

const AGAIN_MS = 10_000;

/** What was done and not answered: sent again by itself, at once when asked. */
function Waits({ said }: { said: (result: { subject: string; act?: string }) => void }) {
  const many = useUnanswered();
  const unshelved = useUnshelved();
  const tell = useRef(said);
  tell.current = said;
  useEffect(() => {
    const again = () => void resend((result) => tell.current(result));
    again();
    const timer = setInterval(again, AGAIN_MS);
    window.addEventListener('online', again);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
    };
  }, []);
  return (
    many > 0 && (
      <div className="mb-2 flex flex-wrap items-center gap-4 rounded-md bg-neutral px-5 py-2 text-neutral-content">
        <span>
          {many === 1 ? 'One thing you did waits' : `${many} things you did wait`} for the kitchen to answer;{' '}
          {unshelved ? 'this device has no room to keep it: leave this page open.' : 'kept here.'}
        </span>
        <button
          type="button"
          className="min-h-11 px-3 font-bold underline"
          onClick={() => void resend((result) => tell.current(result))}
        >
          Try now
        </button>
        <button type="button" className="min-h-11 px-3 underline" onClick={forgetUnanswered}>
          Forget it
        </button>
      </div>
    )
  );
}
