import type { LockIn } from '@crustallum/core/contracts/folds';
import type { TurnColumn } from '@crustallum/core/plan/stations/lamination/result';
import type { FoldsPlan } from '@crustallum/core/plan/stations/lamination/station';
import { foldsIn, hasBlock, lockIn } from '@crustallum/core/plan/stations/lamination/turns';
import { useMemo, useState } from 'react';
import { useItem } from '../../desk/useItem';
import { usePhone } from '../../design/ui/useWidth';
import { plain, sides, thin } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { Held } from '../_shared/Held';
import { StationPage } from '../_shared/StationPage';
import { fields, type FieldName } from '../_shared/fields';
import { Outlook } from '../_shared/outlook/Outlook';
import { Pick } from '../../design/ui/Pick';
import { Backwards } from './Backwards';
import { FoldPlan } from './FoldPlan';
import { Shapes } from './Shapes';
import { TurnTable } from './TurnTable';

type View = 'cut' | 'rolls' | 'back' | 'shapes' | 'otherwise';
const views: readonly (readonly [View, string])[] = [
  ['cut', 'layers'],
  ['rolls', 'rolls'],
  ['back', 'from sheet'],
  ['shapes', 'shapes'],
  ['otherwise', 'what if'],
];
const inputsOf = (view: View, own: boolean, lock: LockIn, restsOwn: boolean): readonly FieldName[] => {
  const rests: FieldName[] = restsOwn ? ['rests', 'ownRest'] : ['rests'];
  if (view === 'cut' || view === 'rolls')
    return [
      ...(own ? [] : (['turns', 'fold'] as const)),
      'rolledLength',
      'thickness',
      ...(lock === 'lumps' ? (['lump'] as const) : (['rubbed'] as const)),
      ...(lock === 'spread' ? (['spreadTurns'] as const) : []),
      ...rests,
    ];
  return view === 'otherwise' ? ['thickness', 'rolledLength', ...rests] : [];
};

/** One turn from above, and a cut through the sheet at each number of turns. */
export function Folds({ lamination }: { lamination: FoldsPlan }) {
  const { item, plan } = useItem();
  const [view, setView] = useState<View>('cut');
  if (!item || !plan) return null;
  const turns = foldsIn(item.document.folds).length;
  const own = Boolean(item.document.folds.ownFolds?.length);
  const { masses } = plan.dough;
  const { rolled } = plan.cut;
  const fewer = lamination.columns[turns - 2];
  return (
    <StationPage
      station="folds"
      inputs={inputsOf(view, own, lockIn(item.document.folds), item.document.folds.rests === 'own')}
      held={view === 'cut' ? ['turns', 'rolledLength', 'thickness', 'lump'] : []}
      lead={<Pick label="Show" value={view} options={views} onChange={setView} />}
      extra={view === 'cut' || view === 'rolls' ? <FoldPlan /> : undefined}
      whatIf={
        view === 'cut' &&
        fewer && (
          <>
            <b>At {fewer.turns} turns</b> {fewer.fatLayers} leaves of {film(fewer.fatUm)}: fewer and thicker.
          </>
        )
      }
      numbers={[
        ['Leaves of fat', lamination.figures.leaves],
        ['One leaf of fat', lamination.figures.oneLeaf],
        [`${turns + 1} turns would leave`, lamination.figures.oneMore],
        ['Rest between turns', lamination.figures.rest],
        ['Should stand in the oven', lamination.figures.stands],
      ]}
    >
      {view === 'cut' && (
        <FoldsDrawing
          lamination={lamination}
          turns={turns}
          sheetMm={rolled.thicknessMm}
          fold={lamination.rows[0]?.panels ?? item.document.folds.fold}
          held={!own}
          lumps={!hasBlock(item.document.folds)}
        />
      )}
      {view === 'rolls' && (
        <TurnTable
          lamination={lamination}
          sheet={{ l: rolled.lengthMm, w: rolled.widthMm, t: rolled.thicknessMm, trimMm: item.document.cut.trimMm }}
        />
      )}
      {view === 'back' && <Backwards fatG={masses.fatG} totalG={masses.totalG} />}
      {view === 'shapes' && <Shapes />}
      {view === 'otherwise' && <Outlook />}
    </StationPage>
  );
}

/** Thickness of a film: below a thousandth of a millimetre in µm. */
const film = (um: number): string => (um < 1 ? `${plain(um)} µm` : `${thin(um / 1000, 3)}`);

/** Where there are more turns than columns fit: the first three, and those about the chosen one. */
function shownColumns(columns: readonly TurnColumn[], turns: number): readonly TurnColumn[] {
  return columns.length <= mostColumns
    ? columns
    : columns.filter((c) => c.turns <= 3 || Math.abs(c.turns - turns) <= 1);
}
const mostColumns = 7;

function FoldsDrawing({
  lamination,
  turns,
  sheetMm,
  fold,
  held,
  lumps,
}: {
  lamination: FoldsPlan;
  turns: number;
  sheetMm: number;
  fold: number;
  /** Like turns are counted on the drawing; a sequence of one's own is set beside it. */
  held: boolean;
  lumps: boolean;
}) {
  const phone = usePhone();
  const { turn } = lamination;
  const px = (phone ? 160 : 190) / turn.lengthMm;
  const [w, l] = [turn.widthMm * px, turn.lengthMm * px];
  const cols = shownColumns(lamination.columns, turns);
  const [inner, gap, wideW] = phone ? [366, 5, 120] : [640, 8, 230];
  const slim = (inner - 30 - wideW - cols.length * gap) / Math.max(1, cols.length - 1);
  let x = phone ? 32 : 40;
  return (
    <Drawing
      w={660}
      h={560}
      alone
      windows={[
        [0, 0, 366, 180],
        [404, 22, 254, 150],
        [0, 186, 366, 348],
      ]}
      label={`One turn from above, and a cut through the finished ${thin(sheetMm)} sheet at each of ${cols.length} turns`}
      over={
        <>
          <Held def={fields.rolledLength} x={297} y={84} />
          {held && <Held def={fields.turns} x={300} y={540} />}
          <Held def={fields.thickness} x={70} y={540} />
          {lumps && <Held def={fields.lump} x={520} y={540} word="lumps" />}
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
            {sides([turn.foldedLengthMm, turn.widthMm])}
          </tspan>
          <tspan textAnchor="middle" x={20 + l / fold / 2} dy="18" className="q">
            {thin(turn.foldedMm, 0)} thick
          </tspan>
        </text>
        <text x={200 + l / 2} y="152" textAnchor="middle" className="q">
          {sides([turn.lengthMm, turn.widthMm])}, {thin(turn.rolledMm)}
        </text>
        <text x="600" y="150" textAnchor="middle" className="q">
          a quarter round
        </text>
      </g>
      <text x="20" y="202" className="b">
        Cut through the {phone ? '' : 'finished '}
        {thin(sheetMm)} sheet, at each turn
      </text>
      <text x="640" y="202" textAnchor="end" className="q">
        {plain(290 / sheetMm, 0)} px a mm
      </text>
      {cols.map((c) => {
        const chosen = c.turns === turns;
        const cw = chosen ? wideW : Math.max(phone ? 22 : 26, Math.min(90, slim));
        const left = x;
        x += cw + gap;
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
        fill={
          column.stack
            ? 'var(--color-dough-thin)'
            : 'color-mix(in oklab, var(--color-butter) 40%, var(--color-dough-thin))'
        }
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
