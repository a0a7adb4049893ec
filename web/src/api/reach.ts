import { useSyncExternalStore } from 'react';

/** Whether the kitchen answers: what a browser says of its network is no help, the house itself may be out of reach. */
let silent = false;
const listeners = new Set<() => void>();

/** The kitchen answered something, or nothing at all. */
export function heard(answered: boolean) {
  if (silent === answered) {
    silent = !answered;
    for (const tell of listeners) {
      tell();
    }
  }
}

const subscribe = (tell: () => void) => {
  listeners.add(tell);
  return () => listeners.delete(tell);
};

/** Whether the last thing asked of the kitchen came back without an answer. */
export const useSilent = () => useSyncExternalStore(subscribe, () => silent);
