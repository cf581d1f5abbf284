import type { Fact, FactKind } from '@crustallum/core/recipes/facts';
import { NumberField } from '../design/ui/NumberField';
import { factWords } from '../wording/recipe';
import type { Correction } from './useReading';

/** The unit a fact is put right in, and what it may be. */
function unitOf(kind: FactKind): { unit: string; scale: number; most: number; integer: boolean } {
  if (kind.endsWith('Min')) return { unit: 'min', scale: 1, most: 2880, integer: false };
  if (kind === 'oven' || kind === 'coreC' || kind === 'preheat')
    return { unit: '°C', scale: 1, most: 300, integer: false };
  if (kind === 'thicknessMm' || kind === 'crumbMm') return { unit: 'mm', scale: 1, most: 60, integer: false };
  if (kind.endsWith('Mm') || kind === 'pieceBy' || kind === 'sheetBy')
    return { unit: 'cm', scale: 0.1, most: 1000, integer: false };
  if (kind === 'portionG') return { unit: 'g', scale: 1, most: 5000, integer: false };
  if (kind === 'eachMl') return { unit: 'ml', scale: 1, most: 1000, integer: false };
  return { unit: '', scale: 1, most: 100, integer: true };
}

/** A size, a time, a heat or a count put right. */
export function FactEditor({ fact, at, onChange }: { fact: Fact; at: number; onChange: (c: Correction) => void }) {
  const { unit, scale, most, integer } = unitOf(fact.kind);
  const pair = fact.kind === 'pieceBy' || fact.kind === 'sheetBy';
  const name = `${factWords[fact.kind]}, put right`;
  const common = { rule: { min: 0, max: most, unit, integer }, unit, scale };
  const set = (low: number, high: number) =>
    onChange({ fact: fact.kind, at, value: low, ...(pair ? { other: high } : {}) });
  return (
    <div className="row-editor flex items-baseline justify-between">
      <span>means</span>
      <NumberField {...common} label={name} value={fact.low} onChange={(value) => set(value, fact.high)} />
      {pair && (
        <>
          by
          <NumberField
            {...common}
            label={`${name}, other side`}
            value={fact.high}
            onChange={(value) => set(fact.low, value)}
          />
        </>
      )}
    </div>
  );
}
