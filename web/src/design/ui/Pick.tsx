import { ToggleGroup } from 'radix-ui';

export interface WordChoice<Word extends string> {
  label: string;
  value: Word;
  options: readonly (readonly [Word, string])[];
  clash?: boolean;
  onChange: (value: Word) => void;
}

/** A few words on one line; the chosen one stands up from it in ink. */
export function Pick<Word extends string>({ label, value, options, clash, onChange }: WordChoice<Word>) {
  return (
    <div className={`pt-1 pb-1 ${clash ? 'clash' : ''}`}>
      <div className="quiet-ink" style={{ fontSize: 16, fontWeight: 500 }}>
        {label}
        {clash && <strong className="clash-word"> clash</strong>}
      </div>
      <ToggleGroup.Root
        type="single"
        className={`pick ${options.length > 4 ? 'many' : ''}`}
        value={value}
        aria-label={label}
        onValueChange={(v) => v && onChange(v as Word)}
      >
        {options.map(([word, shown]) => (
          <ToggleGroup.Item key={word} value={word}>
            {shown}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  );
}
