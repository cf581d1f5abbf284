import type { CrumbPlan, LaminationPlan, LeavesPlan, TurnColumn } from '@crustallum/core/plan/foldsStation';
import { useMemo } from 'react';
import { useItem } from '../app/useItem';
import { Measure } from '../drawings/Measure';
import { plain } from '../wording/numbers';
import { Drawing } from './Drawing';
import { Held } from './Held';
import { StationPage, Waiting } from './StationPage';
import { fields } from './fields';

/** Folds, Crumb or Leaves, as the pastry asks. */
export function FoldsStation() {
  const { plan } = useItem();
  if (!plan) return <Waiting />;
  const { third } = plan;
  return third.kind === 'folds' ? (
    <Folds third={third} />
  ) : third.kind === 'crumb' ? (
    <Crumb third={third} />
  ) : (
    <Leaves third={third} />
  );
}

function Folds({ third }: { third: LaminationPlan }) {
  const { item, plan } = useItem();
  if (!item || !plan) return null;
  const { turns } = item.document.folds;
  const fewer = third.columns[turns - 2];
  return (
    <StationPage
      station="folds"
      inputs={['turns', 'fold', 'rolledLength', 'thickness', 'lump']}
      held={['turns', 'rolledLength', 'thickness', 'lump']}
      whatIf={
        fewer && (
          <>
            <b>At {fewer.turns} turns</b> {fewer.fatLayers} leaves of {plain(fewer.fatUm / 1000, 3)} mm: fewer and
            thicker.
          </>
        )
      }
      numbers={[
        ['Leaves of fat', third.figures.leaves],
        ['One leaf of fat', third.figures.oneLeaf],
        [`${turns + 1} turns would leave`, third.figures.oneMore],
        ['Rest between turns', third.figures.rest],
        ['Should stand in the oven', third.figures.stands],
      ]}
    >
      <FoldsDrawing third={third} turns={turns} sheetMm={plan.cut.rolled.thicknessMm} fold={item.document.folds.fold} />
    </StationPage>
  );
}

function FoldsDrawing({
  third,
  turns,
  sheetMm,
  fold,
}: {
  third: LaminationPlan;
  turns: number;
  sheetMm: number;
  fold: number;
}) {
  const { turn } = third;
  const px = 190 / turn.lengthMm;
  const [w, l] = [turn.widthMm * px, turn.lengthMm * px];
  const cm = (mm: number) => plain(mm / 10, 1);
  const cols = third.columns;
  const wideW = 230;
  const slim = (640 - 30 - wideW - cols.length * 8) / Math.max(1, cols.length - 1);
  let x = 40;
  return (
    <Drawing
      w={660}
      h={560}
      alone
      label={`One turn from above, and a cut through the finished ${plain(sheetMm, 1)} mm sheet at each of ${cols.length} turns`}
      over={
        <>
          <Held def={fields.rolledLength} x={297} y={84} />
          <Held def={fields.turns} x={300} y={540} />
          <Held def={fields.thickness} x={70} y={540} />
          <Held def={fields.lump} x={520} y={540} word="lumps" />
        </>
      }
    >
      <text x="20" y="16" className="b">
        One turn, from above
      </text>
      <g transform="translate(20 34)" fill="var(--color-dough)" stroke="var(--color-ink)" strokeWidth="2">
        <rect x="0" y="0" width={l / fold} height={w} />
        <rect x="180" y="0" width={l} height={w} />
        {Array.from({ length: fold - 1 }, (_, i) => (
          <line
            key={i}
            x1={180 + (l * (i + 1)) / fold}
            x2={180 + (l * (i + 1)) / fold}
            y1="0"
            y2={w}
            strokeDasharray="8 4 2 4"
          />
        ))}
        <rect x="410" y="0" width={l / fold} height={w} />
        <rect x="530" y={(w - l / fold) / 2} width={w} height={l / fold} />
        <path
          d={`M${l / fold + 16} ${w / 2}h60m-9-6 9 6-9 6M${386} ${w / 2}h14m-9-6 9 6-9 6M${410 + l / fold + 14} ${w / 2}h34m-9-6 9 6-9 6`}
          fill="none"
        />
      </g>
      <g>
        <text x={20 + l / fold / 2} y={150}>
          <tspan textAnchor="middle" x={20 + l / fold / 2}>
            {cm(turn.foldedLengthMm)} × {cm(turn.widthMm)}
          </tspan>
          <tspan textAnchor="middle" x={20 + l / fold / 2} dy="18" className="q">
            {plain(turn.foldedMm, 0)} mm thick
          </tspan>
        </text>
        <text x="297" y="152" textAnchor="middle" className="q">
          {cm(turn.lengthMm)} × {cm(turn.widthMm)} cm, {plain(turn.rolledMm, 1)} mm
        </text>
        <text x="600" y="150" textAnchor="middle" className="q">
          a quarter round
        </text>
      </g>
      <text x="20" y="202" className="b">
        Cut through the finished {plain(sheetMm, 1)} mm sheet, at each turn
      </text>
      <text x="640" y="202" textAnchor="end" className="q">
        {plain(290 / sheetMm, 0)} px a mm
      </text>
      {cols.map((c) => {
        const chosen = c.turns === turns;
        const cw = chosen ? wideW : Math.max(26, Math.min(90, slim));
        const left = x;
        x += cw + 8;
        return (
          <g key={c.turns} opacity={c.turns > turns ? 0.55 : 1}>
            <Section column={c} x={left} y={214} width={cw} height={290} heavy={chosen} seed={c.turns} />
            <text
              x={left + cw / 2}
              y={520}
              textAnchor="middle"
              className={chosen ? 'b' : 'q'}
              style={c.band === 'merging' ? { fill: 'var(--color-rhubarb-ink)' } : undefined}
            >
              {chosen ? `${c.turns} turns` : c.turns}
            </text>
          </g>
        );
      })}
      <g className="q">
        {Array.from({ length: Math.floor(sheetMm) + 1 }, (_, i) => (
          <g key={i}>
            <line
              x1="26"
              x2="36"
              y1={214 + (290 * i) / sheetMm}
              y2={214 + (290 * i) / sheetMm}
              stroke="var(--color-ink)"
            />
            <text x="22" y={219 + (290 * i) / sheetMm} textAnchor="end" className="q">
              {i}
            </text>
          </g>
        ))}
      </g>
    </Drawing>
  );
}

/** The computed layers, bottom to top, drawn with a small fixed waver; patchy where the model says films break. */
function Section({
  column,
  x,
  y,
  width,
  height,
  heavy,
  seed,
}: {
  column: TurnColumn;
  x: number;
  y: number;
  width: number;
  height: number;
  heavy: boolean;
  seed: number;
}) {
  const paths = useMemo(() => {
    if (!column.stack) return [];
    let depth = 0;
    const out: { d: string; dash: string | undefined }[] = [];
    column.stack.forEach((layer, i) => {
      const middle = y + height - (depth + layer.share / 2) * height;
      depth += layer.share;
      if (layer.kind !== 'F') return;
      const thick = Math.max(0.5, layer.share * height);
      const wave = Math.min(2.4, thick * 0.5 + 0.6);
      const n = Math.max(3, Math.round(width / 34));
      let d = `M${x} ${middle.toFixed(1)}`;
      for (let k = 1; k <= n; k++) {
        const a = Math.sin(k * 2.1 + i * 1.7 + seed) * wave;
        d += `Q${(x + ((k - 0.5) * width) / n).toFixed(1)} ${(middle + a).toFixed(1)} ${(x + (k * width) / n).toFixed(1)} ${(middle + a * 0.3).toFixed(1)}`;
      }
      out.push({
        d,
        dash:
          column.band === 'distinct'
            ? undefined
            : column.band === 'thinning'
              ? `${26 + (i % 7) * 6} 3`
              : `${4 + (i % 5) * 2} 5`,
      });
    });
    return out;
  }, [column, x, y, width, height, seed]);
  const thin = column.stack ? Math.max(0.6, (column.stack.find((l) => l.kind === 'F')?.share ?? 0.01) * height) : 0;
  return (
    <g>
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        fill="var(--color-dough-thin)"
        stroke="var(--color-ink)"
        strokeWidth={heavy ? 3 : 1}
      />
      <svg x={x} y={y} width={width} height={height} viewBox={`${x} ${y} ${width} ${height}`}>
        {paths.map((p, i) => (
          <path
            key={i}
            d={p.d}
            fill="none"
            stroke="var(--color-butter-deep)"
            strokeWidth={thin}
            strokeDasharray={p.dash}
          />
        ))}
      </svg>
      <g transform={`translate(${x + width / 2} ${y + height / 2})`}>
        <rect
          x={-String(column.fatLayers).length * 5 - 9}
          y="-15"
          width={String(column.fatLayers).length * 10 + 18}
          height="30"
          rx="15"
          fill="var(--color-flour)"
          stroke="var(--color-ink)"
          strokeWidth="1.5"
        />
        <text textAnchor="middle" y="5" className="b">
          {column.fatLayers}
        </text>
      </g>
    </g>
  );
}

function Crumb({ third }: { third: CrumbPlan }) {
  const { item, plan } = useItem();
  const folds = item?.document.folds;
  const rows = useMemo(() => (folds ? lumpsIn(folds.crumbMm, folds.coatedPct) : []), [folds]);
  if (!folds || !plan) return null;
  const { crumbMm, discMm } = folds;
  const sheet = plan.cut.rolled.thicknessMm;
  const px = 16;
  return (
    <StationPage
      station="folds"
      inputs={['coated', 'crumb', 'disc', 'thickness']}
      whatIf={
        <>
          <b>All rubbed small</b> it would be sandy and short, with no flakes, and drink about{' '}
          {plain(third.coverage * 10, 0)} % less water.
        </>
      }
      numbers={[
        ['Left large', third.figures.large],
        ['Largest piece', third.figures.largest],
        ['Flour coated', third.figures.coat],
        ['Streak in the sheet', third.figures.streak],
        ['Chill before rolling', third.figures.chill],
      ]}
    >
      <Drawing
        w={660}
        h={560}
        alone
        label={`Crumb with pieces of ${crumbMm} mm, four times life size; the sheet after rolling; the disc that chills`}
      >
        <text x="20" y="16" className="b">
          Rubbed in, as it should look
        </text>
        <text x="640" y="16" textAnchor="end" className="q">
          4 × life size
        </text>
        <rect
          x="20"
          y="28"
          width="620"
          height="190"
          fill="var(--color-dough-thin)"
          stroke="var(--color-ink)"
          strokeWidth="2"
        />
        <clipPath id="crumbs">
          <rect x="20" y="28" width="620" height="190" />
        </clipPath>
        <g clipPath="url(#crumbs)" stroke="var(--color-ink)">
          {rows.map((c, i) => (
            <g key={i}>
              <circle
                cx={20 + c.x * 620}
                cy={28 + c.y * 190}
                r={(c.mm * px) / 2 + 3}
                fill="var(--color-dough-deep)"
                strokeWidth="1.2"
              />
              <circle
                cx={20 + c.x * 620}
                cy={28 + c.y * 190}
                r={(c.mm * px) / 2}
                fill="var(--color-butter)"
                strokeWidth="0"
              />
            </g>
          ))}
          <circle cx="330" cy="122" r={(7 * px) / 2} fill="none" strokeDasharray="3 4" strokeWidth="2.500" />
        </g>
        <rect x="292" y="109" width="76" height="26" rx="13" fill="var(--color-flour)" stroke="var(--color-ink)" />
        <text x="330" y="127" textAnchor="middle" className="b">
          pea, 7 mm
        </text>
        <text x="20" y="256" className="b">
          The same fat once the sheet is rolled to {plain(sheet, 1)} mm
        </text>
        <rect
          x="20"
          y="268"
          width="620"
          height={sheet * px}
          fill="url(#fill-dough)"
          stroke="var(--color-ink)"
          strokeWidth="2"
        />
        <svg x="21" y="269" width="618" height={sheet * px - 2} viewBox={`21 269 618 ${sheet * px - 2}`}>
          {Array.from({ length: 6 }, (_, i) => (
            <ellipse
              key={i}
              cx={60 + i * 118}
              cy={268 + sheet * px * (0.2 + 0.6 * ((i * 0.382) % 1))}
              rx={(crumbMm * px * Math.sqrt(crumbMm / Math.max(0.1, third.streakMm))) / 2.6}
              ry={Math.max(1.5, (third.streakMm * px) / 2)}
              fill="var(--color-butter-deep)"
            />
          ))}
        </svg>
        <Measure
          x1={120}
          x2={120 + Math.min(440, crumbMm * px * Math.sqrt(crumbMm / Math.max(0.1, third.streakMm)))}
          y1={286 + sheet * px}
          y2={286 + sheet * px}
          text={`${plain(third.streakMm, 1)} mm thick`}
        />
        <text x="20" y="420" className="b">
          {plain(plan.dough.masses.totalG, 0)} g in the cold, pressed to {plain(discMm, 0)} mm
        </text>
        <rect
          x={330 - third.discRadiusMm * 1.5}
          y={440}
          width={third.discRadiusMm * 3}
          height={discMm * 1.5}
          rx="6"
          fill="url(#fill-dough)"
          stroke="var(--color-ink)"
          strokeWidth="2.500"
        />
        <Measure
          x1={330 - third.discRadiusMm * 1.5}
          x2={330 + third.discRadiusMm * 1.5}
          y1={462 + discMm * 1.5}
          y2={462 + discMm * 1.5}
          text={`${plain(third.discRadiusMm / 5, 1)} cm`}
        />
      </Drawing>
    </StationPage>
  );
}

/** A fixed scatter of lumps: large ones by their size, small ones of about 2 mm for the rest. */
function lumpsIn(crumbMm: number, coatedPct: number): { x: number; y: number; mm: number }[] {
  let a = 3;
  const next = () => {
    a = (Math.imul(a, 1664525) + 1013904223) >>> 0;
    return a / 4294967296;
  };
  const area = 38.75 * 11.9;
  const large = Math.min(60, Math.round((area * 0.32 * (1 - coatedPct / 100)) / (0.785 * crumbMm * crumbMm)));
  const small = Math.min(160, Math.round((area * 0.32 * (coatedPct / 100)) / 3.14));
  return [
    ...Array.from({ length: small }, () => ({ x: next(), y: next(), mm: 2 })),
    ...Array.from({ length: large }, () => ({ x: next(), y: next(), mm: crumbMm })),
  ];
}

function Leaves({ third }: { third: LeavesPlan }) {
  const { item, plan } = useItem();
  if (!item || !plan) return null;
  const { leavesInStack, leafLengthMm, leafWidthMm } = item.document.folds;
  const leaves = plan.cut.leaves;
  const px = 150;
  const leafPx = third.leafMm * px;
  const fatPx = Math.max(2, third.fatFilmMm * px);
  return (
    <StationPage
      station="folds"
      inputs={['leavesInStack', 'brush', 'brushedWith']}
      whatIf={
        <>
          <b>Its edges</b> crack at {plain(third.figures.edges.value ?? 0, 0)} min bare; a damp cloth stops the clock.
        </>
      }
      numbers={[
        ['Leaves', third.figures.leaves],
        ['Fat to brush', third.figures.brush],
        ['Film of fat', third.figures.film],
        ['A bare leaf bends for', third.figures.bare],
        ['Its edge for', third.figures.edges],
      ]}
    >
      <Drawing
        w={660}
        h={540}
        alone
        label={`A stack of ${leavesInStack} leaves cut through, the leaf with its brushing order, and the leaves laid in`}
      >
        <text x="20" y="16" className="b">
          A stack of {leavesInStack}, cut through
        </text>
        <text x="330" y="16" className="q">
          {px} px a mm
        </text>
        {Array.from({ length: leavesInStack }, (_, i) => {
          const y = 34 + i * (Math.min(leafPx, 200 / leavesInStack - fatPx) + fatPx);
          const h = Math.min(leafPx, 200 / leavesInStack - fatPx);
          return (
            <g key={i}>
              <rect x="40" y={y} width="260" height={fatPx} fill="var(--color-butter)" />
              <rect
                x="40"
                y={y + fatPx}
                width="260"
                height={Math.max(2, h)}
                fill="url(#fill-dough)"
                stroke="var(--color-ink)"
              />
            </g>
          );
        })}
        <text x="312" y="60">
          leaf {plain(third.leafMm, 2)} mm
        </text>
        <text x="312" y="82" style={{ fill: 'var(--color-butter-ink)', fontWeight: 640 }}>
          fat {plain(third.fatFilmMm, 2)} mm
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
