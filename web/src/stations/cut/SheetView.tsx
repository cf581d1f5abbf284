import { packerOf, type ShapeLayout } from '@crustallum/core/cutting/packer';
import type { NestedDiscs } from '@crustallum/core/cutting/nesting';
import type { CutPlan } from '@crustallum/core/plan/stations/cut/station';
import { useState } from 'react';
import { useItem } from '../../desk/useItem';
import { Measure } from '../../design/drawings/Measure';
import { useNarrow, usePhone } from '../../design/ui/useWidth';
import { long, plain, sides } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { fields } from '../_shared/fields';
import { Held } from '../_shared/Held';
import { useQuestion } from '../_shared/useQuestion';
import { frameOf, keptLaying, asInput } from './frame';
import { Pieces } from './Pieces';
import { PieceShape } from './PieceShape';
import { Rolls } from './Rolls';
import { SheetEdges } from './SheetEdges';
import { EdgeRulers, SheetShape } from './SheetShape';
import { useLaying, type Laying } from './useLaying';

/** The sheet to scale: its pieces in cutting order, its sides to be drawn out, and the later rolls below. */
export function SheetView({ cut }: { cut: CutPlan }) {
  const { item } = useItem();
  const first = cut.generations[0];
  if (!first || !item) return null;
  return <FirstSheet cut={cut} hand={item.document.product === 'handPies'} />;
}

function FirstSheet({ cut, hand }: { cut: CutPlan; hand: boolean }) {
  const phone = usePhone();
  const narrow = useNarrow();
  const { item, change } = useItem();
  const first = cut.generations[0] as CutPlan['generations'][0];
  const laying = useLaying(first);
  const [drawn, setDrawn] = useState<{ length: number; width: number } | null>(null);
  const own = item?.document.cut;
  const better = useQuestion<NestedDiscs>(
    'cutting.mostDiscs',
    first.shape.kind === 'disc' && !laying.own && first.n < first.layout.bound
      ? { sheet: first.sheet, d: first.shape.d, trim: laying.bed.trim, gap: laying.bed.gap }
      : null,
  );
  const { sheet } = first;
  const frame = phone ? frameOf(sheet, 40, 40, 318, 300) : frameOf(sheet, 124, 54, 420, 300);
  const [right, bottom] = [frame.x0 + frame.w * frame.px, frame.y0 + frame.h * frame.px];
  const aside = Math.min(612, right + 76);
  const spot = (row: number) => ({ x: aside, y: frame.y0 + 18 + row * 52 });
  const rolls = phone ? { x: 0, across: 2, stepX: 184 } : { x: 180, across: 3, stepX: 170 };
  const rollsHigh = Math.ceil(cut.generations.length / rolls.across) * 108;
  const trim = laying.bed.trim;
  const perSheet = Math.ceil(first.n / first.sheets);
  const take = ({ length, width }: { length: number; width: number }) =>
    change({ 'cut.sheetLengthMm': length, 'cut.sheetWidthMm': width, 'cut.placed': undefined });
  const [setLong, setWide] = [own?.sheetLengthMm ?? frame.w, own?.sheetWidthMm ?? frame.h];
  // lying, as it is drawn
  const set = { length: Math.max(setLong, setWide), width: Math.min(setLong, setWide) };
  // rows of rounds and rectangles cost nothing; those of outlines the worker finds, the last found are shown meanwhile
  const asRect = drawn && { shape: 'rect' as const, w: drawn.length, h: drawn.width };
  const cheap = first.shape.kind === 'disc' || first.shape.kind === 'rect';
  const packing = { trim, gap: laying.bed.gap, quarterTurns: laying.quarterTurns };
  const rows = useQuestion<ShapeLayout>(
    'cutting.lay',
    asRect && !cheap ? { sheet: asRect, shape: asInput(first.shape), ...packing } : null,
    0,
  );
  const preview = asRect && {
    frame: { ...frame, w: asRect.w, h: asRect.h, turned: false },
    layout: cheap ? packerOf(first.shape, packing).lay(asRect) : (rows.value ?? first.layout),
  };
  const shown = preview ? preview.frame : frame;
  const found = better.value;
  return (
    <>
      <Toolbar
        said={`${first.sheets > 1 ? `Sheet 1 of ${first.sheets}` : 'The sheet'}, 1 : ${plain(10 / frame.px / 2.65, 0)}`}
        laying={laying}
        ownSheet={own?.sheetLengthMm !== undefined || own?.sheetWidthMm !== undefined}
        more={found?.pattern === 'free' && !first.layout.provablyBest ? found.n - found.rows : 0}
        takeMore={() =>
          found &&
          change(
            keptLaying(
              sheet,
              found.centres.map(([x, y]) => ({ x, y })),
              true,
            ),
          )
        }
      />
      <Drawing
        w={phone ? 366 : 680}
        h={phone ? bottom + 44 + rollsHigh : 508}
        alone
        label={`Sheet of ${sides([frame.w, frame.h])} with ${perSheet} pieces of ${long(first.cutter)}`}
        live={
          preview ? null : (
            <>
              <Pieces
                laying={laying}
                frame={frame}
                lids={first.lids && first.bases ? Math.min(first.lids, perSheet) : 0}
              />
              {sheet.shape !== 'round' && <SheetEdges frame={frame} sides={set} onDrag={setDrawn} onLetGo={take} />}
            </>
          )
        }
        over={
          <>
            <Held def={fields.sheetLength} x={(frame.x0 + right) / 2} y={frame.y0 - 30} fallback={frame.w} />
            <Held def={fields.sheetWidth} x={58} y={(frame.y0 + bottom) / 2} fallback={frame.h} />
            {hand && <Held def={fields.cutter} {...spot(0)} word="cut" />}
            <Held def={fields.thickness} {...spot(hand ? 1 : 0)} word="thick" />
            <Held def={fields.trim} {...spot(hand ? 2 : 1)} word="trim" />
            <Held def={fields.gap} {...spot(hand ? 3 : 2)} word="gap" />
            <Held def={fields.shrinkAlong} {...spot(hand ? 4 : 3)} word="along" fallback={2} />
            <Held def={fields.shrinkAcross} {...spot(hand ? 5 : 4)} word="across" fallback={own?.shrinkPct ?? 2} />
            <Held def={fields.reRolls} x={90} y={bottom + 74} word="again" />
          </>
        }
      >
        <Measure
          x1={frame.x0}
          x2={right}
          y1={frame.y0 - 30}
          y2={frame.y0 - 30}
          {...(narrow ? { text: `${long(shown.w)}` } : {})}
        />
        <Measure
          x1={narrow ? frame.x0 - 22 : 58}
          x2={narrow ? frame.x0 - 22 : 58}
          y1={frame.y0}
          y2={bottom}
          {...(narrow ? { text: `${long(shown.h)}` } : {})}
        />
        <SheetShape frame={shown} sheet={preview ? { shape: 'rect', w: shown.w, h: shown.h } : sheet} trimMm={trim} />
        {sheet.shape !== 'round' && <EdgeRulers frame={shown} />}
        {preview?.layout.centres.map((at, i) => (
          <PieceShape
            key={i}
            frame={preview.frame}
            shape={first.shape}
            at={at}
            turn={preview.layout.turns[i] ?? 0}
            fill="none"
            stroke="var(--color-ink)"
            strokeDasharray="3 4"
          />
        ))}
        {preview && (
          <text
            x={frame.x0 + (shown.w * frame.px) / 2}
            y={frame.y0 + (shown.h * frame.px) / 2}
            textAnchor="middle"
            className="b"
          >
            {preview.layout.n} in rows
          </text>
        )}
        {!phone && <LastRoll x={right} y={bottom} upright={frame.turned} left={frame.x0 - 20} />}
        <line
          x1={phone ? 0 : 20}
          x2={phone ? 366 : 660}
          y1={bottom + (phone ? 18 : 46)}
          y2={bottom + (phone ? 18 : 46)}
          stroke="var(--color-hair)"
        />
        <Rolls cut={cut} x={rolls.x} y={bottom + (phone ? 38 : 62)} across={rolls.across} stepX={rolls.stepX} />
      </Drawing>
    </>
  );
}

/** Which way it was last rolled: along that it shrinks as `along` says. */
function LastRoll({ x, y, upright, left }: { x: number; y: number; upright: boolean; left: number }) {
  const arrow = upright
    ? `M${left} ${y}v-90m-5 9 5 -9 5 9M${left - 5} ${y - 9}l5 9 5 -9`
    : `M${x - 128} ${y + 22}h120m-9 -5 9 5 -9 5M${x - 119} ${y + 17}l-9 5 9 5`;
  return (
    <>
      <path d={arrow} stroke="var(--color-ink)" fill="none" strokeWidth="2" />
      <text x={upright ? left + 20 : x - 136} y={y + 27} textAnchor={upright ? 'start' : 'end'} className="q">
        last rolled this way
      </text>
    </>
  );
}

/** One line over the sheet: what can be done with the chosen piece, or with the whole laying. */
function Toolbar({
  laying,
  ownSheet,
  more,
  takeMore,
  said,
}: {
  said: string;
  laying: Laying;
  ownSheet: boolean;
  more: number;
  takeMore: () => void;
}) {
  const { change } = useItem();
  const { chosen } = laying;
  const piece = chosen === null ? null : laying.pieces[chosen];
  return (
    <div className="laying" role="toolbar" aria-label="Laying">
      {piece && chosen !== null ? (
        <>
          <strong>Piece {chosen + 1}</strong>
          <button
            type="button"
            className="press quiet"
            aria-pressed={piece.held === true}
            onClick={() => laying.hold(chosen)}
          >
            {piece.held ? 'Let go' : 'Hold it there'}
          </button>
          {laying.bed.shape.kind !== 'disc' && (
            <button type="button" className="press quiet" onClick={() => laying.turn(chosen)}>
              Turn
            </button>
          )}
          <button type="button" className="press quiet" onClick={() => laying.takeOff(chosen)}>
            Take off
          </button>
          <button type="button" className="press quiet" onClick={() => laying.choose(null)}>
            Done
          </button>
        </>
      ) : (
        <span className="quiet-ink">
          {more > 0
            ? `${said}. ${more} more would fit, freely placed.`
            : laying.own || ownSheet
              ? `${said}.`
              : `${said}. Press a piece to hold or move it; draw its edges out or in.`}
        </span>
      )}
      {!piece && more > 0 && (
        <button type="button" className="press quiet" onClick={takeMore}>
          Cut it so
        </button>
      )}
      {laying.anyHeld && (
        <button type="button" className="press quiet" onClick={laying.again}>
          Lay the rest again
        </button>
      )}
      {laying.own && (
        <button type="button" className="press quiet" onClick={laying.inRows}>
          In rows
        </button>
      )}
      {ownSheet && !laying.own && !piece && (
        <button
          type="button"
          className="press quiet"
          onClick={() => change({ 'cut.sheetLengthMm': undefined, 'cut.sheetWidthMm': undefined })}
        >
          Sheet as worked out
        </button>
      )}
    </div>
  );
}
