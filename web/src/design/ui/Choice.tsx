import { Check, ChevronDown } from 'lucide-react';
import { Select } from 'radix-ui';
import { useState } from 'react';
import type { WordChoice } from './Pick';

/** One of many: for lists too long to stand on a line. */
export function Choice<Word extends string>({ label, value, options, clash, onChange }: WordChoice<Word>) {
  const [open, setOpen] = useState(false);
  return (
    <div className={`pt-1 pb-2 ${clash ? 'clash' : ''}`}>
      <div className="quiet-ink" style={{ fontSize: 16, fontWeight: 500 }}>
        {label}
        {clash && <strong className="clash-word"> clash</strong>}
      </div>
      <Select.Root value={value} open={open} onOpenChange={setOpen} onValueChange={(v) => onChange(v as Word)}>
        <Select.Trigger
          aria-label={label}
          className="flex min-h-11 w-full items-center justify-between border-b-2 border-ink text-left"
          style={{ background: 'transparent', borderWidth: '0 0 2px', fontWeight: 620 }}
        >
          <Select.Value>{options.find(([word]) => word === value)?.[1]}</Select.Value>
          <ChevronDown size={18} aria-hidden="true" />
        </Select.Trigger>
        {open && (
          <Select.Portal>
            <Select.Content
              className="slip"
              position="popper"
              sideOffset={4}
              style={{ maxHeight: 'min(420px, 70vh)', overflow: 'auto', padding: 6 }}
            >
              <Select.Viewport>
                {options.map(([word, shown]) => (
                  <Select.Item
                    key={word}
                    value={word}
                    className="flex min-h-11 cursor-pointer items-center justify-between gap-3 rounded px-3 outline-none data-[highlighted]:bg-slab"
                  >
                    <Select.ItemText>{shown}</Select.ItemText>
                    <Select.ItemIndicator>
                      <Check size={16} />
                    </Select.ItemIndicator>
                  </Select.Item>
                ))}
              </Select.Viewport>
            </Select.Content>
          </Select.Portal>
        )}
      </Select.Root>
    </div>
  );
}
