import { useEffect, useLayoutEffect, useRef } from 'react';
import { keysOn, pressable, typing } from '../design/ui/letterKeys';

interface Keys {
  next: () => void;
  back: () => void;
  toCold: () => void;
  quieten: () => void;
  instead: () => void;
  tare: () => void;
}

/** Space (or a foot on the pedal that turns pages) goes on, Backspace takes back; letters for what hands full of dough need. */
export function useBenchKeys(now: Keys, open: boolean): void {
  const keys = useRef(now);
  // before anything is painted: a key pressed on what is seen finds what belongs to it
  useLayoutEffect(() => {
    keys.current = now;
  });
  useEffect(() => {
    if (!open) return;
    const on = (e: KeyboardEvent) => {
      if (typing(e.target) || e.ctrlKey || e.metaKey) return;
      const { next, back, toCold, quieten, instead, tare } = keys.current;
      const press = (what: () => void) => {
        e.preventDefault();
        what();
      };
      // on a press that has the focus, Space presses it; anywhere else it goes on
      if ((e.key === ' ' && !pressable(e.target)) || e.key === 'PageDown') press(next);
      if (e.key === 'Backspace' || e.key === 'PageUp') press(back);
      if (!keysOn() || e.altKey) return;
      if (e.key === 'c' || e.key === 'C') toCold();
      if (e.key === 'q' || e.key === 'Q') quieten();
      if (e.key === 't' || e.key === 'T') tare();
      if (e.key === 'z' || e.key === 'Z') back();
      if (e.key === 'n' || e.key === 'N') press(instead);
    };
    document.addEventListener('keydown', on);
    return () => document.removeEventListener('keydown', on);
  }, [open]);
}
