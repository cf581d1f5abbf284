import { thin } from '../wording/numbers';

interface Props {
  expectedMm: number;
  /** Not said yet: its outline alone, as it was worked out. */
  stoodMm: number | undefined;
  depthMm: number;
  base: string | undefined;
  colour: string | undefined;
  leaks: number;
  /** px across: the pie is drawn narrower on a phone, its lid at the same scale. */
  width: number;
}

const crustOf: Record<string, string> = {
  pale: 'var(--color-dough-thin)',
  straw: 'var(--color-dough)',
  gold: 'var(--color-crust-wash)',
  golden: 'var(--color-crust-wash)',
  deep: 'var(--color-crust)',
  dark: 'var(--color-crust-ink)',
  'too dark': 'var(--color-crust-ink)',
};

/** What is not said yet stays the white of the sheet. */
const unsaid = 'var(--color-flour)';

/** One pie cut down the middle: left as worked out, right as it came out, at one scale. */
export function HalfAndHalf({ expectedMm, stoodMm, depthMm, base, colour, leaks, width }: Props) {
  const px = Math.min(8, 170 / Math.max(8, Math.max(expectedMm, stoodMm ?? 0) + depthMm));
  const ground = 270;
  const middle = width / 2;
  const k = Math.min(1, (middle - 6) / 255);
  const edge = width < 500 ? 0 : 20;
  const half = (side: -1 | 1, lidMm: number, baseFill: string, lidFill: string) => {
    const fillH = depthMm * px * 0.62;
    const lid = lidMm * px;
    const baseH = 22;
    const x = (f: number) => middle + side * f * (f > 30 ? k : 1);
    const top = ground - baseH - fillH;
    const leaves = Math.max(2, Math.min(14, Math.round(lid / 9)));
    return (
      <g stroke="var(--color-ink)" strokeWidth="2">
        <path d={`M${middle} ${ground}H${x(250)}V${ground - baseH}H${middle}Z`} fill={baseFill} />
        <path
          d={`M${middle} ${top}C${x(90)} ${top} ${x(150)} ${ground - baseH} ${x(210)} ${ground - baseH}H${middle}Z`}
          fill="url(#fill-filling)"
        />
        <path
          d={`M${middle} ${top - lid}C${x(90)} ${top - lid} ${x(160)} ${ground - baseH - lid * 0.7} ${x(245)} ${ground - baseH - Math.min(lid * 0.6, 40)}V${ground - baseH}H${x(210)}C${x(150)} ${ground - baseH} ${x(90)} ${top} ${middle} ${top}Z`}
          fill={lidFill}
        />
        {Array.from({ length: leaves - 1 }, (_, i) => {
          const f = (i + 1) / leaves;
          return (
            <path
              key={i}
              d={`M${middle} ${top - lid * f}C${x(90)} ${top - lid * f} ${x(155)} ${ground - baseH - lid * 0.7 * f} ${x(235)} ${ground - baseH - Math.min(lid * 0.6, 40) * f}`}
              fill="none"
              stroke="var(--color-crust-ink)"
              strokeWidth="1.300"
              opacity="0.7"
            />
          );
        })}
        <path d={`M${x(16)} ${top}V${top - lid}m-6 6 12-12m-12 ${lid + 12} 12-12`} fill="none" strokeWidth="1.500" />
        <text x={x(26)} y={top - lid / 2 + 5} stroke="none" className="b" textAnchor={side < 0 ? 'end' : 'start'}>
          {thin(lidMm)}
        </text>
      </g>
    );
  };
  return (
    <>
      <text x={edge} y="18" className="b">
        As worked out
      </text>
      <text x={width - edge} y="18" textAnchor="end" className="b">
        As it came out
      </text>
      {half(-1, expectedMm, crustOf['gold'] as string, crustOf['golden'] as string)}
      {half(1, stoodMm ?? expectedMm, crustOf[base ?? ''] ?? unsaid, crustOf[colour ?? ''] ?? unsaid)}
      <line x1={middle} x2={middle} y1="26" y2={ground + 20} stroke="var(--color-ink)" strokeDasharray="9 4 2 4" />
      <line
        x1={middle - 270 * k}
        x2={middle + 270 * k}
        y1={ground}
        y2={ground}
        stroke="var(--color-ink)"
        strokeWidth="3"
      />
      {leaks > 0 && (
        <g>
          <path
            d={`M${middle + 244 * k} ${ground - 20}c${16 * k} 2 ${12 * k} 20 ${50 * k} 19h${-46 * k}z`}
            fill="var(--color-filling)"
            stroke="var(--color-filling-ink)"
          />
          <text x={width - edge} y={edge ? ground - 40 : 40} textAnchor="end" className="b">
            {leaks} leaked
          </text>
        </g>
      )}
      <text x={middle - 130 * k} y={ground + 24} textAnchor="middle" className="q">
        base gold
      </text>
      <text x={middle + 140 * k} y={ground + 24} textAnchor="middle" className="q">
        {base || colour
          ? [base && `base ${base}`, colour && `lid ${colour}`].filter(Boolean).join(', ')
          : 'not said yet'}
      </text>
      <text x={middle} y={ground + 44} textAnchor="middle" className="q">
        cut here
      </text>
    </>
  );
}
