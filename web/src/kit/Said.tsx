import { useQueryClient } from '@tanstack/react-query';
import { createContext, type ReactNode, useContext, useMemo, useRef, useState } from 'react';
import { answer, api, newKey, Refused } from '../api/client';

type Line = { words: string; act?: string };
type Said = { done: (words: string, act: string) => void };

const Context = createContext<Said>({ done: () => {} });

/** Tells what was done, with undo, at the foot of every screen. */
export const useSaid = () => useContext(Context);

export function SaidProvider({ children }: { children: ReactNode }) {
  const [line, setLine] = useState<Line>();
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
  const undo = async (act: string) => {
    try {
      const header = { 'Idempotency-Key': key.current };
      const undone = await answer(api.POST('/api/acts/{act}/undo', { params: { path: { act }, header } }));
      setLine({ words: `Undone: ${undone.subject}` });
    } catch (error) {
      setLine({ words: error instanceof Refused ? error.message : 'That could not be undone.', act });
    }
    await queries.invalidateQueries();
  };
  return (
    <Context value={said}>
      {children}
      <div role="status" className="fixed right-4 bottom-16 left-4 z-40 md:bottom-5 md:left-auto">
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
