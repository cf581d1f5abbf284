import { useEffect } from 'react';
import { useAppSelector } from '../desk/store';

const place = 'crustallum.picture:';
const most = 6;
const mostLength = 500_000;
const keepMs = 7 * 24 * 3_600_000;
/** A page is kept once nothing has changed on it for so long, ms. */
const calmMs = 2000;

/** What `public/first.js` shows before the application runs: only for the same style sheet and the same room on the screen. */
interface KeptPicture {
  at: number;
  keepMs: number;
  style: string | null;
  room: string;
  light: string | null;
  html: string;
}

const root = () => document.getElementById('root');

/** Keeps the page as it stands under its address, marked as what it will be; the oldest make room. */
export function keepPicture(): void {
  const page = root();
  if (!page) return;
  const kept: KeptPicture = {
    at: Date.now(),
    keepMs,
    style: document.querySelector('link[rel=stylesheet]')?.getAttribute('href') ?? null,
    room: `${innerWidth}x${innerHeight}`,
    light: document.documentElement.dataset['light'] ?? null,
    html: `${page.innerHTML}<p class="kept-mark">As it last stood; one moment</p>`,
  };
  if (kept.html.length > mostLength) return;
  try {
    localStorage.setItem(place + location.pathname, JSON.stringify(kept));
    const all = Object.keys(localStorage).filter((key) => key.startsWith(place));
    const at = (key: string) => (JSON.parse(localStorage.getItem(key) ?? '{}') as Partial<KeptPicture>).at ?? 0;
    for (const key of all.length > most ? all.sort((a, b) => at(b) - at(a)).slice(most) : [])
      localStorage.removeItem(key);
  } catch {
    // a device that is full opens a moment later
  }
}

/** The picture has done its work: what comes now is the page itself. */
export function letGoOfPicture(): void {
  const page = root();
  if (!page) return;
  page.inert = false;
  page.removeAttribute('aria-busy');
}

/** Today and the stations are kept as they stand when they are calm; not the bench, where an old minute would be a wrong one. */
export function useKeptPicture(pathname: string, worth: boolean): void {
  const { plan, planKept, working } = useAppSelector((s) => s.desk);
  const calm = worth && plan !== null && !planKept && !working;
  useEffect(() => {
    if (!calm) return;
    const soon = setTimeout(keepPicture, calmMs);
    return () => clearTimeout(soon);
  }, [calm, plan, pathname]);
}
