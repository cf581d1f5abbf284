import { ItemOvenInput, type BlindBakeInput, type HeatThenInput } from '@crustallum/core/contracts/oven';
import { canBakeBlind, usualCase } from '@crustallum/core/plan/stations/oven/programme';
import { longestList } from '@crustallum/core/quantities/rules';
import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import { useItem } from '../../desk/useItem';
import { turnedWords } from '../../wording/oven';
import { Pick } from '../../design/ui/Pick';
import { useRule } from '../../design/ui/rules';
import { Ruled } from '../_shared/Ruled';

const mostHeats = longestList(ItemOvenInput, 'then') ?? 0;
/** Where a second heat begins that nothing was said of: a good start, then gently. */
const firstThen = { fromMin: 20, lessC: 30 } as const;
/** Foil goes on after this share of the bake, of so many minutes where that is not known. */
const usualFoil = { share: 0.6, ofMin: 30, onMin: 10 } as const;

/** How it is baked besides one heat: heats after the first, foil over it, the case empty before it is filled. */
export function Programme({ proposedMin }: { proposedMin: number | null }) {
  const { item, change } = useItem();
  const fromRule = useRule('oven.then.fromMin');
  const heatRule = useRule('oven.then.setC');
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
        fromMin: Math.min(fromRule.max, (last?.fromMin ?? 0) + firstThen.fromMin),
        setC: Math.max(heatRule.min, (last?.setC ?? oven.setC) - firstThen.lessC),
      },
    ]);
  return (
    <section aria-label="How it is baked" className="mt-2 grid gap-x-8 gap-y-1" style={{ maxWidth: 660 }}>
      {then.map((h, n) => (
        <Row key={n} off={`No heat ${n + 2}`} onOff={() => put(then.toSpliced(n, 1))}>
          <span className="quiet-ink">from</span>
          <Ruled
            path="oven.then.fromMin"
            label={`Heat ${n + 2} from`}
            value={h.fromMin}
            onChange={(fromMin) => set(n, { fromMin })}
          />
          <span className="quiet-ink">oven to</span>
          <Ruled path="oven.then.setC" label={`Heat ${n + 2}`} value={h.setC} onChange={(setC) => set(n, { setC })} />
          <select
            className="text-field"
            style={{ width: 'auto' }}
            aria-label={`Air from heat ${n + 2}`}
            value={h.grill ? 'grill' : (h.mode ?? 'same')}
            onChange={({ target: { value } }) =>
              set(n, {
                grill: value === 'grill' ? true : undefined,
                mode: value === 'fan' || value === 'conv' ? value : undefined,
              })
            }
          >
            <option value="same">air as before</option>
            {(['fan', 'conv', 'grill'] as const).map((word) => (
              <option key={word} value={word}>
                {turnedWords[word]}
              </option>
            ))}
          </select>
          <select
            className="text-field"
            style={{ width: 'auto' }}
            aria-label={`Shelf from heat ${n + 2}`}
            value={h.rack ?? 'same'}
            onChange={({ target: { value } }) =>
              set(n, { rack: value === 'same' ? undefined : (value as HeatThenInput['rack']) })
            }
          >
            <option value="same">same shelf</option>
            {(['low', 'middle', 'high'] as const).map((word) => (
              <option key={word} value={word}>
                {turnedWords[word]}
              </option>
            ))}
          </select>
        </Row>
      ))}
      {oven.tentFromMin !== undefined && (
        <Row off="No foil" onOff={() => change({ 'oven.tentFromMin': undefined, 'oven.tentToMin': undefined })}>
          <span className="quiet-ink">foil over it from</span>
          <Ruled
            path="oven.tentFromMin"
            label="Foil from"
            value={oven.tentFromMin}
            onChange={(minutes) => change({ 'oven.tentFromMin': minutes })}
          />
          {oven.tentToMin === undefined ? (
            <button
              type="button"
              className="press quiet"
              onClick={() => change({ 'oven.tentToMin': (oven.tentFromMin ?? 0) + usualFoil.onMin })}
            >
              and off again
            </button>
          ) : (
            <>
              <span className="quiet-ink">off again at</span>
              <Ruled
                path="oven.tentToMin"
                label="Foil off at"
                value={oven.tentToMin}
                onChange={(minutes) => change({ 'oven.tentToMin': minutes })}
              />
            </>
          )}
        </Row>
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
            onClick={() =>
              change({ 'oven.tentFromMin': Math.round((proposedMin ?? usualFoil.ofMin) * usualFoil.share) })
            }
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
    <Row
      name="The case empty first"
      off="Not the case first"
      onOff={() => change({ 'oven.blind': undefined })}
      after={
        <Pick
          label="Its base brushed with"
          value={blind.sealed ? 'egg' : 'nothing'}
          options={[
            ['egg', 'egg'],
            ['nothing', 'nothing'],
          ]}
          onChange={(word) => set({ sealed: word === 'egg' })}
        />
      }
    >
      <strong>The case empty first</strong>
      <Ruled path="oven.blind.setC" label="Empty case at" value={blind.setC} onChange={(setC) => set({ setC })} />
      <span className="quiet-ink">with weights</span>
      <Ruled
        path="oven.blind.weightsMin"
        label="With weights"
        value={blind.weightsMin}
        onChange={(weightsMin) => set({ weightsMin })}
      />
      <span className="quiet-ink">bare</span>
      <Ruled
        path="oven.blind.bareMin"
        label="Without weights"
        value={blind.bareMin}
        onChange={(bareMin) => set({ bareMin })}
      />
    </Row>
  );
}

/** One line of how it is baked, and the press that takes it away. */
function Row({
  name,
  off,
  onOff,
  after,
  children,
}: {
  name?: string;
  off: string;
  onOff: () => void;
  after?: ReactNode;
  children: ReactNode;
}) {
  return (
    <div
      className="sentence flex flex-wrap items-center gap-x-3"
      {...(name ? { role: 'group', 'aria-label': name } : {})}
    >
      {children}
      <button type="button" className="key" aria-label={off} onClick={onOff}>
        <X size={20} />
      </button>
      {after}
    </div>
  );
}
