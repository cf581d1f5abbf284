import { anyEater, type EaterInput } from '@crustallum/core/contracts/eater';
import { Plus, X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useState, type FormEvent } from 'react';
import { TextField } from '../../design/ui/TextField';
import { offeredAllergens, offeredDiets } from '../../wording/eaters';

interface Props {
  eaters: readonly EaterInput[];
  /** Whose slip is open, by place at the table. */
  open: number | null;
  onClose: () => void;
  onChange: (eaters: EaterInput[]) => void;
}

/** What one person is called and must not meet: allergens, ways of eating, words of their own, and whether they like it mild. */
export function EaterSlip({ eaters, open, onClose, onChange }: Props) {
  const eater = open === null ? null : eaters[open];
  const put = (to: Partial<EaterInput>) => onChange(eaters.map((e, i) => (i === open ? { ...e, ...to } : { ...e })));
  return (
    <Dialog.Root open={open !== null} onOpenChange={(to) => !to && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="veil" />
        <Dialog.Content className="slip dialog" aria-describedby={undefined} style={{ maxWidth: 640 }}>
          <Dialog.Title className="sign m-0" style={{ fontSize: 25 }}>
            {eater?.name}
          </Dialog.Title>
          {eater && (
            <>
              <TextField label="Name" value={eater.name} max={40} onChange={(name) => put({ name })} />
              <Presses
                label="Must not meet"
                offered={offeredAllergens}
                on={eater.avoids}
                onChange={(avoids) => put({ avoids })}
              />
              <Presses label="Eats" offered={offeredDiets} on={eater.diets} onChange={(diets) => put({ diets })} />
              <OwnWords words={eater.words} onChange={(words) => put({ words })} />
              <button
                type="button"
                className={`press ${eater.mild ? '' : 'quiet'}`}
                style={{ minHeight: 44 }}
                aria-pressed={eater.mild}
                onClick={() => put({ mild: !eater.mild })}
              >
                // mild, as a wish
              </button>
              <p className="whatif">
                An allergy is more than a wish: read every label, keep boards, brushes and hands apart, and follow your
                local food-safety rules.
              </p>
            </>
          )}
          <div className="mt-3 flex flex-wrap gap-3">
            <Dialog.Close className="press">It is said</Dialog.Close>
            {eater && (
              <button type="button" className="press quiet" onClick={() => put(anyEater(eater.name))}>
                Eats everything
              </button>
            )}
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

export function Presses<Word extends string>({
  label,
  offered,
  on,
  onChange,
}: {
  label: string;
  offered: readonly (readonly [Word, string, string])[];
  on: readonly Word[];
  onChange: (on: Word[]) => void;
}) {
  return (
    <div role="group" aria-label={label}>
      <div className="quiet-ink pt-2" style={{ fontSize: 16, fontWeight: 500 }}>
        {label}
      </div>
      <div className="grid gap-2 py-1" style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(136px, 1fr))' }}>
        {offered.map(([word, shown, sign]) => {
          const pressed = on.includes(word);
          return (
            <button
              key={word}
              type="button"
              className={`press ${pressed ? '' : 'quiet'}`}
              style={{ minHeight: 44, padding: '4px 10px', fontSize: 16 }}
              aria-pressed={pressed}
              onClick={() => onChange(pressed ? on.filter((w) => w !== word) : [...on, word])}
            >
              {sign} {shown}
            </button>
          );
        })}
      </div>
    </div>
  );
}

/** Words of their own: "chestnut", "blue cheese"; looked for in the names of everything that goes in. */
function OwnWords({ words, onChange }: { words: readonly string[]; onChange: (words: string[]) => void }) {
  const [next, setNext] = useState('');
  const add = (event: FormEvent) => {
    event.preventDefault();
    const word = next.trim().replace(/^no\s+/i, '');
    if (word && !words.includes(word)) onChange([...words, word]);
    setNext('');
  };
  return (
    <form onSubmit={add}>
      <div className="flex flex-wrap items-end gap-2 py-1">
        <label className="quiet-ink block flex-1" style={{ fontSize: 16, fontWeight: 500, minWidth: 180 }}>
          Something else they must not meet
          <input
            className="text-field"
            value={next}
            maxLength={40}
            placeholder="chestnut"
            onChange={(e) => setNext(e.target.value)}
          />
        </label>
        <button
          type="submit"
          className="press quiet"
          style={{ minHeight: 44 }}
          disabled={!next.trim() || words.length >= 8}
        >
          <Plus size={18} aria-hidden="true" /> Add
        </button>
      </div>
      {words.length > 0 && (
        <div className="flex flex-wrap gap-2">
          {words.map((w) => (
            <button
              key={w}
              type="button"
              className="press"
              style={{ minHeight: 44, padding: '4px 10px', fontSize: 16 }}
              aria-label={`No ${w}: let it go`}
              onClick={() => onChange(words.filter((o) => o !== w))}
            >
              ● no {w} <X size={16} aria-hidden="true" />
            </button>
          ))}
        </div>
      )}
    </form>
  );
}
