import { RadioGroup } from 'radix-ui';

/** Whose screen this is: one press; everybody at one screen is an answer too. */
export function WhoseScreen({
  cooks,
  cook,
  onChange,
}: {
  cooks: readonly string[];
  cook: string | null;
  onChange: (cook: string | null) => void;
}) {
  if (cooks.length < 2) return null;
  return (
    <RadioGroup.Root
      aria-label="Whose screen is this?"
      className="whose"
      value={cook ?? ''}
      onValueChange={(to) => onChange(to === '' ? null : to)}
    >
      {['', ...cooks].map((c) => (
        <RadioGroup.Item key={c} value={c} className="press quiet bench-side">
          {c === '' ? 'All of us' : c}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
