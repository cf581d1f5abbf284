import type { ItemInput } from '@crustallum/core/contracts/item';
import type { ItemPlan } from '@crustallum/core/plan/item';
import { corners, shapeSize } from '@crustallum/core/cutting/shape';
import type { ReactNode } from 'react';
import { plain, thin } from '../../wording/numbers';

/** The closed pie from above at one scale: its lid, the rim pressed down, the slits as long as they are cut; for filo its top. */
export function LidFromAbove({ plan, item }: { plan: ItemPlan; item: ItemInput }) {
  const { seal, cut, product, dough } = item;
  const filo = dough.pastry === 'filo';
  const half = product === 'handPies' && !filo && cut.pieceKind === 'halfmoon';
  const { closed } = plan.cut;
  const points = closed && !half ? corners(closed) : [];
  const top = cut.vessel?.top;
  const lid = plan.cut.blanks.find((b) => b.kind === 'lid');
  const [long, wide] =
    product === 'handPies'
      ? half || !closed
        ? [cut.cutterMm, cut.cutterMm / 2]
        : shapeSize(closed)
      : typeof top === 'number'
        ? [top, top]
        : (top ?? lid?.dims ?? [240, 240]);
  const k = Math.min(270 / long, 160 / wide);
  const [a, b] = [(long * k) / 2, (wide * k) / 2];
  const rim = filo ? 0 : seal.rimMm * k;
  const shape = (less: number): ReactNode => {
    const [rx, ry] = [Math.max(0, a - less), Math.max(0, b - less)];
    const dash = less ? { fill: 'none', strokeDasharray: '4 4' } : { fill: 'url(#fill-dough)', strokeWidth: 2 };
    if (half) {
      const r = Math.max(0, a - less);
      return <path d={`M${-r} ${b}a${r} ${r} 0 0 1 ${2 * r} 0z`} stroke="var(--color-ink)" {...dash} />;
    }
    if (points.length > 0)
      return (
        <polygon
          points={points.map(([x, y]) => `${((x * 2) / long - 1) * rx},${(1 - (y * 2) / wide) * ry}`).join(' ')}
          stroke="var(--color-ink)"
          {...dash}
        />
      );
    if (cut.vessel?.form === 'rect' && product !== 'handPies')
      return <rect x={-rx} y={-ry} width={2 * rx} height={2 * ry} stroke="var(--color-ink)" {...dash} />;
    return <ellipse rx={rx} ry={ry} stroke="var(--color-ink)" {...dash} />;
  };
  const { vent, closing } = plan.seal;
  const n = (closing === 'seam' || closing === 'lid') && 'n' in vent ? vent.n : 0;
  const apart = Math.min(24, (2 * (a - rim)) / (n + 1));
  const vented = (i: number): ReactNode => {
    const x = (i - (n - 1) / 2) * apart;
    const y = half ? b * 0.35 : 0;
    if (vent.kind === 'slits') {
      const slit = Math.min(vent.lengthMm * k, 2 * (b - rim) * 0.9) / 2;
      return (
        <line
          key={i}
          x1={x}
          x2={x}
          y1={y - slit}
          y2={y + slit}
          stroke="var(--color-ink)"
          strokeWidth="3.500"
          strokeLinecap="round"
        />
      );
    }
    const r = 'dMm' in vent ? (vent.dMm * k) / 2 : 0;
    return <circle key={i} cx={x} cy={y} r={r} fill="var(--color-flour)" stroke="var(--color-ink)" strokeWidth="2" />;
  };
  return (
    <>
      <text x="360" y="16" className="b">
        {filo
          ? 'Its top'
          : half
            ? 'One, folded'
            : product === 'handPies' && plan.cut.generations[0]?.bases === 0
              ? 'One, closed'
              : 'A lid from above'}
      </text>
      <text x="640" y="16" textAnchor="end" className="q">
        1 : {plain(3.78 / k, 1)}
      </text>
      <g transform="translate(500 112)" role="img" aria-label={`${plain(long, 0)} × ${thin(wide, 0)}`}>
        {shape(0)}
        {rim > 0 && shape(rim)}
        {Array.from({ length: n }, (_, i) => vented(i))}
        {product === 'filoTray' && <Scored portions={item.brief.count} a={a} b={b} />}
        {product === 'filoCoil' && <Pricked a={a} />}
      </g>
    </>
  );
}

/** A tray of leaves scored into so many, through those above only. */
function Scored({ portions, a, b }: { portions: number; a: number; b: number }) {
  const rows =
    Array.from({ length: Math.floor(Math.sqrt(portions)) }, (_, i) => i + 1).findLast((r) => portions % r === 0) ?? 1;
  const columns = portions / rows;
  const line = { stroke: 'var(--color-ink)', strokeWidth: 2, strokeDasharray: '7 4' };
  return (
    <>
      {Array.from({ length: columns - 1 }, (_, i) => {
        const x = -a + ((i + 1) * 2 * a) / columns;
        return <line key={`c${i}`} x1={x} x2={x} y1={-b} y2={b} {...line} />;
      })}
      {Array.from({ length: rows - 1 }, (_, i) => {
        const y = -b + ((i + 1) * 2 * b) / rows;
        return <line key={`r${i}`} x1={-a} x2={a} y1={y} y2={y} {...line} />;
      })}
    </>
  );
}

/** A coil pricked along its rope. */
function Pricked({ a }: { a: number }) {
  return Array.from({ length: 18 }, (_, i) => {
    const [turn, r] = [i * 0.9, a * (0.15 + 0.042 * i)];
    return <circle key={i} cx={r * Math.cos(turn)} cy={r * Math.sin(turn)} r="2" fill="var(--color-ink)" />;
  });
}
