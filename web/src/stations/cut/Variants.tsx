import { useItem } from '../../desk/useItem';
import { NumberField } from '../../design/ui/NumberField';
import { TextField } from '../../design/ui/TextField';
import type { VariantInput } from '@crustallum/core/contracts/cut';

const pieceRule = { min: 1, max: 60, unit: '', integer: true };
const sizeRule = { min: 40, max: 200, unit: '%', integer: false };

/** Pieces for somebody: whose, how many, and how large against the others. Their lids carry a mark of their own. */
export function Variants({ variants, pieces }: { variants: readonly VariantInput[]; pieces: number }) {
  const { change } = useItem();
  const put = (next: readonly VariantInput[]) => change({ 'cut.variants': next.length ? next : undefined });
  const taken = variants.reduce((sum, v) => sum + v.pieces, 0);
  return (
    <section aria-label="For somebody" className="grid gap-2">
      {variants.map((v, i) => {
        const set = (part: Partial<VariantInput>) => put(variants.map((w, k) => (k === i ? { ...w, ...part } : w)));
        return (
          <div key={i} className="flex flex-wrap items-end gap-4">
            <TextField label="For" max={40} value={v.name} onChange={(name) => set({ name })} />
            <div className="pb-2">
              <span className="quiet-ink">pieces</span>{' '}
              <NumberField
                label={`Pieces for ${v.name}`}
                value={v.pieces}
                rule={pieceRule}
                unit=""
                places={0}
                onChange={(n) => set({ pieces: n })}
              />
            </div>
            <div className="pb-2">
              <span className="quiet-ink">size</span>{' '}
              <NumberField
                label={`Size for ${v.name}`}
                value={v.sizePct}
                rule={sizeRule}
                unit="%"
                places={0}
                onChange={(n) => set({ sizePct: n })}
              />
            </div>
            <button type="button" className="press quiet mb-2" onClick={() => put(variants.filter((_, k) => k !== i))}>
              Like the rest
            </button>
          </div>
        );
      })}
      <div>
        <button
          type="button"
          className="press quiet"
          disabled={variants.length >= 12 || taken >= pieces}
          onClick={() => put([...variants, { name: `Somebody ${variants.length + 1}`, pieces: 1, sizePct: 100 }])}
        >
          Some for somebody else
        </button>
      </div>
    </section>
  );
}
