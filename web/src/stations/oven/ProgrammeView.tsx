import type { ProgrammeInput } from '@crustallum/core/plan/questions/programme';
import { type ProgrammePart, type ProgrammeRun, type ProgrammeSearch } from '@crustallum/core/oven/programme';
import type { ItemInput } from '@crustallum/core/contracts/item';
import type { KitchenInput } from '@crustallum/core/contracts/kitchen';
import type { OvenPlan } from '@crustallum/core/plan/stations/oven/station';
import { colourLevel } from '@crustallum/core/oven/tables';
import { useItem } from '../../desk/useItem';
import { Because } from '../../design/ui/Because';
import { Press } from '../../design/ui/Press';
import { usePhone } from '../../design/ui/useWidth';
import { colourWords, standWords } from '../../wording/oven';
import { heat, plain, span } from '../../wording/numbers';
import { useQuestion } from '../_shared/useQuestion';
import { HeatBlocks } from './HeatBlocks';
import { axisOf, TwoBakes } from './TwoBakes';

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
  const drawn = ways.map((w, i) => ({
    name: ways.length === 1 ? '' : i === 0 ? 'proposed' : 'mine',
    spec: { ...oven.spec, support: w.programme.support },
    bake: w.bake,
    minutes: w.minutes,
  }));
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
      <TwoBakes ways={drawn} />
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
      <HeatBlocks
        axis={axisOf(ways, phone)}
        item={item}
        outMin={mine.minutes}
        other={gains.length ? proposed.programme : null}
      />
    </>
  );
}

const outWord = (minutes: number | null): string => (minutes === null ? 'never ready' : `out at ${span(minutes)}`);
const upWords = { base: 'the base short of dry', lid: 'the lid off what you like' } as const;
const shelfWords = { low: 'low shelf', middle: 'middle shelf', high: 'high shelf' } as const;

const heats = ({ programme }: ProgrammeRun): string =>
  programme.steps.map((s) => (s.fromMin ? `from ${s.fromMin} min ${heat(s.setC)}` : heat(s.setC))).join(', ');

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
