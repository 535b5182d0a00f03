import type { RefObject } from 'react';
import { showUnderStaff, useUnderStaff } from '../../../state/under-staff.ts';
import { CheckField } from '../../../ui/fields/index.ts';
import { Popover } from '../../../ui/Popover.tsx';
import { UNDER_STAFF_WORDS } from '../../../words/hand/under-staff.ts';

interface UnderStaffMenuProps {
  readonly anchor: RefObject<HTMLButtonElement | null>;
  readonly onClose: () => void;
}

/** Chooses what stands under the staff, and tells how it is read. */
export function UnderStaffMenu({ anchor, onClose }: UnderStaffMenuProps) {
  const { fingers, steps, bow } = useUnderStaff();
  return (
    <Popover label="Under the staff" anchor={anchor} width="w-80" onClose={onClose}>
      <CheckField label="Fingers down and lifted" checked={fingers} onChange={(on) => showUnderStaff({ fingers: on })} />
      <CheckField label="Tones and semitones" checked={steps} onChange={(on) => showUnderStaff({ steps: on })} />
      <CheckField label="Bow" checked={bow} onChange={(on) => showUnderStaff({ bow: on })} />
      <p className="mt-1 text-sm text-dove-dark">
        {UNDER_STAFF_WORDS.fingers} {UNDER_STAFF_WORDS.steps} {UNDER_STAFF_WORDS.bow} A new sheet begins with the same.
      </p>
    </Popover>
  );
}
