import type { Pot } from '@crustallum/core/filling/pot';
import type { ReactNode } from 'react';
import { usePhone } from '../../design/ui/useWidth';
import { heatedWords, potHeatWords } from '../../wording/filling';
import { plain } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';

/** No stretch is drawn narrower, px: a long simmer is pleated, so that two minutes of flour can be read beside it. */
const narrowest = 88;
/** Text of a drawing, px a letter. */
const letter = 7.6;

/** The pot's minutes as one strand: what goes in where, and how it is heated; long stretches are pleated. */
export function PotStrand({
  pot,
  minutes,
  names,
  over,
}: {
  pot: Pot;
  minutes: number;
  names: readonly string[];
  over: (xOf: (minute: number) => number) => ReactNode;
}) {
  const phone = usePhone();
  const [w, left] = phone ? [366, 4] : [660, 20];
  const long = w - left - (phone ? 4 : 48);
  const least = Math.min(narrowest, long / Math.max(1, pot.stages.length));
  const spare = long - least * pot.stages.length;
  const starts = pot.stages.map(
    (s) => left + least * pot.stages.indexOf(s) + (spare * s.fromMin) / Math.max(1, minutes),
  );
  const xOf = (minute: number) => starts[pot.stages.findIndex((s) => s.fromMin === minute)] ?? left + long;
  const said = pot.stages.map(
    (s) =>
      `after ${plain(s.fromMin, 0)} min ${s.parts.map((p) => names[p]?.toLowerCase()).join(', ') || 'nothing'} in, it ${heatedWords(s)}`,
  );
  const short = (parts: readonly number[], px: number) => {
    const room = Math.max(4, Math.floor(px / letter));
    const first = names[parts[0] ?? 0]?.split(',')[0]?.toLowerCase() ?? '';
    const word = first.length > room ? `${first.slice(0, room - 1)}…` : first;
    return [word, parts.length > 1 ? `and ${parts.length - 1} more` : ''] as const;
  };
  return (
    <Drawing
      w={w}
      h={142}
      label={`The pot for ${plain(minutes, 0)} min: ${said.join('; ')}${pot.last.length ? `; off the heat ${pot.last.map((p) => names[p]?.toLowerCase()).join(', ')}` : ''}`}
      over={over(xOf)}
    >
      <text x={left} y="14" className="b">
        What goes in when
      </text>
      {pot.stages.map((s, n) => {
        const [x, to] = [starts[n] ?? left, starts[n + 1] ?? left + long];
        const [word, more] = s.parts.length ? short(s.parts, to - x - 12) : ['', ''];
        return (
          <g key={s.fromMin}>
            {s.parts.length > 0 && (
              <>
                <text x={x + 4} y="34">
                  {word}
                </text>
                <text x={x + 4} y="51" className="q">
                  {more}
                </text>
                <path d={`M${x - 5} 56h10l-5 8z`} fill="var(--color-ink)" />
              </>
            )}
            <rect
              x={x}
              y="66"
              width={to - x}
              height="28"
              fill={
                s.heat === 'fry'
                  ? 'var(--color-fire)'
                  : s.heat === 'boil'
                    ? 'var(--color-fire-2)'
                    : 'var(--color-water)'
              }
              stroke="var(--color-ink)"
              strokeWidth="2"
            />
            {potHeatWords[s.heat].length * letter < to - x - 6 && (
              <text x={x + 6} y="85" style={{ fill: 'var(--color-on-butter)' }}>
                {potHeatWords[s.heat]}
              </text>
            )}
            {s.lid !== 'open' && (
              <line
                x1={x + (s.lid === 'ajar' ? 10 : 1)}
                x2={to - 1}
                y1={s.lid === 'ajar' ? 60 : 63}
                y2="63"
                stroke="var(--color-ink)"
                strokeWidth="3"
              />
            )}
          </g>
        );
      })}
      {pot.last.length > 0 && (
        <text x={left + long} y="51" textAnchor="end" className="q">
          then {short(pot.last, 140)[0]}
        </text>
      )}
    </Drawing>
  );
}
