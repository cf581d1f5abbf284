import type { NestedDiscs, SheetFor } from '@crustallum/core/cutting/nesting';
import type { Sheet } from '@crustallum/core/cutting/sheet';
import type { CutPlan } from '@crustallum/core/plan/cut/cutPlan';
import { useItem } from '../../app/useItem';
import { useAppSelector } from '../../store/store';
import { usePhone } from '../../ui/useWidth';
import { plain } from '../../wording/numbers';
import { Drawing } from '../Drawing';
import { useQuestion } from '../useQuestion';

const cm = (mm: number) => plain(mm / 10, 1);
/** Sides are rolled to the next half centimetre, up. */
const up = (mm: number) => Math.ceil(mm / 5 - 1e-6) * 5;
const sizeOf = (s: Sheet): string =>
  s.shape === 'round'
    ? `${cm(up(s.d))} cm round`
    : s.shape === 'square'
      ? `${cm(up(s.w))} cm square`
      : `${cm(up(s.w))} × ${cm(up(s.h))} cm`;

/** The first sheet with its rounds placed as freely as helps, beside its rows; and the smallest sheets for as many. */
export function Freely({ cut }: { cut: CutPlan }) {
  const { item } = useItem();
  const kitchen = useAppSelector((s) => s.desk.kitchen);
  const phone = usePhone();
  const first = cut.generations[0];
  const inputs = item?.document.cut;
  const common = first && inputs ? { d: first.cutter, trim: inputs.trimMm, gap: inputs.gapMm } : null;
  const free = useQuestion<NestedDiscs>(
    'cutting.mostDiscs',
    first && common ? { ...common, sheet: first.sheet } : null,
  );
  const needed = first ? Math.ceil(first.n / first.sheets) : 1;
  const small = useQuestion<{ all: SheetFor[] }>(
    'cutting.smallestSheet',
    common && kitchen
      ? {
          ...common,
          N: needed,
          wmax: Math.min(kitchen.pinMm, kitchen.benchWidthMm),
          hmax: kitchen.benchLengthMm,
        }
      : null,
  );
  if (!first) return null;
  const found = free.value;
  const { sheet } = first;
  const [w, h] = sheet.shape === 'round' ? [sheet.d, sheet.d] : [sheet.w, sheet.shape === 'rect' ? sheet.h : sheet.w];
  const turned = h > w;
  const [sw, sh] = turned ? [h, w] : [w, h];
  const [wide, high] = phone ? [350, 300] : [600, 330];
  const px = Math.min(wide / sw, high / sh);
  const centres = (found?.centres ?? first.layout.centres)
    .map(([x, y]): [number, number] => (turned ? [y, x] : [x, h - y]))
    .sort((a, b) => Math.round((a[1] - b[1]) / (0.4 * first.cutter)) || a[0] - b[0]);
  const words = !found
    ? free.late
      ? 'Looking for more took too long: these are the rows.'
      : 'In rows; looking for a better way'
    : found.pattern === 'free'
      ? `${found.n} freely placed, ${found.rows} in rows; no way of placing holds more than ${found.bound}`
      : `${found.n} in rows, and no freer way was found that holds one more; ${found.bound} is the most there could be`;
  return (
    <div className="turns">
      <p className="m-0" role="status" aria-busy={free.asking}>
        <strong>{words}.</strong>
      </p>
      <Drawing
        w={phone ? 366 : 620}
        h={sh * px + 20}
        label={`${centres.length} rounds of ${cm(first.cutter)} cm on ${cm(sw)} × ${cm(sh)} cm`}
      >
        {sheet.shape === 'round' ? (
          <circle
            cx={8 + (sw * px) / 2}
            cy={8 + (sh * px) / 2}
            r={(sw * px) / 2}
            fill="url(#fill-dough)"
            stroke="var(--color-ink)"
            strokeWidth="2.500"
          />
        ) : (
          <rect
            x="8"
            y="8"
            width={sw * px}
            height={sh * px}
            fill="url(#fill-dough)"
            stroke="var(--color-ink)"
            strokeWidth="2.500"
          />
        )}
        {centres.map(([x, y], i) => (
          <g key={i}>
            <circle
              cx={8 + x * px}
              cy={8 + y * px}
              r={(first.cutter * px) / 2}
              fill="var(--color-dough-thin)"
              stroke="var(--color-ink)"
              strokeWidth="2.2"
            />
            <text x={8 + x * px} y={13 + y * px} textAnchor="middle" className="q">
              {i + 1}
            </text>
          </g>
        ))}
      </Drawing>
      <h2 className="sign">The smallest sheet for {needed}</h2>
      <ul className="plain-list" aria-label="Smallest sheets" aria-busy={small.asking}>
        {(small.value?.all ?? []).map((s) => (
          <li key={s.sheet.shape}>
            <strong>{sizeOf(s.sheet)}</strong>
            <span>
              {plain((s.area * cut.rolled.thicknessMm * 1.1) / 1000, 0)} g of dough at{' '}
              {plain(cut.rolled.thicknessMm, 1)} mm, {s.pattern === 'free' ? 'freely placed' : 'in rows'}
            </span>
          </li>
        ))}
        {small.value?.all.length === 0 && <li>No one sheet on this bench holds them: roll it in parts.</li>}
      </ul>
    </div>
  );
}
