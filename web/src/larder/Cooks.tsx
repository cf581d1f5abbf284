import { duties, type CookDoesInput, type CookHoursInput, type Duty } from '@crustallum/core/contracts/kitchen';
import { X } from 'lucide-react';
import { HourField } from '../design/ui/HourField';

const mostCooks = 6;
/** Where somebody comes and goes, until they say when, minutes from midnight. */
const usual = { fromMin: 9 * 60, toMin: 17 * 60 };

export interface WhoCooks {
  cooks: string[];
  hours?: CookHoursInput[];
  does?: CookDoesInput[];
}

const dutyWords: Record<Duty, string> = { pastry: 'Pastry', filling: 'Fillings', oven: 'Oven', easy: 'Easy steps' };

/** Who cooks: each name, what they do and when they are there, one more, one less; there is always one. */
export function Cooks({ cooks, hours = [], does = [], onChange }: WhoCooks & { onChange: (who: WhoCooks) => void }) {
  const put = (next: string[], nextHours = hours, nextDoes = does) =>
    onChange({
      cooks: next,
      hours: nextHours.filter((h) => next.includes(h.cook)),
      does: nextDoes.filter((d) => next.includes(d.cook)),
    });
  const doing = (name: string): readonly Duty[] => does.find((d) => d.cook === name)?.does ?? duties;
  /** One duty more or less; a cook does something, and who does everything is not written down. */
  const share = (name: string, duty: Duty) => {
    const now = doing(name);
    const next = duties.filter((d) => (d === duty ? !now.includes(d) : now.includes(d)));
    if (next.length === 0) return;
    const others = does.filter((d) => d.cook !== name);
    put(cooks, hours, next.length === duties.length ? others : [...others, { cook: name, does: next }]);
  };
  const rename = (i: number, name: string) => {
    const was = cooks[i];
    put(
      cooks.with(i, name),
      hours.map((h) => (h.cook === was ? { ...h, cook: name } : h)),
      does.map((d) => (d.cook === was ? { ...d, cook: name } : d)),
    );
  };
  return (
    <fieldset className="m-0 border-0 p-0 pt-2">
      <legend className="quiet-ink p-0" style={{ fontSize: 16 }}>
        Who cooks, what they do, and when they are there
      </legend>
      <ul className="plain-list grid gap-2 p-0">
        {cooks.map((name, i) => {
          const own = hours.find((h) => h.cook === name);
          const called = name || `Cook ${i + 1}`;
          const set = (part: Partial<CookHoursInput>) =>
            put(
              cooks,
              hours.map((h) => (h.cook === name ? { ...h, ...part } : h)),
            );
          return (
            <li key={i} className="cook-row">
              <input
                className="text-field"
                style={{ width: 150 }}
                aria-label={`Cook ${i + 1}`}
                value={name}
                maxLength={40}
                onChange={(e) => rename(i, e.target.value)}
              />
              {own ? (
                <>
                  <HourField
                    label={`${called} is there from`}
                    value={own.fromMin}
                    onChange={(fromMin) => set({ fromMin })}
                  />
                  <span className="quiet-ink">to</span>
                  <HourField label={`${called} is there to`} value={own.toMin} onChange={(toMin) => set({ toMin })} />
                  <button
                    type="button"
                    className="press quiet"
                    aria-label={`${called} is there all day`}
                    onClick={() =>
                      put(
                        cooks,
                        hours.filter((h) => h.cook !== name),
                      )
                    }
                  >
                    All day
                  </button>
                </>
              ) : (
                <button
                  type="button"
                  className="press quiet"
                  aria-label={`${called} comes and goes`}
                  disabled={name.trim() === ''}
                  onClick={() => put(cooks, [...hours, { cook: name, ...usual }])}
                >
                  Comes and goes
                </button>
              )}
              {cooks.length > 1 && (
                <span className="flex gap-1" role="group" aria-label={`${called} does`}>
                  {duties.map((duty) => (
                    <button
                      key={duty}
                      type="button"
                      className={`press ${doing(name).includes(duty) ? '' : 'quiet'}`}
                      style={{ minHeight: 44, padding: '0 12px', fontSize: 16 }}
                      aria-pressed={doing(name).includes(duty)}
                      onClick={() => share(name, duty)}
                    >
                      {dutyWords[duty]}
                    </button>
                  ))}
                </span>
              )}
              {cooks.length > 1 && (
                <button
                  type="button"
                  className="key"
                  aria-label={`${called} does not cook`}
                  onClick={() => put(cooks.toSpliced(i, 1))}
                >
                  <X size={18} />
                </button>
              )}
            </li>
          );
        })}
      </ul>
      {cooks.length < mostCooks && (
        <button
          type="button"
          className="press quiet mt-2"
          style={{ minHeight: 44 }}
          onClick={() => put([...cooks, `Cook ${cooks.length + 1}`])}
        >
          One more cook
        </button>
      )}
    </fieldset>
  );
}
