import type { Sheet } from '@crustallum/core/cutting/sheet';
import type { Frame } from './frame';

/** The rolled sheet with its ragged edge, and the line inside which is cut. */
export function SheetShape({ frame, sheet, trimMm }: { frame: Frame; sheet: Sheet; trimMm: number }) {
  const { x0, y0, px } = frame;
  const [w, h] = [frame.w * px, frame.h * px];
  const dough = { fill: 'url(#fill-dough)', stroke: 'var(--color-ink)', strokeWidth: 2.5 };
  const line = { fill: 'none', stroke: 'var(--color-ink)', strokeDasharray: '7 5' };
  if (sheet.shape === 'round')
    return (
      <>
        <circle cx={x0 + w / 2} cy={y0 + h / 2} r={w / 2} {...dough} />
        {trimMm > 0 && <circle cx={x0 + w / 2} cy={y0 + h / 2} r={Math.max(0, w / 2 - trimMm * px)} {...line} />}
      </>
    );
  return (
    <>
      <path d={wavy(x0, y0, w, h)} {...dough} />
      <rect
        x={x0 + trimMm * px}
        y={y0 + trimMm * px}
        width={Math.max(0, w - 2 * trimMm * px)}
        height={Math.max(0, h - 2 * trimMm * px)}
        {...line}
      />
    </>
  );
}

/** Rulers along the foot and the left side of a sheet: a tick a centimetre, a longer one every five. */
export function EdgeRulers({ frame }: { frame: Frame }) {
  const { x0, y0, px } = frame;
  const foot = y0 + frame.h * px;
  const ticks = (mm: number) => Array.from({ length: Math.floor(mm / 10) + 1 }, (_, i) => i);
  const long = (i: number) => (i % 5 ? 4 : 8);
  return (
    <path
      d={[
        ...ticks(frame.w).map((i) => `M${(x0 + i * 10 * px).toFixed(1)} ${foot + 4}v${long(i)}`),
        ...ticks(frame.h).map((i) => `M${x0 - 4} ${(foot - i * 10 * px).toFixed(1)}h${-long(i)}`),
      ].join('')}
      stroke="var(--color-ink-2)"
      fill="none"
    />
  );
}

/** A ragged rolled edge. */
function wavy(x: number, y: number, w: number, h: number): string {
  const edge = (n: number, at: (f: number, a: number) => string) =>
    Array.from({ length: n }, (_, i) => at((i + 1) / n, Math.sin(i * 2.3 + n) * 2.4)).join('');
  return `M${x} ${y}${edge(14, (f, a) => `L${(x + f * w).toFixed(1)} ${(y + a).toFixed(1)}`)}${edge(10, (f, a) => `L${(x + w + a).toFixed(1)} ${(y + f * h).toFixed(1)}`)}${edge(14, (f, a) => `L${(x + w - f * w).toFixed(1)} ${(y + h + a).toFixed(1)}`)}${edge(10, (f, a) => `L${(x + a).toFixed(1)} ${(y + h - f * h).toFixed(1)}`)}Z`;
}
