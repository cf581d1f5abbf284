import { corners, shapeSize } from '@crustallum/core/cutting/shape';
import type { ItemPlan } from '@crustallum/core/plan/item';
import type { LeavesPlan } from '@crustallum/core/plan/stations/lamination/station';
import { useState } from 'react';
import { useItem } from '../../desk/useItem';
import { Measure } from '../../design/drawings/Measure';
import { usePhone } from '../../design/ui/useWidth';
import { long, plain, sides, thin } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { Field } from '../_shared/Field';
import { fields } from '../_shared/fields';
import { StationPage } from '../_shared/StationPage';
import { Pick } from '../../design/ui/Pick';
import { LeafLaying } from './Laying';

/** The leaf is drawn at so many px a mm. */
const leafScale = 0.55;

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
  const tray = item.document.product === 'filoTray';
  const px = 150;
  const cut = phone ? 210 : 260;
  const leafPx = lamination.leafMm * px;
  const fatPx = Math.max(2, lamination.fatFilmMm * px);
  return (
    <StationPage
      station="folds"
      inputs={[
        ...(leaves?.made ? (['leafStrip'] as const) : []),
        tray ? 'leavesUnder' : 'leavesInStack',
        'brush',
        'brushedWith',
      ]}
      lead={
        <>
          <Pick label="Show" value={view} options={views} onChange={setView} />
          {tray && <Field def={fields.leavesOver} fallback={leaves?.over ?? leavesInStack} />}
        </>
      }
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
            [14, 256, 366, leafWidthMm * leafScale + 62],
            leaves?.ropeMm ? [420, 0, 240, 330] : [420, 256, 240, leaves?.made ? 190 : 140],
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
            leaf {thin(lamination.leafMm, 2)}
          </text>
          <text x={cut + 52} y="82" style={{ fill: 'var(--color-butter-ink)', fontWeight: 640 }}>
            fat {thin(lamination.fatFilmMm, 2)}
          </text>
          <text x="20" y="272" className="b">
            One leaf: brush it in this order
          </text>
          <rect
            x="40"
            y="288"
            width={leafLengthMm * leafScale}
            height={leafWidthMm * leafScale}
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
            x2={40 + leafLengthMm * leafScale}
            y1={306 + leafWidthMm * leafScale}
            y2={306 + leafWidthMm * leafScale}
            text={`${long(leafLengthMm, 0)}`}
          />
          {leaves && <LaidIn leaves={leaves} />}
          {leaves?.made && <Strips made={leaves.made} lengthPx={leafLengthMm * leafScale} />}
        </Drawing>
      )}
    </StationPage>
  );
}

/** The strips a leaf is cut into, over the drawing of the leaf. */
function Strips({ made, lengthPx }: { made: NonNullable<Laid['made']>; lengthPx: number }) {
  const k = leafScale;
  const wide = made.stripMm * k;
  return (
    <g stroke="var(--color-ink)" strokeWidth="1.5" strokeDasharray="6 4">
      {Array.from({ length: made.across }, (_, i) => (
        <line key={i} x1={40} x2={40 + lengthPx} y1={288 + (i + 1) * wide} y2={288 + (i + 1) * wide} />
      ))}
      {Array.from({ length: made.along - 1 }, (_, i) => (
        <line
          key={`a${i}`}
          x1={40 + (i + 1) * made.stripLengthMm * k}
          x2={40 + (i + 1) * made.stripLengthMm * k}
          y1={288}
          y2={288 + made.across * wide}
        />
      ))}
    </g>
  );
}

type Laid = NonNullable<ItemPlan['cut']['leaves']>;

/** The coil as a spiral of the computed rope, a tray's layers under and over, or one piece closed. */
function LaidIn({ leaves }: { leaves: Laid }) {
  const { ropeMm: rope, ropeLengthMm: length, stacks, made } = leaves;
  if (made) {
    const [long, wide] = shapeSize(made.closed);
    const k = Math.min(190 / long, 120 / wide, 1.6);
    const points = corners(made.closed).map(([x, y]) => `${430 + x * k},${300 + (wide - y) * k}`);
    return (
      <g>
        <text x="430" y="272" className="b">
          One, closed
        </text>
        <polygon points={points.join(' ')} fill="url(#fill-dough)" stroke="var(--color-ink)" strokeWidth="2" />
        <text x="430" y={324 + wide * k} className="q">
          {sides([long, wide], 1)}, {made.leavesOnAFace} leaves a face
        </text>
      </g>
    );
  }
  if (!rope || !length) {
    // as thick as its layers, against one another
    const thick = (layers: number) => Math.max(6, Math.min(40, layers * 4));
    const [under, over] = [thick(leaves.under), thick(leaves.over)];
    return (
      <g>
        <text x="430" y="272" className="b">
          Laid in: {leaves.under} under, {leaves.over} over
        </text>
        <rect x={430} y={300} width="200" height={over} fill="url(#fill-dough)" stroke="var(--color-ink)" />
        <rect x="430" y={300 + over} width="200" height="40" fill="url(#fill-filling)" stroke="var(--color-ink)" />
        <rect x={430} y={340 + over} width="200" height={under} fill="url(#fill-dough)" stroke="var(--color-ink)" />
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
        {long(length, 0)} of coil, {stacks} rolls
      </text>
    </g>
  );
}
