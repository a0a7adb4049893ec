import { useReducer } from 'react';

/** The fields of a form as one value, changed part by part; `forget` lets go of what the last try was refused for. */
export function useForm<T extends object>(start: T, forget: () => void) {
  const [form, change] = useReducer((old: T, part: Partial<T>) => ({ ...old, ...part }), start);
  const set = (part: Partial<T>) => {
    change(part);
    forget();
  };
  return { form, set };
}
