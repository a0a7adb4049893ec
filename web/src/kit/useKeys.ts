import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';

/** `g` and a letter goes to a station; `?` shows the keys. Nothing happens while the cook types into a field. */
export const doors: Record<string, { name: string; to: string }> = {
  t: { name: 'Today', to: '/' },
  o: { name: 'On hand', to: '/onhand' },
  s: { name: 'Stretch', to: '/stretch' },
  l: { name: 'Plan', to: '/plan' },
  b: { name: 'Shop', to: '/shop' },
  c: { name: 'Cook', to: '/cook' },
  e: { name: 'Eat', to: '/eat' },
  p: { name: 'Pack', to: '/pack' },
  r: { name: 'Recipes', to: '/recipes' },
  m: { name: 'Costs', to: '/costs' },
  h: { name: 'History', to: '/history' },
  u: { name: 'Household', to: '/household' },
};

export function useKeys() {
  const navigate = useNavigate();
  const [shown, setShown] = useState(false);
  useEffect(() => {
    let going = false;
    const press = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (/INPUT|TEXTAREA|SELECT/.test(target.tagName) || event.ctrlKey || event.metaKey || event.altKey) {
        return;
      }
      const door = doors[event.key];
      if (going && door) {
        navigate(door.to);
      }
      if (event.key === '?' || event.key === 'Escape') {
        setShown((now) => event.key === '?' && !now);
      }
      going = event.key === 'g';
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [navigate]);
  return { shown, hide: () => setShown(false) };
}
