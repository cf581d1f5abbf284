import { memo } from 'react';
import { useRule } from '../../design/ui/rules';
import { useInput } from '../../desk/useInput';
import { Choice } from '../../design/ui/Choice';
import { Pick } from '../../design/ui/Pick';
import { Rule } from '../../design/ui/Rule';
import type { FieldDef } from './fields';

/** One input of the item in hand, as a rule, a pick or a choice. */
export const Field = memo(function Field({ def, fallback }: { def: FieldDef; fallback?: number | string }) {
  const { known, value: held, clash, take } = useInput(def.path);
  const value = (held ?? fallback ?? def.unset) as string | number;
  const rule = useRule(def.path);
  if (!known) return null;
  if (def.kind === 'rule')
    return <Rule {...def} value={Number(value)} rule={rule} clash={clash} ours={held === undefined} onChange={take} />;
  const Shown = def.options.length > 5 || def.long ? Choice : Pick;
  return (
    <Shown
      label={def.label}
      value={String(value)}
      options={def.options}
      clash={clash}
      onChange={(word) => take(typeof value === 'number' ? Number(word) : word)}
    />
  );
});
