import type { RefObject } from 'react';
import { Popover } from '../../../ui/Popover.tsx';
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
        Fingers: a lane for each; dark where it plays, light where it stays down, dashed where it hovers over the next string; as heavy as
        the string. Steps: an angle for a semitone, a bracket for a tone, a line under each tetrachord. The sheet prints the same.
      </p>
    </Popover>
  );
}
