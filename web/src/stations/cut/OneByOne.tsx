import type { CutPlan } from '@crustallum/core/plan/stations/cut/station';
import { Measure } from '../../design/drawings/Measure';
import { useNarrow, usePhone } from '../../design/ui/useWidth';
import { long, sides, weight } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { fields } from '../_shared/fields';
import { Held } from '../_shared/Held';
import { frameOf } from './frame';
import { PieceShape } from './PieceShape';
import { SheetShape } from './SheetShape';

/** No more balls are drawn in a row than this; the words say how many. */
const mostBalls = 24;

/** Pieces that come one by one: rolled each from its ball, or cut off along a strip. */
export function OneByOne({ cut, trimMm }: { cut: CutPlan; trimMm: number }) {
  const phone = usePhone();
  const narrow = useNarrow();
  const first = cut.generations[0];
  if (!first) return null;
  const balls = cut.way === 'balls';
  const closed = cut.way === 'closed';
  const frame = phone ? frameOf(first.sheet, 40, 84, 318, 260) : frameOf(first.sheet, 124, 110, 420, 270);
  const [right, bottom] = [frame.x0 + frame.w * frame.px, frame.y0 + frame.h * frame.px];
  const aside = { x: Math.min(612, right + 76) };
  const shown = Math.min(mostBalls, first.n);
  const apart = Math.min(34, (phone ? 340 : 600) / shown);
  const said = balls
    ? `One of ${first.n}, each from a ball of ${weight(first.pieceMass)}`
    : closed
      ? `${first.sheets > 1 ? `One of ${first.sheets} sheets` : 'The sheet'}, filled and closed before it is cut`
      : `${first.sheets > 1 ? `One of ${first.sheets} strips` : 'The strip'}, cut across`;
  return (
    <Drawing
      w={phone ? 366 : 680}
      h={bottom + 40}
      alone
      label={`${said}: ${sides([frame.w, frame.h])}`}
      over={
        <>
          <Held
            def={fields.cutter}
            x={(frame.x0 + right) / 2}
            y={frame.y0 - 24}
            word={balls || closed ? 'across' : 'each'}
          />
          <Held def={fields.thickness} {...aside} y={frame.y0 + 30} word="thick" />
          {!balls && <Held def={fields.trim} {...aside} y={frame.y0 + 82} word="trim" />}
        </>
      }
    >
      <text x={phone ? 0 : 20} y="18" className="b">
        {said}
      </text>
      {balls &&
        Array.from({ length: shown }, (_, i) => (
          <circle
            key={i}
            cx={(phone ? 14 : 34) + i * apart}
            cy="50"
            r={Math.min(13, apart / 2 - 2)}
            fill="url(#fill-dough)"
            stroke="var(--color-ink)"
            strokeWidth="2"
          />
        ))}
      <SheetShape frame={frame} sheet={first.sheet} trimMm={balls ? 0 : trimMm} />
      {first.layout.centres.map((at, i) => (
        <PieceShape
          key={i}
          frame={frame}
          shape={first.shape}
          at={at}
          turn={first.layout.turns[i] ?? 0}
          fill={closed ? 'none' : 'url(#fill-dough)'}
          stroke="var(--color-ink)"
          strokeWidth="2"
          {...(closed ? { strokeDasharray: '6 4' } : {})}
        />
      ))}
      {closed && first.bases === 0 && (
        <g>
          <line
            x1={frame.x0}
            x2={right}
            y1={(frame.y0 + bottom) / 2}
            y2={(frame.y0 + bottom) / 2}
            stroke="var(--color-ink)"
            strokeWidth="2"
          />
          <text x={frame.x0 - 8} y={(frame.y0 + bottom) / 2 + 5} textAnchor="end" className="q">
            fold
          </text>
        </g>
      )}
      <Measure
        x1={frame.x0}
        x2={right}
        y1={bottom + 20}
        y2={bottom + 20}
        text={narrow || !balls ? `${long(frame.w)}` : ''}
      />
    </Drawing>
  );
}
