import type { RefObject } from 'react';
import type { Brief } from '#core/brief';
import { type LimitName, limitPart } from '#core/brief/parts/limits';
import { Popover } from '../../../ui/Popover.tsx';
import { LimitControl } from './LimitControl.tsx';

interface LimitPopoverProps {
  readonly name: LimitName;
  readonly brief: Brief;
  readonly anchor: RefObject<HTMLButtonElement | null>;
  readonly onClose: () => void;
}

/** The control of a limit, below the part of the sentence that tells it. */
export function LimitPopover({ name, brief, anchor, onClose }: LimitPopoverProps) {
  return (
    <Popover label={limitPart(name).words.name} anchor={anchor} width="" onClose={onClose}>
      <LimitControl name={name} brief={brief} />
    </Popover>
  );
}
