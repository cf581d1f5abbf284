import type { ItemInput } from '@crustallum/core/contracts/item';
import { useState } from 'react';
import { usePhone } from '../../design/ui/useWidth';
import { needsOf, signsOf } from '../../wording/eaters';
import { Drawing } from '../_shared/Drawing';
import { anyEater, hasNeed, type EaterInput } from '@crustallum/core/contracts/eater';
import { OnTheTable } from './OnTheTable';
import { EaterSlip } from './EaterSlip';

/** Everybody at the table, named or not, and whoever was named beyond; one who was not named eats everything. */
export const atTable = (eaters: readonly EaterInput[], count: number): EaterInput[] =>
  Array.from({ length: Math.max(count, eaters.length) }, (_, i) => eaters[i] ?? anyEater(`Guest ${i + 1}`));
/** So many are drawn; the others eat like them. */
const mostDrawn = 40;

/** The table from above with a place for everybody; pressing one says what they must not meet. */
export function Table({
  eaters,
  count,
  dishes,
  onChange,
}: {
  eaters: readonly EaterInput[];
  count: number;
  dishes: readonly ItemInput[];
  onChange: (eaters: EaterInput[]) => void;
}) {
  const [open, setOpen] = useState<number | null>(null);
  const everybody = atTable(eaters, count);
  const shown = everybody.slice(0, Math.min(count, mostDrawn));
  const phone = usePhone();
  const perSide = Math.max(1, Math.ceil(shown.length / 2));
  // on a phone the table stands upright, so that everybody keeps their width and their name
  const [long, place] = phone
    ? [Math.max(280, perSide * 48), Math.max(280, perSide * 48) / perSide]
    : [580, 560 / perSide];
  const put = (i: number) => {
    const along = (phone ? 14 : 50) + ((i % perSide) + 0.5) * place;
    const first = i < perSide;
    return phone ? { x: first ? 110 : 256, y: along, first } : { x: along, y: first ? 56 : 204, first };
  };
  return (
    <>
      <Drawing
        w={phone ? 366 : 660}
        h={phone ? long + 28 : 258}
        overAlways
        label={`A table for ${count}: ${
          shown
            .filter(hasNeed)
            .map((m) => `${m.name} ${needsOf(m).join(', ')}`)
            .join('; ') || 'everyone eats everything'
        }`}
        over={shown.map((m, i) => {
          const p = put(i);
          const [left, top] = phone ? [p.first ? p.x - 90 : p.x, p.y - 24] : [p.x - 24, p.first ? 8 : 206];
          return (
            <button
              key={i}
              type="button"
              className="absolute border-0 bg-transparent"
              style={{ left, top, width: phone ? 90 : 48, height: 48 }}
              aria-label={`${m.name}${hasNeed(m) ? `: ${needsOf(m).join(', ')}` : ''}`}
              onClick={() => setOpen(i)}
            />
          );
        })}
      >
        <g transform={phone ? 'translate(183 14) rotate(90)' : 'translate(40 130)'}>
          <rect
            y="-74"
            width={long}
            height="148"
            fill="var(--color-slab)"
            stroke="var(--color-ink)"
            strokeWidth="2.500"
          />
          {[-37, 0, 37].map((y) => (
            <line key={y} x2={long} y1={y} y2={y} stroke="var(--color-hair)" />
          ))}
          <OnTheTable dishes={dishes} reach={long + 12} />
        </g>
        {shown.map((m, i) => (
          <Person key={i} eater={m} {...put(i)} upright={phone} short={!phone && perSide > 10} />
        ))}
      </Drawing>
      <EaterSlip eaters={everybody} open={open} onClose={() => setOpen(null)} onChange={onChange} />
    </>
  );
}

/** Somebody at their side of the table: the stool, the name and the signs of what they must not meet. */
function Person({
  eater,
  x,
  y,
  first,
  upright,
  short,
}: {
  eater: EaterInput;
  x: number;
  y: number;
  first: boolean;
  upright: boolean;
  short: boolean;
}) {
  const needs = signsOf(eater);
  const stool = upright
    ? `M${x} ${y - 12}a12 12 0 0 ${first ? 0 : 1} 0 24z`
    : `M${x - 12} ${y}a12 12 0 0 ${first ? 1 : 0} 24 0z`;
  return (
    <g>
      <path
        d={stool}
        fill={needs ? 'var(--color-ink)' : 'var(--color-flour)'}
        stroke="var(--color-ink)"
        strokeWidth="2"
      />
      {upright ? (
        <text
          x={first ? x - 20 : x + 20}
          y={y + 5}
          textAnchor={first ? 'end' : 'start'}
          className={needs ? 'b' : undefined}
        >
          {eater.name.slice(0, 9)} {needs}
        </text>
      ) : (
        <>
          <text x={x} y={first ? y - 26 : y + 34} textAnchor="middle" className={needs ? 'b' : undefined}>
            {short ? eater.name.replace(/^Guest /, '').slice(0, 3) : eater.name}
          </text>
          {needs && (
            <text x={x} y={first ? y - 42 : y + 50} textAnchor="middle" className="b">
              {needs}
            </text>
          )}
        </>
      )}
    </g>
  );
}
