import { closingCodes, type StepCode } from '@crustallum/core/plan/steps/codes';
import { weight } from '../wording/numbers';

const closing = new Set<StepCode>([...closingCodes, 'assembleLeaves']);

const grams = (g: number): string => `${weight(g, g < 20 ? 1 : 0)}`;

/** What goes into the pot in all, and into each pie when it is filled: part by part where it is laid in raw or in layers, else as one. */
export function FillingParts({
  parts,
  mixedEachG,
  code,
}: {
  parts: { name: string; grams: number; eachG: number }[];
  mixedEachG?: number | undefined;
  code: StepCode;
}) {
  const all = code === 'cookFilling';
  if (parts.length === 0 || (!all && !closing.has(code))) return null;
  return (
    <p className="m-0" style={{ fontSize: 20 }}>
      <strong>{all ? 'In all:' : 'In each:'}</strong>{' '}
      {all || mixedEachG === undefined
        ? parts.map((p) => `${grams(all ? p.grams : p.eachG)} ${p.name.toLowerCase()}`).join(', ')
        : `${grams(mixedEachG)} of filling`}
    </p>
  );
}
