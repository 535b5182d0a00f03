import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';

interface FigureProps {
  /** The number with its unit. */
  readonly children: ReactNode;
  /** The explanation of how it is calculated. */
  readonly how: string;
}

/** A number that explains, on asking, how it is calculated. */
export function Figure({ children, how }: FigureProps) {
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <button
          type="button"
          className="inline-block min-h-[24px] underline decoration-dove decoration-dotted decoration-[1.5px] underline-offset-4 print:no-underline text-left hover:bg-paper-deep"
          title="How this is calculated"
        >
          {children}
        </button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={4}
          collisionPadding={12}
          aria-label="How this is calculated"
          className="z-20 max-w-80 border border-dove-light bg-paper p-3 text-sm shadow-[0_2px_10px_rgb(32_35_42/0.14)]"
        >
          {how}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
