import { units } from '../../wording/units';
/** A dimension line with slash ends; its value stands in a gap of the line. */
export function Measure({ x1, y1, x2, y2, text }: { x1: number; y1: number; x2: number; y2: number; text?: string }) {
  const upright = Math.abs(x2 - x1) < Math.abs(y2 - y1);
  const [mx, my] = [(x1 + x2) / 2, (y1 + y2) / 2];
  const slash = (x: number, y: number) => (
    <line x1={x - 6} y1={y + 6} x2={x + 6} y2={y - 6} stroke="var(--color-ink)" strokeWidth="2" />
  );
  const half = text ? text.length * 4.4 + 6 : 0;
  return (
    <g stroke="var(--color-ink-2)" strokeWidth="1">
      {text && !upright ? (
        <>
          <line x1={x1} y1={y1} x2={mx - half} y2={my} />
          <line x1={mx + half} y1={my} x2={x2} y2={y2} />
        </>
      ) : (
        <line x1={x1} y1={y1} x2={x2} y2={y2} />
      )}
      {slash(x1, y1)}
      {slash(x2, y2)}
      {text && (
        <text
          x={mx}
          y={upright ? my : my + 5}
          textAnchor="middle"
          stroke="none"
          className="b"
          transform={upright ? `rotate(-90 ${mx - 8} ${my})` : undefined}
        >
          {text}
        </text>
      )}
    </g>
  );
}

const inchCm = 2.54;

/** A ruler along the bottom of a drawing, in centimetres; x is px, pxPerCm the scale. */
export function GroundRuler({
  x,
  y,
  cm,
  pxPerCm,
  every = 10,
}: {
  x: number;
  y: number;
  cm: number;
  pxPerCm: number;
  every?: number;
}) {
  const inches = units().length === 'in';
  const [long, px, each] = inches
    ? [cm / inchCm, pxPerCm * inchCm, Math.max(1, Math.round(every / inchCm))]
    : [cm, pxPerCm, every];
  return (
    <g stroke="var(--color-ink)" strokeWidth="1">
      <line x1={x} x2={x + cm * pxPerCm} y1={y} y2={y} strokeWidth="2" />
      {Array.from({ length: Math.floor(long) + 1 }, (_, i) => (
        <line key={i} x1={x + i * px} x2={x + i * px} y1={y} y2={y + (i % each === 0 ? 12 : i % 5 === 0 ? 8 : 5)} />
      ))}
      {Array.from({ length: Math.floor(long / each) + 1 }, (_, i) => (
        <text key={i} x={x + i * each * px} y={y + 28} textAnchor="middle" stroke="none" className="q">
          {i * each}
          {i === Math.floor(long / each) ? (inches ? ' in' : ' cm') : ''}
        </text>
      ))}
    </g>
  );
}
