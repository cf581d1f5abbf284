import { shapeSize } from '@crustallum/core/cutting/shape';
import type { ItemInput } from '@crustallum/core/contracts/item';
import type { ItemPlan } from '@crustallum/core/plan/item';
import { long } from '../wording/numbers';

/** Pies in each row of a heap, the lowest first: never more than there are, six at most. */
function heap(pieces: number): number[] {
  const rows: number[] = [];
  for (let row = pieces >= 4 ? 3 : pieces >= 2 ? 2 : 1, left = pieces; row > 0 && left > 0; left -= row--)
    rows.push(Math.min(row, left));
  return rows;
}

/** One item in elevation: a heap of hand pies, a dish cut open, pots, or a coil in its tin. */
export function Standing({ plan, item, pxMm }: { plan: ItemPlan; item: ItemInput; pxMm: number }) {
  const h = 120;
  if (item.product === 'handPies') {
    const flat = plan.cut.leaves
      ? shapeSize(plan.cut.leaves.made?.closed ?? plan.cut.closed ?? { kind: 'disc', d: 70 })[0]
      : null;
    const d = (flat ?? item.cut.cutterMm) * pxMm;
    const tall = Math.max(14, plan.oven.spec.filling.depthMm * pxMm + 10);
    if (plan.cut.rings && item.cut.pieceKind === 'ring') {
      const [out, hole] = [d / 2, Math.max(4, d / 2 - tall)];
      return (
        <svg
          width={d + 4}
          height={h}
          viewBox={`0 0 ${d + 4} ${h}`}
          preserveAspectRatio="xMinYMax meet"
          role="img"
          aria-label={`A ring of ${long(item.cut.cutterMm, 0)} for ${plan.cut.pieces} slices`}
          style={{ maxWidth: '100%' }}
        >
          <g transform={`translate(${out + 2} ${h - out * 0.45 - tall / 2})`} stroke="var(--color-ink)" strokeWidth="2">
            <ellipse rx={out} ry={out * 0.45} fill="url(#fill-dough)" />
            <ellipse rx={hole} ry={hole * 0.4} fill="var(--color-flour)" />
          </g>
        </svg>
      );
    }
    if (flat === null && (item.cut.pieceKind === 'log' || item.cut.pieceKind === 'plait')) {
      const long = (item.cut.sliceMm ?? 60) * pxMm;
      const shown = Math.min(6, plan.cut.pieces);
      return (
        <svg
          width={shown * (long + 4) + 4}
          height={h}
          viewBox={`0 0 ${shown * (long + 4) + 4} ${h}`}
          preserveAspectRatio="xMinYMax meet"
          role="img"
          aria-label={`${plan.cut.pieces} slices of a ${item.cut.pieceKind === 'log' ? 'roll' : 'plait'}`}
          style={{ maxWidth: '100%' }}
        >
          {Array.from({ length: shown }, (_, i) => (
            <g key={i} stroke="var(--color-ink)" strokeWidth="2">
              <rect x={2 + i * (long + 4)} y={h - tall - 2} width={long} height={tall} rx="6" fill="url(#fill-dough)" />
              <rect
                x={6 + i * (long + 4)}
                y={h - tall + 2}
                width={Math.max(4, long - 8)}
                height={Math.max(4, tall - 8)}
                rx="4"
                fill="url(#fill-filling)"
                strokeWidth="1.2"
              />
            </g>
          ))}
        </svg>
      );
    }
    const rows = heap(plan.cut.pieces);
    return (
      <svg
        width={d * 3.2}
        height={h}
        viewBox={`0 0 ${d * 3.2} ${h}`}
        preserveAspectRatio="xMinYMax meet"
        role="img"
        aria-label={`${plan.cut.pieces} ${flat === null ? 'hand pies' : 'pies of leaf'} of ${long(d / pxMm)}`}
        style={{ maxWidth: '100%' }}
      >
        {rows.flatMap((n, r) =>
          Array.from({ length: n }, (_, k) => {
            const x = (k + r / 2) * d * 1.04 + 4;
            const y = h - 1 - r * tall * 0.82;
            return (
              <g key={`${r}${k}`} stroke="var(--color-ink)" strokeWidth="2">
                {plan.cut.leaves?.made?.kind === 'triangle' ? (
                  <polygon points={`${x},${y} ${x + d},${y} ${x + d / 2},${y - tall}`} fill="url(#fill-dough)" />
                ) : plan.cut.leaves ? (
                  <rect x={x} y={y - tall} width={d} height={tall} rx={tall / 3} fill="url(#fill-dough)" />
                ) : (
                  <>
                    <path
                      d={`M${x} ${y}v-6q${d * 0.12}-${tall * 0.2} ${d * 0.18}-${tall * 0.3}q${d * 0.32}-${tall * 0.9} ${d * 0.64} 0q${d * 0.06} ${tall * 0.1} ${d * 0.18} ${tall * 0.3}v6z`}
                      fill="url(#fill-dough)"
                    />
                    <path
                      d={`M${x + d * 0.16} ${y - 6}q${d * 0.34}-${tall * 1.0} ${d * 0.68} 0z`}
                      fill="url(#fill-filling)"
                      strokeWidth="1.2"
                    />
                  </>
                )}
              </g>
            );
          }),
        )}
      </svg>
    );
  }
  const v = item.cut.vessel;
  const top = (typeof v?.top === 'number' ? v.top : (v?.top?.[0] ?? 240)) * pxMm;
  const bottom =
    (typeof v?.bottom === 'number'
      ? v.bottom
      : (v?.bottom?.[0] ?? (typeof v?.top === 'number' ? v.top : (v?.top?.[0] ?? 240)))) * pxMm;
  const depth = Math.max(14, (v?.depth ?? 45) * pxMm);
  if (item.product === 'filoCoil') {
    const r = ((plan.cut.leaves?.ropeMm ?? 40) * pxMm) / 2;
    const n = Math.max(1, Math.floor(top / (2 * r)));
    return (
      <svg
        width={top + 6}
        height={h}
        role="img"
        aria-label={`A coil in a tin of ${long(top / pxMm, 0)}`}
        style={{ maxWidth: '100%' }}
      >
        {Array.from({ length: n }, (_, i) => (
          <g key={i} fill="var(--color-dough-thin)" stroke="var(--color-ink)">
            <circle cx={3 + r + (i * (top - 2 * r)) / Math.max(1, n - 1)} cy={h - r - 2} r={r} strokeWidth="2" />
            <circle cx={3 + r + (i * (top - 2 * r)) / Math.max(1, n - 1)} cy={h - r - 2} r={r * 0.78} fill="none" />
            <circle
              cx={3 + r + (i * (top - 2 * r)) / Math.max(1, n - 1)}
              cy={h - r - 2}
              r={r * 0.55}
              fill="url(#fill-filling)"
            />
          </g>
        ))}
        <path
          d={`M2 ${h - depth}V${h - 1}H${top + 4}V${h - depth}`}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth="2.500"
        />
      </svg>
    );
  }
  const many = item.product === 'potPies' ? plan.cut.pieces : (item.cut.dishes ?? 1);
  const count = Math.min(3, many);
  const { lid = 'whole' } = item.cut;
  const dome = item.product === 'filoTray' ? 4 : Math.max(10, top * 0.09);
  return (
    <svg
      width={(top + 16) * count}
      height={h}
      viewBox={`0 0 ${(top + 16) * count} ${h}`}
      preserveAspectRatio="xMinYMax meet"
      role="img"
      aria-label={`${count > 1 ? `${many} pots` : 'A dish'} of ${long(top / pxMm, 0)}`}
      style={{ maxWidth: '100%' }}
    >
      {Array.from({ length: count }, (_, i) => {
        const x = 8 + i * (top + 16);
        const y = h - depth;
        return (
          <g key={i} stroke="var(--color-ink)" strokeWidth="2.200">
            <path
              d={`M${x} ${y}L${x + (top - bottom) / 2} ${h - 1}H${x + (top + bottom) / 2}L${x + top} ${y}Z`}
              fill="url(#fill-filling)"
            />
            {lid === 'lattice' &&
              Array.from({ length: 6 }, (_, n) => (
                <rect
                  key={n}
                  x={x + 2 + (n * (top - 4)) / 6}
                  y={y - 7}
                  width={(top - 4) / 6 - 4}
                  height="8"
                  fill="url(#fill-dough)"
                />
              ))}
            {lid === 'whole' && (
              <path
                d={`M${x - 6} ${y}Q${x + top / 2} ${y - 2 * dome} ${x + top + 6} ${y}l-3 7H${x - 3}z`}
                fill="url(#fill-dough)"
              />
            )}
          </g>
        );
      })}
    </svg>
  );
}
