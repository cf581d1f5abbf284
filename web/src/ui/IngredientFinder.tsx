import { shippedIndex } from '@crustallum/core/ingredients/shipped';
import { useId, useMemo, useState } from 'react';

/** Finds an ingredient of the table by what is typed, slips forgiven; the nearest few are pressed. */
export function IngredientFinder({ label, onChoose }: { label: string; onChoose: (id: string) => void }) {
  const id = useId();
  const [text, setText] = useState('');
  const found = useMemo(() => (text.trim().length > 1 ? shippedIndex().search(text, 5) : []), [text]);
  return (
    <div className="py-1">
      <label htmlFor={id} className="quiet-ink" style={{ fontSize: 16, fontWeight: 500 }}>
        {label}
      </label>
      <input id={id} className="text-field" value={text} maxLength={60} onChange={(e) => setText(e.target.value)} />
      <ul className="plain-list" aria-label="Found in the table">
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
        {text.trim().length > 1 && found.length === 0 && <li className="quiet-ink">Nothing by that name.</li>}
      </ul>
    </div>
  );
}
