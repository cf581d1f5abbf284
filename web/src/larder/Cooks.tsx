import { X } from 'lucide-react';

const mostCooks = 6;

/** Who cooks: each name, one more, one less; there is always one. */
export function Cooks({ names, onChange }: { names: readonly string[]; onChange: (names: string[]) => void }) {
  return (
    <fieldset className="m-0 border-0 p-0 pt-2">
      <legend className="quiet-ink p-0" style={{ fontSize: 16 }}>
        Who cooks
      </legend>
      <div className="flex flex-wrap gap-2">
        {names.map((name, i) => (
          <span key={i} className="flex items-center">
            <input
              className="text-field"
              style={{ width: 150 }}
              aria-label={`Cook ${i + 1}`}
              value={name}
              maxLength={40}
              onChange={(e) => onChange(names.with(i, e.target.value))}
            />
            {names.length > 1 && (
              <button
                type="button"
                className="key"
                aria-label={`${name || `Cook ${i + 1}`} does not cook`}
                onClick={() => onChange(names.toSpliced(i, 1))}
              >
                <X size={18} />
              </button>
            )}
          </span>
        ))}
        {names.length < mostCooks && (
          <button
            type="button"
            className="press quiet"
            style={{ minHeight: 44 }}
            onClick={() => onChange([...names, `Cook ${names.length + 1}`])}
          >
            One more cook
          </button>
        )}
      </div>
    </fieldset>
  );
}
