import { lastMinute, minutesBrowned, rowAt } from '@crustallum/core/oven/bake';
import type { BakePlan } from '@crustallum/core/oven/bakePlan';
import type { BakeSpec } from '@crustallum/core/oven/bakeInput';
import { likedDoses } from '@crustallum/core/oven/programme';
import { colourLevel } from '@crustallum/core/oven/tables';
import { useState } from 'react';
import { usePhone } from '../../design/ui/useWidth';
import { colourWords } from '../../wording/oven';
import { degrees, plain } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { Needle } from './Needle';
import { PieSection, baseDryAt } from './PieSection';
import { at, BaseStrip, LidStrip, Minutes, type Axis } from './Strips';

/** One of the bakes that are drawn: what it is called (nothing where it is alone), and how it goes. */
export interface Way {
  name: string;
  spec: BakeSpec;
  bake: Pick<BakePlan, 'series' | 'boilingC'>;
  minutes: number | null;
}

/** The minute axis of bakes that are drawn together. */
export function axisOf(ways: readonly Pick<Way, 'bake' | 'minutes'>[], phone: boolean): Axis {
  const longest = Math.max(...ways.map((w) => w.minutes ?? lastMinute(w.bake.series)));
  return { left: phone ? 12 : 112, long: phone ? 340 : 530, endMin: Math.max(20, Math.ceil((longest + 6) / 5) * 5) };
}

/** One bake, or two beside one another, at the minute of the needle; below them lid and base of each over all their minutes. */
export function TwoBakes({ ways }: { ways: readonly Way[] }) {
  const [chosen, setMinute] = useState<number | null>(null);
  const phone = usePhone();
  const axis = axisOf(ways, phone);
  const { endMin } = axis;
  const first = ways[0]?.minutes ?? endMin;
  const minute = Math.min(chosen ?? Math.round(first * 0.7), Math.floor(endMin));
  const half = phone ? 366 : 330;
  const sectionH = 106;
  const stripsTop = (phone ? ways.length : 1) * (sectionH + 26) + 8;
  const strips = [
    ...ways.flatMap((w, i) => (w.spec.top ? [{ kind: 'lid' as const, w, i }] : [])),
    ...ways.flatMap((w, i) => (w.spec.base ? [{ kind: 'base' as const, w, i }] : [])),
  ];
  const rowHigh = 32;
  // to one scale: the wider takes what room there is
  const widest = Math.max(...ways.map(across));
  const drawnWide = (w: Way) => margin + ((half - 40 - margin) * across(w)) / widest;
  const axisY = stripsTop + strips.length * rowHigh + 6;
  const width = phone ? 366 : 660;
  return (
    <Drawing
      w={width}
      h={axisY + 62}
      label={ways.map((w) => `${w.name || 'As set'}: ${sentence(w, minute)}`).join('. ')}
      overAlways
      over={
        <Needle
          axis={axis}
          minute={minute}
          y={axisY + 16}
          label="Minute that is drawn"
          says={`${minute} min: ${ways.map((w) => `${w.name} ${sentence(w, minute)}`).join('; ')}`}
          onMinute={setMinute}
        />
      }
    >
      {ways.map((w, i) => {
        const [x, y] = phone ? [183, i * (sectionH + 26)] : [(i + (ways.length === 1 ? 0.5 : 0)) * half + half / 2, 0];
        return (
          <g key={i}>
            <text x={phone ? 8 : x - half / 2 + 20} y={y + 16} className="b">
              {w.name ? `${w.name[0]?.toUpperCase()}${w.name.slice(1)}, at minute ${minute}` : `At minute ${minute}`}
            </text>
            <text x={phone ? 358 : x + half / 2 - 8} y={y + 16} textAnchor="end" className="q">
              {look(w, minute)}
            </text>
            <PieSection
              spec={w.spec}
              row={rowAt(w.bake.series, minute)}
              boilingC={w.bake.boilingC}
              x={x}
              ground={y + sectionH + 14}
              wide={drawnWide(w)}
              high={sectionH - 14}
            />
          </g>
        );
      })}
      {strips.map(({ kind, w, i }, n) => {
        const y = stripsTop + n * rowHigh;
        const out = w.minutes ?? lastMinute(w.bake.series);
        const asLiked = minutesBrowned(w.bake.series, likedDoses(w.spec), out + 4);
        const dry = w.bake.series.find((r) => r.baseDryness >= baseDryAt)?.tMin;
        return (
          <g key={`${kind}${i}`}>
            {!phone && (
              <text x={104} y={y + 17} textAnchor="end">
                {kind === 'lid' ? 'lid' : 'base'} <tspan className="q">{w.name}</tspan>
              </text>
            )}
            {kind === 'lid' ? (
              <>
                <LidStrip series={w.bake.series} axis={axis} y={y} outMin={out} />
                {asLiked && (
                  <rect
                    x={at(axis, asLiked[0])}
                    y={y - 3}
                    width={Math.max(6, at(axis, asLiked[1]) - at(axis, asLiked[0]))}
                    height={30}
                    rx="3"
                    fill="none"
                    stroke="var(--color-ink)"
                    strokeWidth="3"
                  />
                )}
              </>
            ) : (
              <>
                <BaseStrip series={w.bake.series} axis={axis} y={y + 2} outMin={out} />
                {dry !== undefined && dry < out && (
                  <text
                    x={at(axis, dry) + (dry > endMin * 0.7 ? -6 : 4)}
                    y={y + 17}
                    textAnchor={dry > endMin * 0.7 ? 'end' : 'start'}
                    className="b halo"
                  >
                    dry from {plain(dry, 0)}
                  </text>
                )}
              </>
            )}
            <line
              x1={at(axis, out)}
              x2={at(axis, out)}
              y1={y - 3}
              y2={y + 27}
              stroke="var(--color-ink)"
              strokeWidth="4"
            />
          </g>
        );
      })}
      <Minutes axis={axis} y={axisY} />
      <line
        x1={at(axis, minute)}
        x2={at(axis, minute)}
        y1={stripsTop - 6}
        y2={axisY + 20}
        stroke="var(--color-ink)"
        strokeWidth="2"
      />
    </Drawing>
  );
}

/** Room a section keeps at its sides. */
const margin = 24;
const across = ({ spec: { shape } }: Way): number => (shape.kind === 'disc' ? shape.dMm : shape.lMm);

const look = (w: Way, minute: number): string => {
  const row = rowAt(w.bake.series, minute);
  return [
    ...(w.spec.base ? [row.baseDryness >= baseDryAt ? 'base dry' : 'base wet'] : []),
    ...(w.spec.top ? [`lid ${colourWords[colourLevel(row.browning)]}`] : []),
  ].join(', ');
};

const sentence = (w: Way, minute: number): string =>
  `${look(w, minute)}, middle ${degrees(rowAt(w.bake.series, minute).coreC, 0)}${w.minutes === null ? '' : `, out at ${plain(w.minutes, 0)}`}`;
