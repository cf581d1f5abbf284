import type { BlindBakeInput, HeatThenInput } from '@crustallum/core/contracts/oven';
import { canBakeBlind } from '@crustallum/core/plan/stations/oven/programme';
import { X } from 'lucide-react';
import { useItem } from '../../desk/useItem';
import { NumberField } from '../../design/ui/NumberField';
import { Pick } from '../../design/ui/Pick';

const minuteRule = { min: 1, max: 200, unit: 'min', integer: true };
const caseRule = { min: 0, max: 60, unit: 'min', integer: true };
const heatRule = { min: 120, max: 260, unit: '°C', integer: false };
const mostHeats = 4;
/** Where a second heat begins that nothing was said of: a good start, then gently. */
const firstThen = { fromMin: 20, lessC: 30 } as const;
const usualCase: BlindBakeInput = { setC: 190, weightsMin: 15, bareMin: 8, sealed: true };

/** How it is baked besides one heat: heats after the first, foil over it, the case empty before it is filled. */
export function Programme({ proposedMin }: { proposedMin: number | null }) {
  const { item, change } = useItem();
  if (!item) return null;
  const { oven } = item.document;
  const then = oven.then ?? [];
  const last = then.at(-1);
  const put = (next: readonly HeatThenInput[]) => change({ 'oven.then': next.length ? next : undefined });
  const set = (n: number, part: Partial<HeatThenInput>) => put(then.map((h, i) => (i === n ? { ...h, ...part } : h)));
  const another = () =>
    put([
      ...then,
      {
        fromMin: Math.min(200, (last?.fromMin ?? 0) + firstThen.fromMin),
        setC: Math.max(heatRule.min, (last?.setC ?? oven.setC) - firstThen.lessC),
      },
    ]);
  return (
    <section aria-label="How it is baked" className="mt-2 grid gap-x-8 gap-y-1" style={{ maxWidth: 660 }}>
      {then.map((h, n) => (
        <div key={n} className="sentence flex flex-wrap items-center gap-x-3">
          <span className="quiet-ink">from</span>
          <NumberField
            label={`Heat ${n + 2} from`}
            value={h.fromMin}
            rule={minuteRule}
            unit="min"
            places={0}
            onChange={(fromMin) => set(n, { fromMin })}
          />
          <span className="quiet-ink">oven to</span>
          <NumberField
            label={`Heat ${n + 2}`}
            value={h.setC}
            rule={heatRule}
            unit="°C"
            places={0}
            onChange={(setC) => set(n, { setC })}
          />
          <button
            type="button"
            className="key"
            aria-label={`No heat ${n + 2}`}
            onClick={() => put(then.toSpliced(n, 1))}
          >
            <X size={20} />
          </button>
        </div>
      ))}
      {oven.tentFromMin !== undefined && (
        <div className="sentence flex flex-wrap items-center gap-x-3">
          <span className="quiet-ink">foil over it from</span>
          <NumberField
            label="Foil from"
            value={oven.tentFromMin}
            rule={minuteRule}
            unit="min"
            places={0}
            onChange={(minutes) => change({ 'oven.tentFromMin': minutes })}
          />
          <button
            type="button"
            className="key"
            aria-label="No foil"
            onClick={() => change({ 'oven.tentFromMin': undefined })}
          >
            <X size={20} />
          </button>
        </div>
      )}
      <div className="flex flex-wrap gap-3">
        {then.length < mostHeats && (
          <button type="button" className="press quiet" onClick={another}>
            Then another heat
          </button>
        )}
        {oven.tentFromMin === undefined && (
          <button
            type="button"
            className="press quiet"
            onClick={() => change({ 'oven.tentFromMin': Math.max(5, Math.round((proposedMin ?? 30) * 0.6)) })}
          >
            Foil over it
          </button>
        )}
        {canBakeBlind(item.document) && !oven.blind && (
          <button type="button" className="press quiet" onClick={() => change({ 'oven.blind': usualCase })}>
            The case empty first
          </button>
        )}
      </div>
      {canBakeBlind(item.document) && oven.blind && <EmptyCase blind={oven.blind} />}
    </section>
  );
}

/** The case baked before it is filled: its heat, with weights, without, and egg brushed on or not. */
function EmptyCase({ blind }: { blind: BlindBakeInput }) {
  const { change } = useItem();
  const set = (part: Partial<BlindBakeInput>) => change({ 'oven.blind': { ...blind, ...part } });
  return (
    <div className="sentence flex flex-wrap items-center gap-x-3" role="group" aria-label="The case empty first">
      <strong>The case empty first</strong>
      <NumberField
        label="Empty case at"
        value={blind.setC}
        rule={heatRule}
        unit="°C"
        places={0}
        onChange={(setC) => set({ setC })}
      />
      <span className="quiet-ink">with weights</span>
      <NumberField
        label="With weights"
        value={blind.weightsMin}
        rule={caseRule}
        unit="min"
        places={0}
        onChange={(weightsMin) => set({ weightsMin })}
      />
      <span className="quiet-ink">bare</span>
      <NumberField
        label="Without weights"
        value={blind.bareMin}
        rule={caseRule}
        unit="min"
        places={0}
        onChange={(bareMin) => set({ bareMin })}
      />
      <button
        type="button"
        className="key"
        aria-label="Not the case first"
        onClick={() => change({ 'oven.blind': undefined })}
      >
        <X size={20} />
      </button>
      <Pick
        label="Its base brushed with"
        value={blind.sealed ? 'egg' : 'nothing'}
        options={[
          ['egg', 'egg'],
          ['nothing', 'nothing'],
        ]}
        onChange={(word) => set({ sealed: word === 'egg' })}
      />
    </div>
  );
}
