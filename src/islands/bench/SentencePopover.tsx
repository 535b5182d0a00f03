import { Popover } from 'radix-ui';
import type { ReactNode, RefObject } from 'react';

interface SentencePopoverProps {
  readonly label: string;
  /** The part of the sentence it hangs from; the focus goes back to it. */
  readonly anchor: RefObject<HTMLButtonElement | null>;
  readonly width: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** What opens below a part of the sentence that is more than one choice. */
export function SentencePopover({ label, anchor, width, onClose, children }: SentencePopoverProps) {
  const measured = { current: { getBoundingClientRect: () => anchor.current?.getBoundingClientRect() ?? new DOMRect() } };
  return (
    <Popover.Root open onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor virtualRef={measured} />
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          aria-label={label}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            anchor.current?.focus();
          }}
          className={`z-10 max-h-[66vh] ${width} overflow-auto border border-dove-light bg-paper p-4 shadow-[0_2px_10px_rgb(32_35_42/0.14)]`}
        >
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
