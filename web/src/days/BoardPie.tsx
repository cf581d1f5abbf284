import type { DayPie } from '@crustallum/core/contracts/day';

const pxMm = 0.46;
const high = 56;

/** A pie on its board at 4.6 px a centimetre: a heap, a dish, pots, a tray or a coil, cut open; dotted while it is not made. */
export function BoardPie({ pie, made }: { pie: DayPie; made: boolean }) {
  const { wide, drawn } = shapeOf(pie);
  return (
    <span className={made ? '' : 'outlined'} style={{ display: 'flex', minWidth: 0 }} aria-hidden="true">
      <svg
        width={wide + 6}
        height={high}
        viewBox={`-3 ${-high + 2} ${wide + 6} ${high}`}
        preserveAspectRatio="xMinYMax meet"
        style={{ maxWidth: '100%' }}
      >
        <g stroke="var(--color-ink)" strokeWidth="2" {...(made ? {} : { strokeDasharray: '2 4' })}>
          {drawn}
        </g>
      </svg>
    </span>
  );
}

const dough = 'url(#fill-dough)';
const filling = 'url(#fill-filling)';

function shapeOf(pie: DayPie): { wide: number; drawn: React.ReactNode } {
  const across = Math.max(20, pie.acrossMm * pxMm);
  switch (pie.product) {
    case 'handPies': {
      const d = Math.min(across, 90);
      const [low, up] = pie.count > 3 ? [3, 2] : [Math.min(pie.count, 2), 0];
      const one = (x: number, y: number, key: string) => (
        <g key={key}>
          <path d={`M${x} ${y}q${d / 2} ${-d * 0.62} ${d} 0z`} fill={dough} />
          <path
            d={`M${x + d * 0.18} ${y - 2}q${d * 0.32} ${-d * 0.36} ${d * 0.64} 0z`}
            fill={filling}
            strokeWidth="1.2"
          />
        </g>
      );
      return {
        wide: low * d * 0.82 + d * 0.18,
        drawn: [
          ...Array.from({ length: low }, (_, i) => one(i * d * 0.82, 0, `a${i}`)),
          ...Array.from({ length: up }, (_, i) => one((i + 0.5) * d * 0.82, -d * 0.26, `b${i}`)),
        ],
      };
    }
    case 'potPies':
    case 'dishPie': {
      const several = pie.product === 'potPies' ? pie.count : pie.dishes;
      const shown = Math.min(several, pie.acrossMm > 160 ? 1 : 4);
      const deep = Math.max(12, Math.min(40, pie.depthMm * pxMm));
      return {
        wide: shown * (across + 6) - 6,
        drawn: Array.from({ length: shown }, (_, i) => {
          const x = i * (across + 6);
          return (
            <g key={i}>
              <path
                d={`M${x} ${-deep}l${across * 0.08} ${deep}h${across * 0.84}l${across * 0.08} ${-deep}z`}
                fill={filling}
              />
              <path d={`M${x - 1} ${-deep}q${across / 2} -12 ${across + 2} 0z`} fill={dough} />
            </g>
          );
        }),
      };
    }
    case 'filoTray':
      return {
        wide: across,
        drawn: (
          <>
            <rect x="0" y="-22" width={across} height="22" fill={filling} />
            <path d={`M0 -22h${across}M0 -17h${across}M0 -5h${across}`} fill="none" />
          </>
        ),
      };
    case 'filoCoil': {
      const n = Math.max(2, Math.round(across / 24));
      return {
        wide: across,
        drawn: Array.from({ length: n }, (_, i) => (
          <circle key={i} cx={(across / n) * (i + 0.5)} cy="-11" r={Math.min(11, across / n / 2)} fill={filling} />
        )),
      };
    }
  }
}
