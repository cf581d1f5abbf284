import type { HaveInput } from '@crustallum/core/contracts/have';
import { X } from 'lucide-react';
import { useItem } from '../../desk/useItem';
import { Ruled } from './Ruled';

/** A dough or a filling that is there already: how much, how warm it lies, and how long since it was made. */
export function IsMade({
  of,
  have,
  neededG,
  restingC,
  ageHours,
}: {
  of: 'dough' | 'filling';
  have: HaveInput | null | undefined;
  /** What is needed, where it lies and how old it mostly is: to begin from. */
  neededG: number;
  restingC: number;
  ageHours: number;
}) {
  const { change } = useItem();
  const path = `${of}.have`;
  if (!have)
    return (
      <button
        type="button"
        className="press quiet mt-2"
        onClick={() => change({ [path]: { grams: Math.max(1, Math.round(neededG)), atC: restingC, ageHours } })}
      >
        It is made already
      </button>
    );
  const set = (part: Partial<HaveInput>) => change({ [path]: { ...have, ...part } });
  return (
    <div className="sentence mt-2 grid" role="group" aria-label={`The ${of} is made already`}>
      <div className="flex items-center justify-between">
        <strong>It is made already</strong>
        <button
          type="button"
          className="key"
          aria-label={`The ${of} is still to be made`}
          onClick={() => change({ [path]: undefined })}
        >
          <X size={20} />
        </button>
      </div>
      {(
        [
          ['there is', `${of} there is`, 'grams'],
          ['it lies at', `${of} lies at`, 'atC'],
          ['made, ago', `${of} made, ago`, 'ageHours'],
        ] as const
      ).map(([word, label, key]) => (
        <div key={key} className="flex items-center justify-between">
          <span className="quiet-ink">{word}</span>
          <Ruled
            path={`${path}.${key}`}
            label={label.replace(/^./, (c) => c.toUpperCase())}
            value={have[key]}
            onChange={(n) => set({ [key]: n })}
          />
        </div>
      ))}
    </div>
  );
}
