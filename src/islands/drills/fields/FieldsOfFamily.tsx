import type { FamilyName, FamilyOf } from '#core/drill/families';
import { OptionChoice } from '../../../ui/fields/index.ts';
import type { WrittenFor } from '../first-request.ts';
import type { ShownField } from './asked-field.ts';
import { FAMILY_FIELDS } from './family-fields.ts';

interface FieldsOfFamilyProps<Name extends FamilyName> {
  readonly name: Name;
  readonly asks: FamilyOf<Name>;
  readonly place: WrittenFor;
  /** Tells whether a drill may be offered: whether this hand plays it as it is asked for, as far as that is known. */
  readonly offers?: (asks: FamilyOf<Name>) => boolean;
  readonly onChange: (asks: FamilyOf<Name>) => void;
}

/** Edits the fields of a family of drills, as parts of a sentence. */
export function FieldsOfFamily<Name extends FamilyName>({ name, asks, place, offers = () => true, onChange }: FieldsOfFamilyProps<Name>) {
  return shownFields(name, asks, place).map((field) => (
    <SentenceField
      key={field.label}
      {...field}
      options={field.options.filter(({ value }) => value === field.value || offers(field.choose(value)))}
      onChoose={(value) => onChange(field.choose(value))}
    />
  ));
}

/** Lists the fields that a family shows for a request. */
export function shownFields<Name extends FamilyName>(
  name: Name,
  asks: FamilyOf<Name>,
  place: WrittenFor,
): readonly ShownField<FamilyOf<Name>>[] {
  return FAMILY_FIELDS[name].flatMap((field) => field(asks, place) ?? []);
}

interface SentenceFieldProps extends Pick<ShownField<never>, 'label' | 'lead' | 'value' | 'options' | 'tail'> {
  readonly onChoose: (value: string) => void;
}

/** A choice in a sentence, with the words before and after it. */
export function SentenceField({ label, lead, tail = '', value, options, onChoose }: SentenceFieldProps) {
  return (
    <>
      {lead === '' ? ', ' : ` ${lead} `}
      <OptionChoice label={label} value={value} options={options} onChange={onChoose} />
      {tail === '' ? '' : ` ${tail}`}
    </>
  );
}
