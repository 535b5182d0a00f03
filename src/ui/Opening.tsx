import { type ComponentType, type RefObject, useRef, useState } from 'react';
import { Part } from './states/index.ts';
import { Button } from './Button.tsx';

interface OpeningProps {
  readonly label: string;
  readonly icon: ComponentType<{ readonly size: number; readonly 'aria-hidden': 'true' }>;
  /** Whether the label stands beside the icon. */
  readonly named?: boolean;
  readonly Content: ComponentType<{ readonly anchor: RefObject<HTMLButtonElement | null>; readonly onClose: () => void }>;
}

/** A button below which something opens. */
export function Opening({ label, icon: Icon, named = false, Content }: OpeningProps) {
  const [open, setOpen] = useState(false);
  const trigger = useRef<HTMLButtonElement>(null);
  return (
    <>
      <Button ref={trigger} aria-label={label} title={label} aria-haspopup="dialog" aria-expanded={open} onClick={() => setOpen(!open)}>
        <Icon size={16} aria-hidden="true" /> {named && label}
      </Button>
      {open && (
        <Part>
          <Content anchor={trigger} onClose={() => setOpen(false)} />
        </Part>
      )}
    </>
  );
}
