import { useEffect, useState } from 'react';

const SHELF = 'wexilla-typed-';
const TAKEN = 'wexilla-taken';

function stored(key: string): string | null {
  try {
    return localStorage.getItem(SHELF + key);
  } catch {
    return null;
  }
}

/** Text that is being typed and survives leaving the page, a reload and a dead battery; empty text is let go. */
export function useKept(key: string): [string, (text: string) => void] {
  const [text, setText] = useState(() => stored(key) ?? '');
  useEffect(() => {
    const look = () => setText(stored(key) ?? '');
    window.addEventListener(TAKEN, look);
    return () => window.removeEventListener(TAKEN, look);
  }, [key]);
  const set = (next: string) => {
    setText(next);
    keep(key, next);
  };
  return [text, set];
}

/** Keeps what is typed under a name; an empty text is let go. */
export function keep(key: string, text: string): void {
  try {
    if (text === '') {
      localStorage.removeItem(SHELF + key);
    } else {
      localStorage.setItem(SHELF + key, text);
    }
  } catch {
    // a full or forbidden store: it lives in this page alone
  }
}

/** The text typed under a name was taken after its screen had given up: only what was not understood stays. */
export function taken(key: string, sent: string, left: string): void {
  if (stored(key) === sent) {
    keep(key, left);
    window.dispatchEvent(new Event(TAKEN));
  }
}

const SENT = 'wexilla-sent';
type Sent = Record<string, { key: string; text: string | null }>;

function sent(): Sent {
  try {
    return JSON.parse(localStorage.getItem(SENT) ?? '{}') as Sent;
  } catch {
    return {};
  }
}

function rememberSent(next: Sent) {
  try {
    localStorage.setItem(SENT, JSON.stringify(next));
  } catch {
    // a full or forbidden store: it lives in this page alone
  }
}

/** What is typed under a name is being sent by this act. */
export function sentBy(act: string, key: string): void {
  rememberSent({ ...sent(), [act]: { key, text: stored(key) } });
}

/** An act was taken: what it was typed from is let go, unless somebody typed on since. */
export function takenBy(act: string): void {
  const { [act]: one, ...others } = sent();
  if (one) {
    rememberSent(others);
    if (stored(one.key) === one.text) {
      keep(one.key, '');
    }
  }
}

/** What was typed under a name and never kept by the kitchen. */
export function kept<T>(key: string): T | undefined {
  try {
    const text = stored(key);
    return text === null ? undefined : (JSON.parse(text) as T);
  } catch {
    return undefined;
  }
}
