import type { Feel } from '@crustallum/core/dough/weighing';

/** What the hand sees: crumbs, a lump with a thumbprint, strings to the finger, a rim with cracks. */
export function FeelPicture({ feel }: { feel: Feel }) {
  const ink = { stroke: 'currentColor', strokeWidth: 2, fill: 'none' } as const;
  return (
    <svg width="64" height="34" viewBox="0 0 64 34" aria-hidden="true">
      {feel === 'crumbly' &&
        [
          [10, 26, 5],
          [22, 28, 3],
          [31, 24, 6],
          [43, 27, 4],
          [53, 25, 5],
          [26, 15, 3],
          [39, 13, 2.5],
        ].map(([x, y, r]) => <circle key={x} cx={x} cy={y} r={r} {...ink} />)}
      {feel === 'holds' && (
        <>
          <path d="M8 30q-2-20 24-22q26 2 24 22z" {...ink} />
          <path d="M26 13q6 7 13 0" {...ink} />
        </>
      )}
      {feel === 'sticks' && (
        <>
          <path d="M8 31q0-13 24-14q24 1 24 14z" {...ink} />
          <path d="M24 2v6q8 6 16 0V2M28 9v8M32 11v6M36 9v8" {...ink} />
        </>
      )}
      {feel === 'cracks' && (
        <>
          <ellipse cx="32" cy="18" rx="26" ry="13" {...ink} />
          <path d="M6 18l8 2-3 3M58 18l-9-2 4-4M32 31l-2-8 4 2M20 7l4 6-5 1" {...ink} />
        </>
      )}
    </svg>
  );
}
