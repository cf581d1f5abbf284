import type { ItemInput } from '@crustallum/core/contracts/item';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { TextField } from '../../design/ui/TextField';
import { usePhone } from '../../design/ui/useWidth';
import { needKindsList } from '../../wording/needs';
import { needWords } from '../../wording/words';
import { Drawing } from '../_shared/Drawing';
import type { MouthInput, NeedKind } from '@crustallum/core/contracts/meal';

/** px a millimetre of the table and what stands on it. */
const px = 0.32;

/** Dishes and pieces along the table from x = 16, as far as it reaches. */
function OnTheTable({ dishes, reach }: { dishes: readonly ItemInput[]; reach: number }) {
  let x = 16;
  return (
    <g stroke="var(--color-ink)" strokeWidth="1.6">
      {dishes.map((d, index) => {
        const v = d.cut.vessel;
        const many = d.product === 'handPies' || d.product === 'potPies';
        const one = d.product === 'potPies' ? (typeof v?.top === 'number' ? v.top : 110) : d.cut.cutterMm;
        const [a, b] = many
          ? [one, one]
          : typeof v?.top === 'number'
            ? [v.top, v.top]
            : [v?.top?.[0] ?? 240, v?.top?.[1] ?? 240];
        const rows = many ? Math.min(d.brief.count, Math.max(1, Math.floor(140 / (b * px)))) : 1;
        const columns = many ? Math.ceil(d.brief.count / rows) : 1;
        const left = x;
        x += columns * a * px + 22;
        if (x > reach) return null;
        return Array.from({ length: many ? d.brief.count : 1 }, (_, i) => {
          const cx = left + (Math.floor(i / rows) + 0.5) * a * px;
          const cy = ((i % rows) - (rows - 1) / 2) * b * px;
          return v?.form === 'rect' && !many ? (
            <rect
              key={`${index}${i}`}
              x={cx - (a * px) / 2}
              y={cy - (b * px) / 2}
              width={a * px}
              height={b * px}
              fill="url(#fill-dough)"
            />
          ) : (
            <g key={`${index}${i}`}>
              <ellipse cx={cx} cy={cy} rx={(a * px) / 2 - 1} ry={(b * px) / 2 - 1} fill="url(#fill-dough)" />
              {d.product === 'filoCoil' &&
                [0.7, 0.42, 0.16].map((k) => (
                  <ellipse key={k} cx={cx} cy={cy} rx={(a * px * k) / 2} ry={(b * px * k) / 2} fill="none" />
                ))}
            </g>
          );
        });
      })}
    </g>
  );
}

/** The table from above with a mouth for every guest; pressing one says what it must not meet. */
export function Table({
  mouths,
  count,
  dishes,
  onChange,
}: {
  mouths: readonly MouthInput[];
  count: number;
  dishes: readonly ItemInput[];
  onChange: (mouths: MouthInput[]) => void;
}) {
  const [open, setOpen] = useState<number | null>(null);
  const shown = Array.from(
    { length: Math.min(40, count) },
    (_, i) => mouths[i] ?? { name: `Guest ${i + 1}`, needs: [] },
  );
  const phone = usePhone();
  const perSide = Math.max(1, Math.ceil(shown.length / 2));
  // on a phone the table stands upright, so that every mouth keeps its width and its name
  const [long, place] = phone
    ? [Math.max(280, perSide * 48), Math.max(280, perSide * 48) / perSide]
    : [580, 560 / perSide];
  const put = (i: number) => {
    const along = (phone ? 14 : 50) + ((i % perSide) + 0.5) * place;
    const first = i < perSide;
    return phone ? { x: first ? 110 : 256, y: along, first } : { x: along, y: first ? 56 : 204, first };
  };
  const change = (index: number, mouth: MouthInput) =>
    onChange(shown.map((m, i) => (i === index ? mouth : { ...m, needs: [...m.needs] })));
  const inHand = open === null ? null : shown[open];
  return (
    <>
      <Drawing
        w={phone ? 366 : 660}
        h={phone ? long + 28 : 258}
        overAlways
        label={`A table for ${count}: ${
          shown
            .filter((m) => m.needs.length)
            .map((m) => `${m.name} ${m.needs.map((n) => needWords[n]?.word).join(', ')}`)
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
              aria-label={`${m.name}${m.needs.length ? `: ${m.needs.map((n) => needWords[n]?.word).join(', ')}` : ''}`}
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
          <Mouth key={i} mouth={m} {...put(i)} upright={phone} short={!phone && perSide > 10} />
        ))}
      </Drawing>
      <Dialog.Root open={open !== null} onOpenChange={(to) => !to && setOpen(null)}>
        <Dialog.Portal>
          <Dialog.Overlay className="veil" />
          <Dialog.Content className="slip dialog" aria-describedby={undefined}>
            <Dialog.Title className="sign m-0" style={{ fontSize: 25 }}>
              {inHand?.name}
            </Dialog.Title>
            {inHand && open !== null && (
              <>
                <TextField
                  label="Name"
                  value={inHand.name}
                  max={40}
                  onChange={(name) => change(open, { ...inHand, name })}
                />
                <div
                  className="grid gap-2 py-2"
                  style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))' }}
                >
                  {needKindsList.map((kind: NeedKind) => {
                    const on = inHand.needs.includes(kind);
                    return (
                      <button
                        key={kind}
                        type="button"
                        className={`press ${on ? '' : 'quiet'}`}
                        style={{ minHeight: 44 }}
                        aria-pressed={on}
                        onClick={() =>
                          change(open, {
                            ...inHand,
                            needs: on ? inHand.needs.filter((n) => n !== kind) : [...inHand.needs, kind],
                          })
                        }
                      >
                        {needWords[kind]?.sign} {needWords[kind]?.word}
                      </button>
                    );
                  })}
                </div>
                <p className="whatif">
                  An allergy is more than a wish: read every label, keep boards, brushes and hands apart, and follow
                  your local food-safety rules.
                </p>
              </>
            )}
            <Dialog.Close className="press mt-3">It is said</Dialog.Close>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </>
  );
}

/** A mouth at its side of the table: its stool, its name and the signs of what it must not meet. */
function Mouth({
  mouth,
  x,
  y,
  first,
  upright,
  short,
}: {
  mouth: MouthInput;
  x: number;
  y: number;
  first: boolean;
  upright: boolean;
  short: boolean;
}) {
  const needs = mouth.needs.map((n) => needWords[n]?.sign).join('');
  const stool = upright
    ? `M${x} ${y - 12}a12 12 0 0 ${first ? 0 : 1} 0 24z`
    : `M${x - 12} ${y}a12 12 0 0 ${first ? 1 : 0} 24 0z`;
  return (
    <g>
      <path
        d={stool}
        fill={mouth.needs.length ? 'var(--color-ink)' : 'var(--color-flour)'}
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
          {mouth.name.slice(0, 9)} {needs}
        </text>
      ) : (
        <>
          <text x={x} y={first ? y - 26 : y + 34} textAnchor="middle" className={needs ? 'b' : undefined}>
            {short ? mouth.name.replace(/^Guest /, '').slice(0, 3) : mouth.name}
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
