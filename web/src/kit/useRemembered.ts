import { useCallback, useState } from 'react';

/** Something this device remembers of itself. */
export function useRemembered(name: string, first: string): [string, (value: string) => void] {
  const [value, setValue] = useState(() => {
    try {
      return localStorage.getItem(`wexilla-${name}`) ?? first;
    } catch {
      return first;
    }
  });
  const set = useCallback(
    (next: string) => {
      setValue(next);
      try {
        localStorage.setItem(`wexilla-${name}`, next);
      } catch {
        // it holds until the page is left
      }
    },
    [name],
  );
  return [value, set];
}
