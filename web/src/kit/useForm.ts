import { useReducer, useRef } from 'react';
import { keep, kept } from './useKept';

/**
 * The fields of a form as one value, changed part by part; `forget` lets go of what the last try was refused for. Under
 * a key what is half typed survives leaving the page, a reload and a dead battery, until the act it is sent by is taken.
 */
export function useForm<T extends object>(start: T, forget: () => void, key?: string) {
  const [form, change] = useReducer(
    (_: T, next: T) => next,
    start,
    (first) => ({ ...first, ...(key ? kept<Partial<T>>(key) : undefined) }),
  );
  const latest = useRef(form);
  const set = (part: Partial<T>) => {
    latest.current = { ...latest.current, ...part };
    change(latest.current);
    if (key) {
      keep(key, JSON.stringify(latest.current));
    }
    forget();
  };
  return { form, set };
}
