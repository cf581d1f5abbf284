import { partName, ratioNames, type RatioName } from '@crustallum/core/dough/formula';
import { styles, type Style } from '@crustallum/core/dough/styles';
import type { DoughFacts } from '@crustallum/core/plan/stations/dough/formula';
import { usePhone } from '../../design/ui/useWidth';
import { leavingWords, ratioWords, styleFor, styleWords } from '../../wording/dough';
import { plain } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';

const ends: Record<RatioName, number> = { fat: 110, water: 80, salt: 5, sugar: 50, egg: 40, acid: 8 };
const inks: Record<RatioName, string> = {
  fat: 'var(--color-butter)',
  water: 'var(--color-water)',
  salt: 'var(--color-slab-deep)',
  sugar: 'var(--color-dough)',
  egg: 'var(--color-dough-deep)',
  acid: 'var(--color-frost-wash)',
};

/** What the dough truly is: six rulers against flour = 100, with the stretch its style is made in and where each comes from. */
export function TrueRatios({ facts }: { facts: DoughFacts }) {
  const phone = usePhone();
  const { ratios, style, leavings } = facts;
  const band: Style['band'] = styles[style].band;
  const width = phone ? 366 : 660;
  const [left, right] = phone ? [4, 346] : [128, 560];
  const rowH = phone ? 92 : 76;
  const top = 66;
  return (
    <Drawing
      w={width}
      h={top + rowH * ratioNames.length + 26}
      alone
      label={`True ratios: ${ratioNames.map((r) => `${ratioWords[r].toLowerCase()} ${plain(ratios.toFlour[r], 1)}`).join(', ')} to 100 of flour`}
    >
      <text x={phone ? 4 : 20} y="16" className="b">
        What is truly in it, to 100 of flour
      </text>
      <text x={phone ? 4 : 20} y="38" className="q">
        {phone ? styleWords[style] : `${styleWords[style]}: ${styleFor[style]}`}
      </text>
      {ratioNames.map((r, i) => {
        const value = ratios.toFlour[r];
        const end = Math.max(ends[r], value * 1.05);
        const x = (v: number) => left + ((right - left) * Math.min(v, end)) / end;
        const y = top + rowH * i + (phone ? 22 : 0);
        const leaving = leavings.find((l) => l.ratio === r);
        const from = r === 'fat' || r === 'water' || r === 'salt' ? ratios.sources[r] : [];
        const sources = from
          .slice(0, 3)
          .map((s) => `${partName(s).toLowerCase()} ${plain((100 * s.grams) / ratios.flourG, 1)}`)
          .join(', ');
        return (
          <g key={r}>
            <text x={phone ? 4 : 20} y={phone ? y - 4 : y + 20} className="b">
              {ratioWords[r]}
            </text>
            <rect
              x={x(band[r][0])}
              y={y + 8}
              width={Math.max(3, x(band[r][1]) - x(band[r][0]))}
              height="14"
              fill={inks[r]}
            />
            <line x1={left} x2={right} y1={y + 22} y2={y + 22} stroke="var(--color-ink)" strokeWidth="2" />
            {Array.from({ length: 11 }, (_, k) => (
              <line
                key={k}
                x1={left + ((right - left) * k) / 10}
                x2={left + ((right - left) * k) / 10}
                y1={y + 22}
                y2={y + (k % 5 === 0 ? 30 : 26)}
                stroke="var(--color-ink)"
              />
            ))}
            <path d={`M${x(value) - 9} ${y}h18v10l-6 10h-6l-6 -10z`} fill="var(--color-ink)" />
            <text
              x={phone ? right : right + 20}
              y={phone ? y - 4 : y + 24}
              textAnchor={phone ? 'end' : undefined}
              className="b"
            >
              {plain(value, value < 10 ? 1 : 0)} %
            </text>
            <text x={left} y={y + 47} className={leaving ? 'b' : 'q'}>
              {leaving
                ? `${leaving.side} ${plain(leaving.side === 'over' ? leaving.high : leaving.low)}: ${leavingWords[`${r}.${leaving.side}`]}`
                : sources ||
                  (value < 0.05 ? 'none' : `the style has ${plain(band[r][0], 0)} to ${plain(band[r][1], 0)}`)}
            </text>
          </g>
        );
      })}
    </Drawing>
  );
}
