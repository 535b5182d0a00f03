import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

interface DialogProps {
  readonly title: string;
  /** The title is for a listener only. */
  readonly quietTitle?: boolean;
  /** Where it stands and how wide. */
  readonly className: string;
  readonly onClose: () => void;
  /** Called when it is gone: true where the focus has been put somewhere, else it goes back to where it was. */
  readonly onGone?: () => boolean;
  readonly children: ReactNode;
}

/** What stands over the page until it is closed: by Escape, beside it, or by what is in it. */
export function Dialog({ title, quietTitle = false, className, onClose, onGone, children }: DialogProps) {
  return (
    <Radix.Root open onOpenChange={(open) => !open && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-20 bg-shade" />
        <Radix.Content
          aria-describedby={undefined}
          onCloseAutoFocus={(event) => onGone?.() === true && event.preventDefault()}
          className={`fixed left-1/2 z-20 max-w-[94vw] -translate-x-1/2 overflow-auto border border-dove-light bg-paper ${className}`}
        >
          <Radix.Title className={quietTitle ? 'sr-only' : 'mb-3 text-xl font-semibold'}>{title}</Radix.Title>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
