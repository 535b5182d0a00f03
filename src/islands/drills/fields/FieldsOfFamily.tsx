import type { FamilyName, FamilyOf } from '#core/drill/families';
import { LabelledOptions } from '../../../ui/fields/index.ts';
import type { WrittenFor } from '../first-request.ts';
import { FAMILY_FIELDS } from './family-fields.ts';

interface FieldsOfFamilyProps<Name extends FamilyName> {
  readonly name: Name;
  readonly asks: FamilyOf<Name>;
  readonly place: WrittenFor;
  readonly onChange: (asks: FamilyOf<Name>) => void;
}

/** Edits the fields of a family of drills. */
export function FieldsOfFamily<Name extends FamilyName>({ name, asks, place, onChange }: FieldsOfFamilyProps<Name>) {
  return FAMILY_FIELDS[name].map((field) => {
    const shown = field(asks, place);
    return shown && <LabelledOptions key={shown.label} {...shown} onChoose={(value) => onChange(shown.choose(value))} />;
  });
}
