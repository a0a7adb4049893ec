import { useReducer } from 'react';
import { keep, kept } from './useKept';

/**
 * The fields of a form as one value, changed part by part; `forget` lets go of what the last try was refused for. Under
 * a key what is half typed survives leaving the page, a reload and a dead battery, until the form is `done`.
 */
export function useForm<T extends object>(start: T, forget: () => void, key?: string) {
  const [form, change] = useReducer(
    (old: T, part: Partial<T>) => {
      const next = { ...old, ...part };
      if (key) {
        keep(key, JSON.stringify(next));
      }
      return next;
    },
    start,
    (first) => ({ ...first, ...(key ? kept<Partial<T>>(key) : undefined) }),
  );
  const set = (part: Partial<T>) => {
    change(part);
    forget();
  };
  return { form, set };
}

/** A form under this key was sent or left: nothing of it is kept. */
export const done = (key: string) => keep(key, '');
