import { showUnderStaff, useUnderStaff } from '../../state/under-staff.ts';
import { CheckField } from '../../ui/fields/Field.tsx';

/** What is to stand under the staff. */
export function UnderStaffFields() {
  const { fingers, steps } = useUnderStaff();
  return (
    <>
      <CheckField label="Fingers down and lifted" checked={fingers} onChange={(on) => showUnderStaff({ fingers: on })} />
      <CheckField label="Tones and semitones" checked={steps} onChange={(on) => showUnderStaff({ steps: on })} />
    </>
  );
}
