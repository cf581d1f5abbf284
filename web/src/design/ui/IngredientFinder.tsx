import { Index } from '@crustallum/core/ingredients/search';
import { shippedIndex } from '@crustallum/core/ingredients/shipped';
import { useId, useMemo, useState } from 'react';

interface Props<T> {
  label: string;
  onChoose: (id: string) => void;
  /** A name the table does not know may be taken as it was typed. */
  onName?: (name: string) => void;
  /** Things of the cook's own that are found beside the table's, and what pressing one does. */
  own?: { things: readonly T[]; onChoose: (thing: T) => void };
}

/** Finds an ingredient of the table by what is typed, slips forgiven; the nearest few are pressed. */
export function IngredientFinder<T extends { id: string; name: string }>({ label, onChoose, onName, own }: Props<T>) {
  const id = useId();
  const [text, setText] = useState('');
  const found = useMemo(() => (text.trim().length > 1 ? shippedIndex().search(text, 5) : []), [text]);
  const index = useMemo(() => new Index(own?.things ?? []), [own?.things]);
  const mine = own && text.trim().length > 1 ? index.search(text, 3).filter((f) => f.distance < 0.5) : [];
  const known = found.some((f) => f.distance === 0) || mine.some((f) => f.distance === 0);
  return (
    <div className="py-1">
      <label htmlFor={id} className="quiet-ink" style={{ fontSize: 16, fontWeight: 500 }}>
        {label}
      </label>
      <input id={id} className="text-field" value={text} maxLength={60} onChange={(e) => setText(e.target.value)} />
      <ul className="plain-list" aria-label="Found in the table">
        {mine.map((f) => (
          <li key={f.thing.id}>
            <button
              type="button"
              className="found"
              onClick={() => {
                own?.onChoose(f.thing);
                setText('');
              }}
            >
              {f.thing.name} <span className="quiet-ink">in your larder</span>
            </button>
          </li>
        ))}
        {found.map((f) => (
          <li key={f.thing.id}>
            <button
              type="button"
              className="found"
              onClick={() => {
                onChoose(f.thing.id);
                setText('');
              }}
            >
              {f.thing.name}
              {f.as.toLowerCase() !== f.thing.name.toLowerCase() && <span className="quiet-ink"> {f.as}</span>}
            </button>
          </li>
        ))}
        {onName && text.trim().length > 1 && !known && (
          <li>
            <button
              type="button"
              className="found"
              onClick={() => {
                onName(text.trim());
                setText('');
              }}
            >
              “{text.trim()}” <span className="quiet-ink">as you call it: what is in it is not known here</span>
            </button>
          </li>
        )}
        {!onName && text.trim().length > 1 && found.length + mine.length === 0 && (
          <li className="quiet-ink">Nothing by that name.</li>
        )}
      </ul>
    </div>
  );
}
