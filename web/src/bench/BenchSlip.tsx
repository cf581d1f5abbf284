import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

/** A slip laid over the bench; closed, the bench is as it was. */
export const BenchSlip = ({
  title,
  onClose,
  children,
}: {
  title: string;
  onClose: () => void;
  children: ReactNode;
}) => (
  <Dialog.Root open onOpenChange={(to) => !to && onClose()}>
    <Dialog.Portal>
      <Dialog.Overlay className="veil" />
      <Dialog.Content className="slip dialog instead" aria-describedby={undefined}>
        <Dialog.Title className="sign m-0" style={{ fontSize: 28 }}>
          {title}
        </Dialog.Title>
        {children}
      </Dialog.Content>
    </Dialog.Portal>
  </Dialog.Root>
);
