import { useEffect, useSyncExternalStore } from 'react';

/** How a screen of the bench suits those who stand at it; kept on the device. */
export interface Comfort {
  /** 0 silent to 3. */
  loud: number;
  /** Letters larger by so many steps. */
  larger: 0 | 1 | 2;
  leftHanded: boolean;
  /** The call is spoken by the browser's own voice. */
  spoken: boolean;
}
const usual: Comfort = { loud: 2, larger: 0, leftHanded: false, spoken: false };
const place = 'crustallum.comfort';

let now: Comfort = { ...usual, ...(JSON.parse(localStorage.getItem(place) ?? '{}') as Partial<Comfort>) };
const heard = new Set<() => void>();
export const comfort = (): Comfort => now;
export function suit(part: Partial<Comfort>): void {
  now = { ...now, ...part };
  localStorage.setItem(place, JSON.stringify(now));
  for (const tell of heard) tell();
}
export const useComfort = (): Comfort =>
  useSyncExternalStore((tell) => {
    heard.add(tell);
    return () => heard.delete(tell);
  }, comfort);

/** The screen stays lit while somebody is at the bench, where the browser can. */
export function useAwake(): void {
  useEffect(() => {
    const { wakeLock } = navigator as { wakeLock?: WakeLock };
    let lock: WakeLockSentinel | undefined;
    let left = false;
    const keep = () => {
      if (document.visibilityState !== 'visible') return;
      wakeLock?.request('screen').then(
        (made) => (left ? void made.release() : (lock = made)),
        // a battery that is low may refuse it: the screen goes dark as it would
        () => undefined,
      );
    };
    keep();
    document.addEventListener('visibilitychange', keep);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', keep);
      void lock?.release();
    };
  }, []);
}

/** The call of a step, spoken once when it comes. */
export function useSpoken(call: string, on: boolean): void {
  useEffect(() => {
    if (!on || !call || typeof speechSynthesis === 'undefined') return;
    speechSynthesis.cancel();
    speechSynthesis.speak(new SpeechSynthesisUtterance(call));
    return () => speechSynthesis.cancel();
  }, [call, on]);
}

const askedPlace = 'crustallum.notices';
/** Asked once, at the first timer: whether a timer may call while another page is looked at. */
export function askForNotices(): void {
  if (typeof Notification === 'undefined' || Notification.permission !== 'default') return;
  if (localStorage.getItem(askedPlace)) return;
  localStorage.setItem(askedPlace, 'asked');
  void Notification.requestPermission().catch(() => undefined);
}
/** A timer that ends while nobody looks at the page. */
export function notice(words: string): void {
  if (document.visibilityState === 'visible' || typeof Notification === 'undefined') return;
  if (Notification.permission === 'granted') new Notification(words);
}
