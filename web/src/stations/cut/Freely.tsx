import type { NestedDiscs, SheetFor } from '@crustallum/core/cutting/nesting';
import type { PlacedPiece } from '@crustallum/core/cutting/placing';
import { shapeSize, type CutShape } from '@crustallum/core/cutting/shape';
import type { Sheet } from '@crustallum/core/cutting/sheet';
import type { StraightCuts } from '@crustallum/core/cutting/straightCuts';
import { layingOrder } from '@crustallum/core/templates/cutOrder';
import type { CutPlan } from '@crustallum/core/plan/stations/cut/station';
import type { RolledGeneration } from '@crustallum/core/plan/stations/cut/result';
import type { ItemInput } from '@crustallum/core/contracts/item';
import { useItem } from '../../desk/useItem';
import { useAppSelector } from '../../desk/store';
import { usePhone } from '../../design/ui/useWidth';
import { Whence } from '../../design/ui/Whence';
import { long, sides, thin, weight } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { Unanswered } from '../_shared/Unanswered';
import { useQuestion } from '../_shared/useQuestion';
import { frameOf, keptLaying, toDrawing } from './frame';
import { lidFor } from './portionsOf';
import { PieceShape } from './PieceShape';
import { SheetShape } from './SheetShape';
import { sidesOf } from '@crustallum/core/cutting/sheet';

/** Sides are rolled to the next half centimetre, up. */
const up = (mm: number) => Math.ceil(mm / 5 - 1e-6) * 5;
const sizeOf = (s: Sheet): string =>
  s.shape === 'round'
    ? `${long(up(s.d))} round`
    : s.shape === 'square'
      ? `${long(up(s.w))} square`
      : `${sides([up(s.w), up(s.h)])}`;

/** The first sheet laid as well as can be found, beside its rows; and other sheets for as many. */
export function Freely({ cut }: { cut: CutPlan }) {
  const first = cut.generations[0];
  if (!first) return null;
  if (first.shape.kind === 'disc') return <FreeDiscs cut={cut} first={first} d={first.shape.d} />;
  if (first.shape.kind === 'rect') return <StraightWheel first={first} a={first.shape.a} b={first.shape.b} />;
  return (
    <div className="turns">
      <p className="m-0">
        <strong>
          {first.layout.n} {first.layout.pattern}, the best of all rows one way up and head to tail, shifted by eighths;{' '}
          {first.layout.bound} would be all of the dough.
        </strong>
      </p>
      <Laid sheet={first.sheet} shape={first.shape} pieces={piecesOf(first)} trim={5} />
    </div>
  );
}

const piecesOf = (g: RolledGeneration): PlacedPiece[] =>
  g.layout.centres.map(([x, y], i) => ({ x, y, turn: g.layout.turns[i] ?? 0 }));

function useTakeLaying({ sheet, shape }: RolledGeneration) {
  const { change } = useItem();
  return (pieces: readonly PlacedPiece[], on: Sheet = sheet) => change(keptLaying(on, pieces, shape.kind === 'disc'));
}

function FreeDiscs({ cut, first, d }: { cut: CutPlan; first: RolledGeneration; d: number }) {
  const { item } = useItem();
  const kitchen = useAppSelector((s) => s.desk.kitchen);
  const take = useTakeLaying(first);
  const inputs = item?.document.cut;
  const common = inputs ? { d, trim: inputs.trimMm, gap: inputs.gapMm } : null;
  const free = useQuestion<NestedDiscs>('cutting.mostDiscs', common ? { ...common, sheet: first.sheet } : null);
  const needed = Math.ceil(first.n / first.sheets);
  const small = useQuestion<{ all: SheetFor[] }>(
    'cutting.smallestSheet',
    common && kitchen
      ? { ...common, N: needed, wmax: Math.min(kitchen.pinMm, kitchen.benchWidthMm), hmax: kitchen.benchLengthMm }
      : null,
  );
  const found = free.value;
  const words = !found
    ? free.late
      ? 'Looking for more took too long: these are the rows.'
      : 'In rows; looking for a better way'
    : found.pattern === 'free'
      ? `${found.n} freely placed, ${found.rows} in rows; no way of placing holds more than ${found.bound}`
      : `${found.n} in rows, and no freer way was found that holds one more; ${found.bound} is the most there could be`;
  const soFar = found?.partial ? ' (the best of one second)' : '';
  const pieces = (found?.centres ?? first.layout.centres).map(([x, y]): PlacedPiece => ({ x, y }));
  return (
    <div className="turns">
      <p className="m-0 flex flex-wrap items-center gap-3" role="status" aria-busy={free.asking}>
        <strong>
          {words}
          {soFar}.
        </strong>
        {found?.pattern === 'free' && (
          <button type="button" className="press quiet" onClick={() => take(pieces)}>
            Cut it so
          </button>
        )}
      </p>
      <Laid sheet={first.sheet} shape={{ kind: 'disc', d }} pieces={pieces} trim={inputs?.trimMm ?? 5} />
      <Whence model="cutting.mostDiscs" given={`rounds of ${long(d)} on ${sizeOf(first.sheet)}`} />
      <h2 className="sign">The smallest sheet for {needed}</h2>
      <ul className="plain-list" aria-label="Smallest sheets" aria-busy={small.asking}>
        {(small.value?.all ?? []).map((s) => (
          <li key={s.sheet.shape}>
            <strong>{sizeOf(s.sheet)}</strong>
            <span className="flex flex-wrap items-center gap-3">
              {weight((s.area * cut.rolled.thicknessMm * 1.1) / 1000)} of dough at {thin(cut.rolled.thicknessMm)},{' '}
              {s.pattern === 'free' ? 'freely placed' : 'in rows'}
              {s.sheet.shape !== 'round' && (
                <button
                  type="button"
                  className="press quiet"
                  onClick={() =>
                    take(
                      s.centres.map(([x, y]) => ({ x, y })),
                      s.sheet,
                    )
                  }
                >
                  Roll that
                </button>
              )}
            </span>
          </li>
        ))}
        {small.value?.all.length === 0 && <li>No one sheet on this bench holds them: roll it in parts.</li>}
      </ul>
      {first.bases > 0 && item && (
        <LidsAndBases item={item.document} trim={inputs?.trimMm ?? 5} gap={inputs?.gapMm ?? 2} />
      )}
    </div>
  );
}

/** Most pies whose bases and lids a search of sets looks at. */
const mostSets = 9;

/** Bases of the cutter with lids as much larger as their dome is long: one sheet for sets of both. */
function LidsAndBases({ item, trim, gap }: { item: ItemInput; trim: number; gap: number }) {
  const { cutterMm: d } = item.cut;
  const lid = lidFor(d, item.seal.rimMm);
  const sets = Math.min(mostSets, item.brief.count);
  const asked = useQuestion<{ best: { sheet: Sheet } | null }>('cutting.smallestSheetForSets', {
    sets,
    types: [
      { d, count: 1 },
      { d: lid, count: 1 },
    ],
    trim,
    gap,
  });
  return (
    <p className="m-0" role="status" aria-busy={asked.asking}>
      <strong>With lids of {long(lid)}</strong>, which their dome takes, on bases of {long(d)}:{' '}
      {asked.value?.best ? `${sets} of each from a sheet ${sizeOf(asked.value.best.sheet)}.` : 'looking for a sheet.'}
    </p>
  );
}

/** Straight cuts through: most pieces, and beside it the grid with the fewest passes of the wheel. */
function StraightWheel({ first, a, b }: { first: RolledGeneration; a: number; b: number }) {
  const { item } = useItem();
  const take = useTakeLaying(first);
  const inputs = item?.document.cut;
  const [w, h] = sidesOf(first.sheet);
  const asked = useQuestion<StraightCuts & { grid: StraightCuts }>(
    'cutting.straightCuts',
    inputs ? { w, h, a, b, trim: inputs.trimMm, gap: inputs.gapMm } : null,
  );
  const placed = (s: StraightCuts): PlacedPiece[] =>
    s.rects.map((r) => ({
      x: r.x + r.w / 2,
      y: r.y + r.h / 2,
      turn: Math.abs(r.w - a) > 0.051 ? 90 : 0,
    }));
  const made = asked.value;
  const trims = (inputs?.trimMm ?? 0) > 0 ? 4 : 0;
  const line = (s: StraightCuts) => `${s.n} in ${s.cuts} passes${trims ? ` and ${trims} along the edges` : ''}`;
  return (
    <div className="turns">
      <Unanswered asked={asked} working="Trying every cut straight through" />
      {made && (
        <ul className="plain-list" aria-label="Straight cuts">
          {(
            [
              ['most pieces', made, made.exact ? '' : ', as far as was looked'],
              ['fewest passes', made.grid, ''],
            ] as const
          ).map(([name, s, note]) => (
            <li key={name}>
              <strong>{name}</strong>
              <span className="flex flex-wrap items-center gap-3">
                {line(s)}
                {note}
                {s.n > 0 && (
                  <button type="button" className="press quiet" onClick={() => take(placed(s))}>
                    Cut it so
                  </button>
                )}
              </span>
            </li>
          ))}
        </ul>
      )}
      <Laid
        sheet={first.sheet}
        shape={{ kind: 'rect', a, b }}
        pieces={made ? placed(made) : piecesOf(first)}
        trim={inputs?.trimMm ?? 5}
      />
    </div>
  );
}

/** A sheet with pieces on it, numbered in cutting order. */
function Laid({
  sheet,
  shape,
  pieces,
  trim,
}: {
  sheet: Sheet;
  shape: CutShape;
  pieces: readonly PlacedPiece[];
  trim: number;
}) {
  const phone = usePhone();
  const frame = frameOf(sheet, 8, 8, phone ? 350 : 600, phone ? 300 : 330);
  const order = layingOrder(
    sheet,
    pieces.map((p) => [p.x, p.y] as const),
    shapeSize(shape)[0],
  );
  return (
    <Drawing
      w={phone ? 366 : 620}
      h={frame.h * frame.px + 20}
      label={`${pieces.length} pieces on ${sides([frame.w, frame.h])}`}
    >
      <SheetShape frame={frame} sheet={sheet} trimMm={trim} />
      {order.map((at, i) => {
        const p = pieces[at] as PlacedPiece;
        const [x, y] = toDrawing(frame, [p.x, p.y]);
        return (
          <g key={at}>
            <PieceShape
              frame={frame}
              shape={shape}
              at={[p.x, p.y]}
              turn={p.turn ?? 0}
              fill="var(--color-dough-thin)"
              stroke="var(--color-ink)"
              strokeWidth="2.2"
            />
            <text x={x} y={y + 5} textAnchor="middle" className="q">
              {i + 1}
            </text>
          </g>
        );
      })}
    </Drawing>
  );
}
