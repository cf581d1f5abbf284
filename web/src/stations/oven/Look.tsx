import type { ItemInput } from '@crustallum/core/contracts/item';
import { lastMinute, minutesBrowned, rowAt } from '@crustallum/core/oven/bake';
import { likedDoses } from '@crustallum/core/oven/programme';
import { colourLevel } from '@crustallum/core/oven/tables';
import type { OvenPlan } from '@crustallum/core/plan/stations/oven/station';
import { lazy, useState } from 'react';
import { usePhone, useWidth } from '../../design/ui/useWidth';
import { colourWords } from '../../wording/oven';
import { degrees, heat, plain } from '../../wording/numbers';
import { curveEnds } from '../_shared/charts/ends';
import { Later } from '../_shared/charts/Later';
import { Drawing } from '../_shared/Drawing';
import { Held } from '../_shared/Held';
import { fields } from '../_shared/fields';
import { MiniOven } from './MiniOven';
import { Needle } from './Needle';
import { PieSection, baseDryAt } from './PieSection';
import { at, BaseStrip, LidStrip, Minutes, type Axis } from './Strips';

const MinuteCurves = lazy(() => import('../_shared/charts/MinuteCurves'));

/** The oven and the pie in it, both cut through, at the minute of the needle; below it lid and base over the whole bake. */
export function Look({ oven, item, inOut }: { oven: OvenPlan; item: ItemInput; inOut: string }) {
  const [chosen, setMinute] = useState<number | null>(null);
  const phone = usePhone();
  const { series, boilingC } = oven.bake;
  const lidded = oven.spec.top !== null;
  const based = oven.spec.base !== null;
  const out = oven.minutes ?? lastMinute(series);
  const endMin = Math.max(10, lastMinute(series));
  const [ref, width] = useWidth<HTMLDivElement>(660);
  const drawn = phone ? 366 : 660;
  const scale = phone ? 1 : Math.max(0.86, Math.min(1.25, width / drawn));
  const [left, right] = [curveEnds.left / scale, curveEnds.right / scale];
  const axis: Axis = { left, long: drawn - left - right, endMin };
  const minute = Math.min(chosen ?? Math.round(out), endMin);
  const row = rowAt(series, minute);
  const atOut = chosen === null && oven.out ? oven.out : row;
  const section = phone ? { x: 183, ground: 440, wide: 360, high: 150 } : { x: 462, ground: 200, wide: 380, high: 150 };
  const words = [
    ...(lidded ? [`lid ${colourWords[colourLevel(atOut.browning)]}, ${degrees(atOut.surfaceC, 0)}`] : []),
    `middle ${degrees(atOut.coreC, 0)}`,
    ...(based ? [`base ${atOut.baseDryness >= baseDryAt ? 'dry' : 'wet'}, ${degrees(atOut.baseC, 0)}`] : []),
  ].join(', ');
  const liked = minutesBrowned(series, likedDoses(oven.spec));
  const { range } = oven.figures.bake;
  const lidY = 8;
  const baseY = lidded ? 46 : 8;
  const axisY = baseY + (based ? 30 : 0) + (lidded || based ? 6 : 0);
  return (
    <div ref={ref}>
      <Drawing
        w={drawn}
        h={phone ? 456 : 216}
        label={`Oven on the ${item.oven.rack} shelf at ${heat(item.oven.setC)}; the pie at minute ${minute}: ${words}`}
        over={
          !phone && (
            <>
              <Held def={fields.ovenC} x={122} y={52} />
              <Held def={fields.stand} x={584} y={22} word="stands" />
            </>
          )
        }
      >
        <MiniOven
          oven={item.oven}
          lidded={lidded}
          {...(phone ? { x: 20, y: 8, wide: 320, high: 200 } : { x: 4, y: 6, wide: 236, high: 204 })}
        />
        <text x={phone ? 8 : 262} y={phone ? 238 : 18} className="b">
          {chosen === null ? 'When it comes out' : `At minute ${minute}`}
        </text>
        <text x={phone ? 8 : 262} y={phone ? 260 : 38} className="q">
          {inOut}
        </text>
        <PieSection spec={oven.spec} row={atOut} boilingC={boilingC} {...section} />
      </Drawing>
      <Later
        chart={MinuteCurves}
        of={{
          series,
          out,
          target: oven.targetC,
          hasBase: based,
          top: lidded ? 'lid, on top' : 'its face',
          minute,
          endMin,
        }}
      />
      <Drawing
        w={drawn}
        h={axisY + 62}
        label={`Lid and base over ${plain(endMin, 0)} minutes; out at ${plain(out, 0)}`}
        overAlways
        over={
          <Needle
            axis={axis}
            minute={minute}
            y={axisY + 20}
            label="Minute that is drawn"
            says={`${minute} min: ${words}`}
            onMinute={setMinute}
          />
        }
      >
        {lidded && (
          <>
            <text x={axis.left - 6} y={lidY + 18} textAnchor="end">
              lid
            </text>
            <LidStrip series={series} axis={axis} y={lidY} outMin={endMin} />
            {liked && (
              <rect
                x={at(axis, liked[0])}
                y={lidY - 4}
                width={at(axis, liked[1]) - at(axis, liked[0])}
                height="32"
                rx="3"
                fill="none"
                stroke="var(--color-ink)"
                strokeWidth="3"
              />
            )}
          </>
        )}
        {based && (
          <>
            <text x={axis.left - 6} y={baseY + 15} textAnchor="end">
              base
            </text>
            <BaseStrip series={series} axis={axis} y={baseY} outMin={endMin} />
          </>
        )}
        <Minutes axis={axis} y={axisY} />
        {range && (
          <rect
            x={at(axis, range[0])}
            y={axisY - 3}
            width={Math.max(0, at(axis, Math.min(endMin, range[1])) - at(axis, range[0]))}
            height="6"
            fill="var(--color-ink-2)"
          />
        )}
        <line x1={at(axis, out)} x2={at(axis, out)} y1="0" y2={axisY} stroke="var(--color-ink)" strokeWidth="4" />
        <line
          x1={at(axis, minute)}
          x2={at(axis, minute)}
          y1="0"
          y2={axisY + 26}
          stroke="var(--color-ink)"
          strokeWidth="1.500"
        />
      </Drawing>
    </div>
  );
}
