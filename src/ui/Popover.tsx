import { Popover as Radix } from 'radix-ui';
import type { ReactNode, RefObject } from 'react';

interface PopoverProps {
  readonly label: string;
  /** The element from which it hangs; the focus goes back to it. */
  readonly anchor: RefObject<HTMLElement | SVGElement | null>;
  readonly width: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A popover below the pressed element. */
export function Popover({ label, anchor, width, onClose, children }: PopoverProps) {
  const measured = { current: { getBoundingClientRect: () => anchor.current?.getBoundingClientRect() ?? new DOMRect() } };
  return (
    <Radix.Root open onOpenChange={(open) => !open && onClose()}>
      <Radix.Anchor virtualRef={measured} />
      <Radix.Portal>
        <Radix.Content
          align="start"
          sideOffset={4}
          aria-label={label}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            anchor.current?.focus();
          }}
          className={`z-10 max-h-[max(66vh,var(--radix-popover-content-available-height,0px))] ${width} overflow-auto border border-dove-light bg-paper p-4 shadow-[0_2px_10px_rgb(32_35_42/0.14)]`}
        >
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
