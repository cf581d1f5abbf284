import type { ProgrammeInput } from '@crustallum/core/plan/questions/programme';
import {
  likedDoses,
  type ProgrammePart,
  type ProgrammeRun,
  type ProgrammeSearch,
} from '@crustallum/core/oven/programme';
import { lastMinute, minutesBrowned, rowAt } from '@crustallum/core/oven/bake';
import type { ItemInput } from '@crustallum/core/contracts/item';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import type { OvenPlan } from '@crustallum/core/plan/stations/oven/station';
import { colourLevel } from '@crustallum/core/oven/tables';
import { useState } from 'react';
import { useItem } from '../../desk/useItem';
import { Because } from '../../design/ui/Because';
import { Press } from '../../design/ui/Press';
import { usePhone } from '../../design/ui/useWidth';
import { colourWords, standWords } from '../../wording/oven';
import { degrees, heat, plain, span } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';
import { useQuestion } from '../_shared/useQuestion';
import { HeatBlocks } from './HeatBlocks';
import { Needle } from './Needle';
import { PieSection, baseDryAt } from './PieSection';
import { at, BaseStrip, LidStrip, Minutes, type Axis } from './Strips';

const partWords: Record<ProgrammePart, string> = {
  heat: 'The heats',
  shelf: 'The shelf',
  stand: 'What it stands on',
  foil: 'The foil',
};

/** Two ways to bake one pie beside one another: what the cook has set, and the best of a bounded search. */
export function ProgrammeView({ oven, item, kitchen }: { oven: OvenPlan; item: ItemInput; kitchen: KitchenInput }) {
  const { company } = oven;
  const asked: ProgrammeInput = {
    item,
    kitchen,
    company,
  };
  const { value, asking, late } = useQuestion<ProgrammeSearch>('plan.programme', asked);
  const [chosen, setMinute] = useState<number | null>(null);
  const phone = usePhone();
  const { change } = useItem();
  if (!value)
    return (
      <p className="working">
        {late ? 'The search took too long; what you have set stands.' : 'Trying heats, shelves and foil'}
      </p>
    );
  const { mine, proposed, gains, givesUp, tried } = value;
  const lidded = oven.spec.top !== null;
  const based = oven.spec.base !== null;
  const ways = gains.length ? [proposed, mine] : [mine];
  const outs = ways.map((w) => w.minutes ?? lastMinute(w.bake.series));
  const endMin = Math.max(20, Math.ceil((Math.max(...outs) + 6) / 5) * 5);
  const axis: Axis = { left: phone ? 12 : 112, long: phone ? 340 : 530, endMin };
  const minute = Math.min(chosen ?? Math.round((outs[0] ?? 0) * 0.7), Math.floor(endMin));
  const liked = likedDoses(oven.spec);
  const half = phone ? 366 : 330;
  const sectionH = 106;
  const stripsTop = (phone ? ways.length : 1) * (sectionH + 26) + 8;
  const strips = [
    ...(lidded ? ways.map((w, i) => ({ kind: 'lid' as const, w, i })) : []),
    ...(based ? ways.map((w, i) => ({ kind: 'base' as const, w, i })) : []),
  ];
  const rowHigh = 32;
  const axisY = stripsTop + strips.length * rowHigh + 6;
  const width = phone ? 366 : 660;
  const name = (i: number) => (ways.length === 1 ? '' : i === 0 ? 'proposed' : 'mine');
  const take = () =>
    change({
      'oven.setC': proposed.programme.steps[0]?.setC ?? item.oven.setC,
      'oven.then': proposed.programme.steps.length > 1 ? proposed.programme.steps.slice(1) : undefined,
      'oven.rack': proposed.programme.rack,
      'oven.support': proposed.programme.support,
      'oven.tentFromMin': proposed.programme.tentFromMin ?? undefined,
      'oven.ownMin': undefined,
    });
  return (
    <>
      <Drawing
        w={width}
        h={axisY + 62}
        label={ways.map((w, i) => `${name(i) || 'As set'}: ${sentence(w, minute, lidded, based)}`).join('. ')}
        overAlways
        over={
          <Needle
            axis={axis}
            minute={minute}
            y={axisY + 16}
            label="Minute that is drawn"
            says={`${minute} min: ${ways.map((w, i) => `${name(i)} ${sentence(w, minute, lidded, based)}`).join('; ')}`}
            onMinute={setMinute}
          />
        }
      >
        {ways.map((w, i) => {
          const [x, y] = phone
            ? [183, i * (sectionH + 26)]
            : [(i + (ways.length === 1 ? 0.5 : 0)) * half + half / 2, 0];
          return (
            <g key={i}>
              <text x={phone ? 8 : x - half / 2 + 20} y={y + 16} className="b">
                {name(i) ? `${name(i) === 'mine' ? 'Mine' : 'Proposed'}, at minute ${minute}` : `At minute ${minute}`}
              </text>
              <text x={phone ? 358 : x + half / 2 - 8} y={y + 16} textAnchor="end" className="q">
                {look(w, minute, lidded, based)}
              </text>
              <PieSection
                spec={{ ...oven.spec, support: w.programme.support }}
                row={rowAt(w.bake.series, minute)}
                boilingC={w.bake.boilingC}
                x={x}
                ground={y + sectionH + 14}
                wide={half - 40}
                high={sectionH - 14}
              />
            </g>
          );
        })}
        {strips.map(({ kind, w, i }, n) => {
          const y = stripsTop + n * rowHigh;
          const out = w.minutes ?? lastMinute(w.bake.series);
          const asLiked = minutesBrowned(w.bake.series, liked, out + 4);
          const dry = w.bake.series.find((r) => r.baseDryness >= baseDryAt)?.tMin;
          return (
            <g key={`${kind}${i}`}>
              {!phone && (
                <text x={104} y={y + 17} textAnchor="end">
                  {kind === 'lid' ? 'lid' : 'base'} <tspan className="q">{name(i)}</tspan>
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
      <section aria-label="The proposal" style={{ maxWidth: 660 }} className="mt-2" aria-busy={asking}>
        {gains.length === 0 ? (
          <p className="m-0">
            <strong>Yours is the best we find</strong>{' '}
            <Because>
              {plain(tried, 0)} ways were simulated: heats around yours, hot starts, other shelves and stands; the
              middle has to be safe in each
            </Because>
            {givesUp.length > 0 && ` It still leaves ${givesUp.map((g) => upWords[g]).join(' and ')}.`}
          </p>
        ) : (
          <>
            <p className="m-0">
              <strong>
                Proposed: {heats(proposed)}, {shelfWords[proposed.programme.rack]},{' '}
                {standWords[proposed.programme.support]}
                {proposed.programme.tentFromMin === null ? '' : `, foil on at ${proposed.programme.tentFromMin}`}
              </strong>
              , {outWord(proposed.minutes)}; yours {outWord(mine.minutes)}.{' '}
              <Because>
                the best of {plain(tried, 0)} simulated for a dry base and the lid you like, the middle safe in each; an
                estimate
              </Because>
              {givesUp.length > 0 && ` It still leaves ${givesUp.map((g) => upWords[g]).join(' and ')}.`}
            </p>
            <ul className="plain-list m-0">
              {gains.map(({ part, without }) => (
                <li key={part}>
                  <b>{partWords[part]}</b>: without {part === 'heat' ? 'them' : 'it'}{' '}
                  {worth(proposed, without, lidded, based)}
                </li>
              ))}
            </ul>
            <div className="mt-2">
              <Press onClick={take}>Take the programme</Press>
            </div>
          </>
        )}
      </section>
      <HeatBlocks axis={axis} item={item} outMin={mine.minutes} other={gains.length ? proposed.programme : null} />
    </>
  );
}

const outWord = (minutes: number | null): string => (minutes === null ? 'never ready' : `out at ${span(minutes)}`);
const upWords = { base: 'the base short of dry', lid: 'the lid off what you like' } as const;
const shelfWords = { low: 'low shelf', middle: 'middle shelf', high: 'high shelf' } as const;

const heats = ({ programme }: ProgrammeRun): string =>
  programme.steps.map((s) => (s.fromMin ? `from ${s.fromMin} min ${heat(s.setC)}` : heat(s.setC))).join(', ');

const look = (w: ProgrammeRun, minute: number, lidded: boolean, based: boolean): string => {
  const row = rowAt(w.bake.series, minute);
  return [
    ...(based ? [row.baseDryness >= baseDryAt ? 'base dry' : 'base wet'] : []),
    ...(lidded ? [`lid ${colourWords[colourLevel(row.browning)]}`] : []),
  ].join(', ');
};

const sentence = (w: ProgrammeRun, minute: number, lidded: boolean, based: boolean): string =>
  `${look(w, minute, lidded, based)}, middle ${degrees(rowAt(w.bake.series, minute).coreC, 0)}${w.minutes === null ? '' : `, out at ${plain(w.minutes, 0)}`}`;

/** What becomes of the proposal without one of its parts. */
function worth(
  { minutes, bake }: ProgrammeRun,
  without: Omit<ProgrammeRun, 'programme'>,
  lidded: boolean,
  based: boolean,
): string {
  if (without.minutes === null) return 'it is never ready.';
  const parts = [
    `out at ${plain(without.minutes, 0)}${Math.round(without.minutes) === Math.round(minutes ?? 0) ? ' all the same' : ''}`,
  ];
  const [a, b] = [bake.times.baseDry, without.bake.times.baseDry];
  if (based && a !== null && Math.abs((b ?? 999) - a) >= 2)
    parts.push(b === null ? 'the base never dry' : `the base dry at ${plain(b, 0)} for ${plain(a, 0)}`);
  const [mine, its] = [bake.atProposed, without.bake.atProposed].map((r) => (r ? colourLevel(r.browning) : null));
  if (lidded && its && mine !== its) parts.push(`the lid ${colourWords[its]} for ${mine ? colourWords[mine] : ''}`);
  else if (lidded && bake.atProposed && without.bake.atProposed) {
    const ratio = without.bake.atProposed.browning / bake.atProposed.browning;
    if (ratio > 1.25) parts.push('the lid browner');
    else if (ratio < 0.8) parts.push('the lid paler');
  }
  return `${parts.join(', ')}.`;
}
