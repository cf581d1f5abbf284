import { shapeSize } from '@crustallum/core/cutting/shape';
import { layingOrder } from '@crustallum/core/templates/cutOrder';
import type { CutPlan } from '@crustallum/core/plan/stations/cut/station';
import type { RolledGeneration } from '@crustallum/core/plan/stations/cut/result';
import { long, weight } from '../../wording/numbers';
import { frameOf } from './frame';
import { PieceShape } from './PieceShape';

const k = 0.14;

/** What a roll is for first: lids, which show; bases after them. */
export function purpose(g: RolledGeneration): string {
  if (g.lids === 0 && g.bases === 0) return String(g.n);
  return g.lids ? `${g.lids} lids` : `${g.bases} bases`;
}

const fates: Record<string, (cut: NonNullable<CutPlan['scraps']>) => string> = {
  keep: (s) => (s.keptG > 0 ? `${weight(s.keptG)} kept for the next dough` : 'too little to keep'),
  minis: (s) => `${s.n} minis of ${long(s.sizeMm)}`,
  twists: (s) => `${s.n} twists of ${long(s.sizeMm, 0)}`,
  none: () => 'not used',
};
export const fateWords = (cut: CutPlan): string => (cut.scraps ? (fates[cut.scraps.fate]?.(cut.scraps) ?? '') : '');

/** Pieces cut from one sheet of a roll, in order. */
const onOneSheet = (g: RolledGeneration): number[] =>
  layingOrder(g.sheet, g.layout.centres, shapeSize(g.shape)[0]).slice(0, Math.ceil(g.n / g.sheets));

/** Roll 1 → 2 → 3 at one small scale: what each gives, what it is for, and what is left of it. */
export function Rolls({
  cut,
  x,
  y,
  across,
  stepX,
}: {
  cut: CutPlan;
  x: number;
  y: number;
  across: number;
  stepX: number;
}) {
  return (
    <>
      {cut.generations.map((g, i) => {
        const frame = { ...frameOf(g.sheet, 0, 0, 1, 1), px: k };
        const [gw, gh] = [frame.w, frame.h];
        const [left, top] = [x + (i % across) * stepX, y + Math.floor(i / across) * 108];
        return (
          <g key={i}>
            <text x={left} y={top + 4} className="b">
              roll {i + 1}: {purpose(g)}
            </text>
            <text x={left + Math.min(110, gw * k) + 10} y={top + 28} className="q">
              {g.lids && g.bases ? `${g.bases} bases` : `${weight(g.scrap)} left`}
            </text>
            {g.lids > 0 && g.bases > 0 && (
              <text x={left + Math.min(110, gw * k) + 10} y={top + 46} className="q">
                {weight(g.scrap)} left
              </text>
            )}
            {i === cut.generations.length - 1 && cut.scraps && (
              <text x={left + Math.min(110, gw * k) + 10} y={top + 64} className="q">
                {fateWords(cut)}
              </text>
            )}
            <g transform={`translate(${left} ${top + 12})`}>
              {g.sheet.shape === 'round' ? (
                <circle
                  cx={(gw * k) / 2}
                  cy={(gw * k) / 2}
                  r={(gw * k) / 2}
                  fill="url(#fill-dough)"
                  stroke="var(--color-ink)"
                />
              ) : (
                <rect width={gw * k} height={gh * k} fill="url(#fill-dough)" stroke="var(--color-ink)" />
              )}
              {onOneSheet(g).map((piece, j) => (
                <PieceShape
                  key={piece}
                  frame={frame}
                  shape={g.shape}
                  at={g.layout.centres[piece] ?? [0, 0]}
                  turn={g.layout.turns[piece] ?? 0}
                  fill={g.bases > 0 && j >= g.lids ? 'var(--color-dough)' : 'var(--color-dough-thin)'}
                  stroke="var(--color-ink)"
                />
              ))}
            </g>
          </g>
        );
      })}
    </>
  );
}
