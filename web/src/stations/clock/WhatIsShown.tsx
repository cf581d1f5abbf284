import { useState } from 'react';
import { Press } from '../../design/ui/Press';

interface Props {
  /** Every place of the day, by key and name. */
  places: readonly (readonly [key: string, name: string])[];
  pies: readonly { name: string; colour: string }[];
  /** Places that are left out, and pies folded to one line. */
  hidden: ReadonlySet<string>;
  folded: ReadonlySet<number>;
  onHide: (next: ReadonlySet<string>) => void;
  onFold: (next: ReadonlySet<number>) => void;
}

const turned = <T,>(set: ReadonlySet<T>, one: T): ReadonlySet<T> => {
  const next = new Set(set);
  if (!next.delete(one)) next.add(one);
  return next;
};

/** Which places stand on the strands, and which pies are one line each: of the drawing only, the day stays as it is. */
export function WhatIsShown({ places, pies, hidden, folded, onHide, onFold }: Props) {
  const [open, setOpen] = useState(false);
  const out = places.filter(([key]) => hidden.has(key)).map(([, name]) => name.toLowerCase());
  return (
    <div className="px-6 pb-1">
      <div className="flex flex-wrap items-center gap-3">
        <Press quiet aria-expanded={open} onClick={() => setOpen(!open)}>
          What is shown
        </Press>
        {(out.length > 0 || folded.size > 0) && (
          <span className="quiet-ink">
            {[out.length ? `without ${out.join(', ')}` : '', folded.size ? `${folded.size} in one line` : '']
              .filter(Boolean)
              .join('; ')}
          </span>
        )}
      </div>
      {open && (
        <div className="flex flex-wrap gap-x-8 gap-y-2 py-2">
          <div role="group" aria-label="Places on the strands" className="flex flex-wrap gap-2">
            {places.map(([key, name]) => (
              <Press
                key={key}
                quiet={hidden.has(key)}
                aria-pressed={!hidden.has(key)}
                onClick={() => onHide(turned(hidden, key))}
              >
                {name}
              </Press>
            ))}
          </div>
          {pies.length > 1 && (
            <div role="group" aria-label="Pies in one line" className="flex flex-wrap gap-2">
              {pies.map((pie, index) => (
                <Press
                  key={index}
                  quiet={!folded.has(index)}
                  aria-pressed={folded.has(index)}
                  onClick={() => onFold(turned(folded, index))}
                >
                  <span style={folded.has(index) ? undefined : { color: pie.colour }}>{pie.name} in one line</span>
                </Press>
              ))}
            </div>
          )}
        </div>
      )}
    </div>
  );
}
