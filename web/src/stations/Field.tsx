import { useRule } from '../app/rules';
import { useItem } from '../app/useItem';
import { valueOf } from '../store/deskWork';
import { Choice } from '../ui/Choice';
import { Pick } from '../ui/Pick';
import { Rule } from '../ui/Rule';
import type { FieldDef } from './fields';

/** One input of the item in hand, as a rule, a pick or a choice. */
export function Field({ def }: { def: FieldDef }) {
  const { item, change, problems } = useItem();
  const rule = useRule(def.path);
  if (!item) return null;
  const clash = problems.some((p) => p.weight === 'stop' && p.fields.includes(def.path));
  const value = valueOf(item.document, def.path);
  if (def.kind === 'rule')
    return (
      <Rule {...def} value={Number(value)} rule={rule} clash={clash} onChange={(v) => change({ [def.path]: v })} />
    );
  const take = (word: string) => change({ [def.path]: typeof value === 'number' ? Number(word) : word });
  const Shown = def.options.length > 5 ? Choice : Pick;
  return <Shown label={def.label} value={String(value)} options={def.options} clash={clash} onChange={take} />;
}
