import type { Pastry } from '@crustallum/core/contracts/products';
import type { SmallestFix } from '@crustallum/core/plan/questions/smallestFix';
import { plain, quantity } from '../../wording/numbers';
import { inputWords } from '../../wording/problems';
import { fields, type FieldDef } from './fields';

const defs: readonly FieldDef[] = Object.values(fields);

/** A change in words, as its field would write it: "Rim left bare to 11 mm". */
export function fixWords({ path, to }: SmallestFix, pastry: Pastry): string {
  const asked = (d: FieldDef) => d.path === path;
  // the names for pies of leaf stand last
  const def = pastry === 'filo' ? defs.findLast(asked) : defs.find(asked);
  const label = def?.label ?? inputWords(path.split('.').at(-1) ?? path).words;
  if (def?.kind === 'rule') {
    const value = Number(to) * (def.scale ?? 1);
    const written =
      def.unit === '' || def.unit === '%' ? `${plain(value, def.places)} ${def.unit}` : quantity(value, def.unit);
    return `${label} to ${written}`.trim();
  }
  const word = def?.options.find(([option]) => option === to)?.[1] ?? String(to);
  // "Glued with egg" needs no other word
  return /\b(?:with|by|in|at)$/.test(label) ? `${label} ${word}` : `${label} to ${word}`;
}
