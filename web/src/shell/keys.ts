import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { stepItem } from '../desk/changes';
import { store } from '../desk/store';
import { keysOn, pressable, typing } from '../design/ui/letterKeys';
import { toggleLight } from '../design/light';
import { stations } from '@crustallum/core/contracts/stations';

const press = (which: string): void => document.querySelector<HTMLButtonElement>(which)?.click();
/** Every because in full, or only what fits. */
const toggleReasons = (): void => {
  document.documentElement.toggleAttribute('data-reasons');
};

/** Keys of the desk: 1–8 stations, 0 Today, B Bench, L the line, E the light, W the reasons, Enter settles, ? this list. */
export function useDeskKeys(onHelp: () => void, itemId: string | undefined): void {
  const navigate = useNavigate();
  useEffect(() => {
    const on = (e: KeyboardEvent) => {
      if (e.altKey || typing(e.target)) return;
      const { bakeId, items } = store.getState().desk;
      const item = items.find((i) => i.id === itemId) ?? items[0];
      if (e.ctrlKey || e.metaKey) {
        const key = e.key.toLowerCase();
        if (!item || (key !== 'z' && key !== 'y')) return;
        e.preventDefault();
        void store.dispatch(stepItem(item.id, key === 'z' && !e.shiftKey));
        return;
      }
      if (!keysOn()) return;
      const station = stations[Number(e.key) - 1];
      if (station && item) void navigate(`/bakes/${bakeId}/${item.id}/${station}`);
      else if (e.key === '0') void navigate('/');
      else if (e.key === 'b' || e.key === 'B') void navigate('/bench');
      else if (e.key === 'l' || e.key === 'L') press('[data-raise]');
      else if (e.key === 'e' || e.key === 'E') toggleLight();
      else if (e.key === 'w' || e.key === 'W') toggleReasons();
      else if (e.key === 'Enter' && !pressable(e.target)) press('[data-settle]');
      else if (e.key === '?') onHelp();
      else return;
      e.preventDefault();
    };
    document.addEventListener('keydown', on);
    return () => document.removeEventListener('keydown', on);
  }, [navigate, onHelp, itemId]);
}

export const keyList: readonly (readonly [string, string])[] = [
  ['1 – 8', 'the stations in order'],
  ['0', 'Today'],
  ['B', 'the Bench'],
  ['L', 'raise or lower the line'],
  ['E', 'evening or day'],
  ['W', 'every because in full, or briefly'],
  [', .', 'slide the weight in hand; with Shift by five'],
  ['Enter', 'settle the station'],
  ['Ctrl Z', 'take the last change back; with Shift bring it on again'],
  ['C', 'to the cold and out again, at the bench'],
  ['Q', 'quiet, at the bench'],
  ['Space', 'next, at the bench'],
  ['Backspace', 'back, at the bench'],
  ['?', 'this list'],
];
