import type { LeavesPlan } from '@crustallum/core/plan/stations/lamination/station';
import { useState } from 'react';
import { useItem } from '../../desk/useItem';
import { Measure } from '../../design/drawings/Measure';
import { usePhone } from '../../design/ui/useWidth';
import { plain } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { StationPage } from '../_shared/StationPage';
import { Pick } from '../../design/ui/Pick';
import { LeafLaying } from './Laying';

type View = 'stack' | 'laying';
const views: readonly (readonly [View, string])[] = [
  ['stack', 'stack'],
  ['laying', 'laying'],
];

/** The stack cut through, the brushing order of a leaf, and the leaves laid in. */
export function Leaves({ lamination }: { lamination: LeavesPlan }) {
  const { item, plan } = useItem();
  const phone = usePhone();
  const [view, setView] = useState<View>('stack');
  if (!item || !plan) return null;
  const { leavesInStack, leafLengthMm, leafWidthMm } = item.document.folds;
  const leaves = plan.cut.leaves;
  const px = 150;
  const cut = phone ? 210 : 260;
  const leafPx = lamination.leafMm * px;
  const fatPx = Math.max(2, lamination.fatFilmMm * px);
  return (
    <StationPage
      station="folds"
      inputs={['leavesInStack', 'brush', 'brushedWith']}
      lead={<Pick label="Show" value={view} options={views} onChange={setView} />}
      whatIf={
        <>
          <b>Its edges</b> crack at {plain(lamination.figures.edges.value ?? 0, 0)} min bare; a damp cloth stops the
          clock.
        </>
      }
      numbers={[
        ['Leaves', lamination.figures.leaves],
        ['Fat to brush', lamination.figures.brush],
        ['Film of fat', lamination.figures.film],
        ['A bare leaf bends for', lamination.figures.bare],
        ['Its edge for', lamination.figures.edges],
      ]}
    >
      {view === 'laying' ? (
        <LeafLaying lamination={lamination} />
      ) : (
        <Drawing
          w={660}
          h={540}
          alone
          windows={[
            [14, 0, 366, Math.min(leafPx, 200 / leavesInStack - fatPx) * leavesInStack + fatPx * leavesInStack + 50],
            [14, 256, 366, leafWidthMm * 0.55 + 62],
            leaves?.ropeMm ? [420, 0, 240, 330] : [420, 256, 240, 140],
          ]}
          label={`A stack of ${leavesInStack} leaves cut through, the leaf with its brushing order, and the leaves laid in`}
        >
          <text x="20" y="16" className="b">
            A stack of {leavesInStack}, cut through
          </text>
          <text x={cut + 70} y="16" className="q">
            {px} px a mm
          </text>
          {Array.from({ length: leavesInStack }, (_, i) => {
            const y = 34 + i * (Math.min(leafPx, 200 / leavesInStack - fatPx) + fatPx);
            const h = Math.min(leafPx, 200 / leavesInStack - fatPx);
            return (
              <g key={i}>
                <rect x="40" y={y} width={cut} height={fatPx} fill="var(--color-butter)" />
                <rect
                  x="40"
                  y={y + fatPx}
                  width={cut}
                  height={Math.max(2, h)}
                  fill="url(#fill-dough)"
                  stroke="var(--color-ink)"
                />
              </g>
            );
          })}
          <text x={cut + 52} y="60">
            leaf {plain(lamination.leafMm, 2)} mm
          </text>
          <text x={cut + 52} y="82" style={{ fill: 'var(--color-butter-ink)', fontWeight: 640 }}>
            fat {plain(lamination.fatFilmMm, 2)} mm
          </text>
          <text x="20" y="272" className="b">
            One leaf: brush it in this order
          </text>
          <rect
            x="40"
            y="288"
            width={leafLengthMm * 0.55}
            height={leafWidthMm * 0.55}
            fill="var(--color-dough-thin)"
            stroke="var(--color-ink)"
            strokeWidth="2"
          />
          {(
            [
              [1, 40 + leafLengthMm * 0.275, 296],
              [2, 50, 288 + leafWidthMm * 0.275],
              [3, 40 + leafLengthMm * 0.275, 288 + leafWidthMm * 0.275],
            ] as const
          ).map(([n, x, y]) => (
            <g key={n}>
              <circle cx={x} cy={y} r="12" fill="var(--color-ink)" />
              <text x={x} y={y + 5} textAnchor="middle" style={{ fill: 'var(--color-flour)', fontWeight: 700 }}>
                {n}
              </text>
            </g>
          ))}
          <Measure
            x1={40}
            x2={40 + leafLengthMm * 0.55}
            y1={306 + leafWidthMm * 0.55}
            y2={306 + leafWidthMm * 0.55}
            text={`${plain(leafLengthMm / 10, 0)} cm`}
          />
          {leaves && <LaidIn rope={leaves.ropeMm} length={leaves.ropeLengthMm} stacks={leaves.stacks} />}
        </Drawing>
      )}
    </StationPage>
  );
}

/** The coil as a spiral of the computed rope, or the stacks of a tray. */
function LaidIn({ rope, length, stacks }: { rope: number | null; length: number | null; stacks: number }) {
  if (!rope || !length) {
    return (
      <g>
        <text x="430" y="272" className="b">
          Laid in: {stacks} stacks
        </text>
        {Array.from({ length: stacks }, (_, i) => (
          <rect
            key={i}
            x={430}
            y={300 + i * 70}
            width="200"
            height="16"
            fill="url(#fill-dough)"
            stroke="var(--color-ink)"
          />
        ))}
        <rect x="430" y="316" width="200" height="54" fill="url(#fill-filling)" stroke="var(--color-ink)" />
      </g>
    );
  }
  const px = 0.62;
  const turns = Math.sqrt(length / (Math.PI * rope));
  const points = Array.from({ length: 140 }, (_, i) => {
    const f = i / 139;
    const r = rope * turns * f * px;
    const angle = f * turns * 2 * Math.PI;
    return `${(530 + r * Math.cos(angle)).toFixed(1)} ${(170 + r * Math.sin(angle)).toFixed(1)}`;
  });
  return (
    <g>
      <text x="430" y="16" className="b">
        The coil in its tin
      </text>
      <path
        d={`M${points.join('L')}`}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth={rope * px}
        strokeLinecap="round"
      />
      <path
        d={`M${points.join('L')}`}
        fill="none"
        stroke="var(--color-dough)"
        strokeWidth={rope * px - 4}
        strokeLinecap="round"
      />
      <text x="530" y={182 + rope * turns * px + rope * px * 0.5} textAnchor="middle" className="q">
        {plain(length / 10, 0)} cm of coil, {stacks} rolls
      </text>
    </g>
  );
}
