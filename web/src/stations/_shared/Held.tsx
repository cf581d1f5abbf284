import { memo, useEffect, useRef, useState } from 'react';
import { useRule } from '../../design/ui/rules';
import { useInput } from '../../desk/useInput';
import { Rule } from '../../design/ui/Rule';
import { fieldUnit } from '../../wording/fieldUnit';
import type { NumberFieldDef } from './fields';

interface Place {
  def: NumberFieldDef;
  x: number;
  y: number;
  word?: string | undefined;
}

/** A measure of the item that is changed where it is drawn. */
export const Held = memo(function Held({
  fallback,
  ...place
}: Place & {
  /** What it is worked out as, where nothing is set. */
  fallback?: number;
}) {
  const { known, value: held, clash, take } = useInput(place.def.path);
  if (!known || (held === undefined && fallback === undefined)) return null;
  return <HeldValue {...place} value={Number(held ?? fallback)} clash={clash} take={take} />;
});

/** A measure changed where it is drawn: its value in a ring; pressed, its rule opens on the drawing. */
export function HeldValue({
  def,
  x,
  y,
  word,
  value,
  clash = false,
  take,
}: Place & { value: number; clash?: boolean; take: (value: number) => void }) {
  const rule = useRule(def.path);
  const [open, setOpen] = useState(false);
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!open) return;
    const away = (e: PointerEvent) => {
      if (!box.current?.contains(e.target as Node)) setOpen(false);
    };
    const escape = (e: KeyboardEvent) => e.key === 'Escape' && setOpen(false);
    document.addEventListener('pointerdown', away);
    document.addEventListener('keydown', escape);
    return () => {
      document.removeEventListener('pointerdown', away);
      document.removeEventListener('keydown', escape);
    };
  }, [open]);
  const field = fieldUnit(def.unit, value * (def.scale ?? 1));
  const text = `${word ? `${word} ` : ''}${field.write(value * (def.scale ?? 1), def.places)} ${field.unit}`.trim();
  if (!open) {
    return (
      <button
        type="button"
        className="held"
        style={{ left: x, top: y, ...(clash ? { borderColor: 'var(--color-rhubarb)' } : {}) }}
        aria-label={`${def.label}: ${text}. Change it.`}
        aria-expanded={false}
        onClick={() => setOpen(true)}
      >
        {text}
        {clash && <strong className="clash-word"> clash</strong>}
      </button>
    );
  }
  return (
    <div
      ref={box}
      className="held-open"
      role="group"
      aria-label={def.label}
      style={{ left: Math.max(136, Math.min(530, x)), top: Math.min(470, y) }}
    >
      <Rule {...def} value={value} rule={rule} clash={clash} onChange={take} />
      <button
        type="button"
        className="press quiet"
        style={{ minHeight: 44, width: '100%' }}
        onClick={() => setOpen(false)}
      >
        Let go
      </button>
    </div>
  );
}
