import type { SectionedAmount } from '@crustallum/core/recipes/readRecipe';
import { IngredientFinder } from '../design/ui/IngredientFinder';
import { NumberField } from '../design/ui/NumberField';
import { Pick } from '../design/ui/Pick';
import type { Correction } from './useReading';

const gramRule = { min: 0, max: 100_000, unit: 'g', integer: false };

/** Puts one amount right: its grams, what it is, and where it goes. */
export function RowEditor({
  amount,
  index,
  onChange,
}: {
  amount: SectionedAmount;
  index: number;
  onChange: (correction: Correction) => void;
}) {
  return (
    <div className="row-editor">
      <div className="flex items-baseline gap-2">
        <span className="quiet-ink">It is</span>
        <NumberField
          label={`Grams of ${amount.name}`}
          value={amount.grams ?? 0}
          rule={gramRule}
          unit="g"
          onChange={(value) => onChange({ amount: index, value })}
        />
      </div>
      <IngredientFinder label="Of what" onChoose={(ingredient) => onChange({ amount: index, ingredient })} />
      <Pick
        label="It goes into"
        value={amount.section}
        options={[
          ['dough', 'the dough'],
          ['filling', 'the filling'],
          ['wash', 'the wash'],
        ]}
        onChange={(section) => onChange({ amount: index, section })}
      />
    </div>
  );
}
