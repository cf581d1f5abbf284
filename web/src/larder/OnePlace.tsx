import { ToggleGroup } from 'radix-ui';
import { freezerShelves, type LarderThing } from '@crustallum/core/contracts/larder';
import { weight } from '../wording/numbers';
import { placeWords } from './places';

interface Props {
  things: readonly LarderThing[];
  place: string;
  onPlace: (place: string) => void;
  chosen?: string;
  onChoose: (id: string) => void;
}

/** One place of the larder at twice the size: everything in it, with grams and dates, row over row where it is crowded. */
export function OnePlace({ things, place, onPlace, chosen, onChoose }: Props) {
  const here = things.filter((t) => t.shelf === place);
  const frozen = freezerShelves.some((s) => s === place);
  return (
    <div style={{ maxWidth: 660 }}>
      <ToggleGroup.Root
        type="single"
        className="pick in-a-row"
        value={place}
        aria-label="Which place"
        onValueChange={(key) => key && onPlace(key)}
      >
        {Object.keys(placeWords).map((key) => (
          <ToggleGroup.Item key={key} value={key} aria-label={`${key}: ${placeWords[key]}`}>
            {key}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      <h2 className="sign mt-3 mb-1" style={{ fontSize: 25 }}>
        {placeWords[place]}
      </h2>
      <ul
        className="one-place plain-list"
        style={{ background: frozen ? 'var(--color-frost-wash)' : undefined }}
        aria-label={`In the ${placeWords[place]}`}
      >
        {here.map((t) => (
          <li key={t.id}>
            <button
              type="button"
              aria-pressed={t.id === chosen}
              style={{ height: 64 + 1.8 * Math.min(60, Math.sqrt(t.grams)) }}
              onClick={() => onChoose(t.id)}
            >
              <strong>{t.name}</strong>
              <span>{weight(t.grams)}</span>
              {t.bestBefore && <span className="quiet-ink">to {t.bestBefore}</span>}
            </button>
          </li>
        ))}
        {here.length === 0 && <li className="empty">Nothing stands here.</li>}
      </ul>
    </div>
  );
}
