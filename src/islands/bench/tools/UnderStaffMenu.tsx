import type { RefObject } from 'react';
import { Popover } from '../../../ui/Popover.tsx';
import { UNDER_STAFF_WORDS } from '../../../words/hand/under-staff.ts';
import { UnderStaffFields } from '../../score/UnderStaffFields.tsx';

interface UnderStaffMenuProps {
  readonly anchor: RefObject<HTMLButtonElement | null>;
  readonly onClose: () => void;
}

/** What stands under the staff, and how it is read; the sheet prints the same. */
export function UnderStaffMenu({ anchor, onClose }: UnderStaffMenuProps) {
  return (
    <Popover label="Under the staff" anchor={anchor} width="w-80" onClose={onClose}>
      <UnderStaffFields />
      <p className="mt-1 text-sm text-dove-dark">
        {UNDER_STAFF_WORDS.fingers} {UNDER_STAFF_WORDS.steps} The sheet prints the same.
      </p>
    </Popover>
  );
}
