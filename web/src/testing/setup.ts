import 'fake-indexeddb/auto';
import 'reflect-metadata';
import * as React from 'react';

class NoObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}
Object.assign(globalThis, { ResizeObserver: NoObserver });
Object.assign(window, {
  matchMedia: (query: string) => ({ matches: false, media: query, addEventListener() {}, removeEventListener() {} }),
});
Object.assign(Element.prototype, { scrollIntoView() {}, hasPointerCapture: () => false, releasePointerCapture() {} });
// jsdom lays nothing out: everything is a desk of 1280 × 800, so that charts have room to draw
Object.assign(Element.prototype, {
  getBoundingClientRect: () => ({ x: 0, y: 0, left: 0, top: 0, right: 1280, bottom: 800, width: 1280, height: 800 }),
});

// jsdom asks its own sheet of defaults, rule by rule, for every element whose name or role is looked for: a seventh of these
// tests' time. No sheet of ours is loaded here: an element's own style, and what is hidden, is all there is to know.
window.getComputedStyle = (element: Element) => {
  const own = (element as HTMLElement).style;
  const plain: Record<string, string> = {
    display: element.closest('[hidden]') ? 'none' : 'block',
    visibility: 'visible',
  };
  const of = (name: string): unknown => own?.[name as never] || (plain[name] ?? '');
  return new Proxy({} as CSSStyleDeclaration, {
    get: (_, name) =>
      name === 'getPropertyValue' ? (n: string) => own?.getPropertyValue(n) || (plain[n] ?? '') : of(String(name)),
  });
};

// React's development build takes a stack trace for each of ten thousand elements a second: a tenth of these tests' time, and read
// by nobody here. It takes none once that many are taken.
const internals = (React as unknown as Record<string, object | undefined>)[
  '__CLIENT_INTERNALS_DO_NOT_USE_OR_WARN_USERS_THEY_CANNOT_UPGRADE'
];
if (internals) Object.defineProperty(internals, 'recentlyCreatedOwnerStacks', { get: () => 10_000, set() {} });
