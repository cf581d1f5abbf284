import { ChevronUp } from 'lucide-react';
import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { countWord } from '../../wording/words';

/** On a phone the rules come up over the sheet, and the drawing stays in sight above them. */
export function RulesSheet({ count, children }: { count: number; children: ReactNode }) {
  const word = `${countWord(count)} ${count === 1 ? 'rule' : 'rules'}`;
  return (
    <Dialog.Root modal={false}>
      <Dialog.Trigger className="press quiet">
        {word} <ChevronUp size={20} aria-hidden="true" />
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Content
          className="rules-sheet"
          aria-describedby={undefined}
          onInteractOutside={(e) => e.preventDefault()}
        >
          <div className="flex items-center justify-between">
            <Dialog.Title className="m-0" style={{ fontSize: 18, fontWeight: 640 }}>
              {word}
            </Dialog.Title>
            <Dialog.Close className="press quiet" style={{ minHeight: 44 }}>
              Put away
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
