import { useSyncExternalStore } from 'react';
import { Pick } from '../design/ui/Pick';
import { onUnits, setUnits, units, type Units } from '../wording/units';

/** How this device writes: chosen once, changed any time, and then everywhere. Every field understands all of them. */
export function HowYouRead() {
  const now = useSyncExternalStore(onUnits, units);
  const set = (part: Partial<Units>) => setUnits({ ...now, ...part });
  return (
    <section aria-label="How you read" style={{ maxWidth: 660 }}>
      <h2 className="sign mt-0">How you read</h2>
      <p className="m-0">On this device, everywhere; and whatever you type is understood in all of them.</p>
      <Pick
        label="Heat in"
        value={now.heat}
        options={[
          ['C', '°C'],
          ['F', '°F'],
          ['gas', 'gas marks'],
        ]}
        onChange={(heat) => set({ heat })}
      />
      <Pick
        label="Weight in"
        value={now.mass}
        options={[
          ['g', 'grams'],
          ['oz', 'ounces'],
          ['cups', 'grams, cups beside'],
        ]}
        onChange={(mass) => set({ mass })}
      />
      <Pick
        label="Length in"
        value={now.length}
        options={[
          ['mm', 'mm and cm'],
          ['in', 'inches'],
        ]}
        onChange={(length) => set({ length })}
      />
      <Pick
        label="The hour by"
        value={String(now.hours) as '24' | '12'}
        options={[
          ['24', '24: 18:30'],
          ['12', '12: 6:30 pm'],
        ]}
        onChange={(hours) => set({ hours: hours === '12' ? 12 : 24 })}
      />
      <Pick
        label="A date as"
        value={now.order}
        options={[
          ['dmy', 'day, month'],
          ['mdy', 'month, day'],
          ['ymd', 'year, month, day'],
        ]}
        onChange={(order) => set({ order })}
      />
      <Pick
        label="A week begins on"
        value={String(now.weekStart) as '0' | '1' | '6'}
        options={[
          ['1', 'Monday'],
          ['0', 'Sunday'],
          ['6', 'Saturday'],
        ]}
        onChange={(day) => set({ weekStart: day === '0' ? 0 : day === '6' ? 6 : 1 })}
      />
    </section>
  );
}
