import type { Tick } from '@crustallum/core/plan/stations/seal/result';
import { useState } from 'react';
import { tickWords } from '../../wording/ticks';

/** Conditions that must stand, each on an edge that is crimped when it does. */
export function Ticks({
  ticks,
  title,
  done,
  onTick,
}: {
  ticks: readonly Tick[];
  title: string;
  /** Kept elsewhere, as in a run; else only while they are looked at. */
  done?: ReadonlySet<string>;
  onTick?: (code: string, on: boolean) => void;
}) {
  const [own, setOwn] = useState<ReadonlySet<string>>(new Set());
  const on = done ?? own;
  const toggle = (code: string) => {
    onTick?.(code, !on.has(code));
    if (!done) setOwn(new Set(on.has(code) ? [...on].filter((c) => c !== code) : [...on, code]));
  };
  return (
    <section aria-label={title}>
      <strong>{title}</strong>
      <ul
        className="plain-list mt-1 grid gap-x-6 gap-y-2"
        style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(190px, 1fr))' }}
      >
        {ticks.map((tick) => {
          const [what, how] = tickWords(tick);
          const stands = on.has(tick.code);
          return (
            <li key={tick.code}>
              <button
                type="button"
                aria-pressed={stands}
                onClick={() => toggle(tick.code)}
                className="block w-full border-0 bg-transparent p-0 text-left"
                style={{ minHeight: 52, color: 'inherit' }}
              >
                <span style={{ fontWeight: 640, display: 'block' }}>{what}</span>
                <span className="quiet-ink" style={{ fontSize: 15 }}>
                  {how}
                </span>
                <span
                  className={stands ? 'crimped block' : 'block'}
                  style={stands ? undefined : { borderTop: '2px solid var(--color-ink)', marginTop: 3 }}
                />
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
