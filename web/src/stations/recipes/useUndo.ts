import { useCallback, useRef, useState } from 'react';

/** Changes that follow each other faster than this are one step back. */
const PAUSE = 700;
const MOST = 200;

/** A value with its past: what is typed in one go goes back in one go; what is pasted `whole` goes back by itself. */
export function useUndo<T>(first: T) {
  const [value, setValue] = useState(first);
  const [past, setPast] = useState<T[]>([]);
  const [future, setFuture] = useState<T[]>([]);
  const last = useRef(0);
  const set = useCallback(
    (next: T, whole = false) => {
      const now = Date.now();
      if (whole || now - last.current > PAUSE || past.length === 0) {
        setPast([...past.slice(-MOST), value]);
      }
      last.current = whole ? 0 : now;
      setFuture([]);
      setValue(next);
    },
    [past, value],
  );
  const undo = useCallback(() => {
    const before = past.at(-1);
    if (before !== undefined) {
      setPast(past.slice(0, -1));
      setFuture([value, ...future]);
      setValue(before);
      last.current = 0;
    }
  }, [past, future, value]);
  const redo = useCallback(() => {
    const [next, ...rest] = future;
    if (next !== undefined) {
      setFuture(rest);
      setPast([...past, value]);
      setValue(next);
      last.current = 0;
    }
  }, [past, future, value]);
  return { value, set, undo, redo, canUndo: past.length > 0, canRedo: future.length > 0 };
}
