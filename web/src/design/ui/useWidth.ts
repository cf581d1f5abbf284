import { useEffect, useState } from 'react';

/** Width in px of an element, as it changes; give the first value to the element's ref. */
export function useWidth<E extends HTMLElement>(start = 680): [(element: E | null) => void, number] {
  const [element, setElement] = useState<E | null>(null);
  const [width, setWidth] = useState(start);
  useEffect(() => {
    if (!element) return;
    setWidth(Math.round(element.getBoundingClientRect().width));
    const observer = new ResizeObserver(([entry]) => entry && setWidth(Math.round(entry.contentRect.width)));
    observer.observe(element);
    return () => observer.disconnect();
  }, [element]);
  return [setElement, width];
}

/** Whether a media query holds. */
export function useMedia(query: string): boolean {
  const [holds, setHolds] = useState(() => matchMedia(query).matches);
  useEffect(() => {
    const list = matchMedia(query);
    const on = () => setHolds(list.matches);
    list.addEventListener('change', on);
    return () => list.removeEventListener('change', on);
  }, [query]);
  return holds;
}

/** A standing tablet or smaller: one column, inputs under the numbers. */
export const useNarrow = (): boolean => useMedia('(max-width: 899px)');

/** A phone: drawings are drawn anew for its width, inputs come up over the sheet. */
export const usePhone = (): boolean => useMedia('(max-width: 599px)');
