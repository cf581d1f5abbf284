import { energyOf100 } from '@crustallum/core/ingredients/label';
import { plain } from '../wording/numbers';
import type { Composition } from '@crustallum/core/ingredients/massFractions';

const parts = [
  ['fat', 'var(--color-butter)'],
  ['water', 'var(--color-water)'],
  ['protein', 'var(--color-dough-deep)'],
  ['carb', 'var(--color-dough)'],
] as const;
const words = { fat: 'fat', water: 'water', protein: 'protein', carb: 'starch and sugar' } as const;

/** What 100 g of it is made of, as one bar; the dark end is salt and ash, fibre is left light. */
export function LabelBar({ composition }: { composition: Composition }) {
  const width = 262;
  let x = 0;
  const said = parts
    .filter(([p]) => composition[p] >= 0.005)
    .map(([p]) => `${words[p]} ${plain(100 * composition[p], 0)}`);
  const { kJ, kcal } = energyOf100(composition);
  return (
    <div>
      <span className="quiet-ink">In 100 g</span>
      <svg
        width={width}
        height="28"
        role="img"
        aria-label={`In 100 g: ${said.join(', ')}`}
        style={{ display: 'block' }}
      >
        {parts.map(([p, fill]) => {
          const w = width * composition[p];
          const at = x;
          x += w;
          return (
            <rect key={p} x={at} y="1" width={w} height="26" fill={fill} stroke="var(--color-ink)" strokeWidth="1.5" />
          );
        })}
        <rect
          x={x}
          y="1"
          width={width * composition.fibre}
          height="26"
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth="1.5"
        />
        <rect
          x={width * (1 - composition.ash)}
          y="1"
          width={width * composition.ash}
          height="26"
          fill="var(--color-ink)"
        />
      </svg>
      <span style={{ fontSize: 15 }}>
        {said.join(', ')}; {plain(kJ, 0)} kJ, {plain(kcal, 0)} kcal
      </span>
    </div>
  );
}
