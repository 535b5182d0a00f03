import { useState } from 'react';
import type { School } from '#core/brief/parts/school';
import { handOf } from '#core/hand/models';
import { INSTRUMENT_KINDS, type InstrumentKind } from '#core/instrument';
import { positionWords } from '#core/messages';
import { FieldRow, SelectField, TextField, typedNumber } from '../../../ui/fields/index.ts';
import { INSTRUMENT_LABELS } from '../../../words/studio/instruments.ts';

type Contact = NonNullable<School['contactMm']>;

interface ContactTableProps {
  readonly contactMm: Contact;
  readonly onChange: (contactMm: Contact) => void;
}

/** Edits the distance of the bow from the bridge, by position, as the teacher measures it. */
export function ContactTable({ contactMm, onChange }: ContactTableProps) {
  const [kind, setKind] = useState<InstrumentKind>('violin');
  const table = contactMm[kind] ?? {};
  const set = (label: string, text: string): void => {
    const { [label]: _, ...others } = table;
    const mm = typedNumber(text);
    onChange({ ...contactMm, [kind]: mm === null || !(mm >= 1) ? others : { ...others, [label]: mm } });
  };
  return (
    <div className="mt-2 grid gap-y-1.5">
      <p className="max-w-[60ch] text-sm text-dove-dark">
        From the bridge, in mm. A position left empty keeps the share of the sounding length that first position has, so the bow moves
        toward the bridge as the string gets shorter.
      </p>
      <FieldRow label="Instrument" htmlFor="contact-kind">
        <SelectField
          id="contact-kind"
          className="w-40"
          value={kind}
          options={INSTRUMENT_KINDS.map((value) => ({ value, name: INSTRUMENT_LABELS[value] }))}
          onChoose={setKind}
        />
      </FieldRow>
      {handOf(kind).positionLabels.map((label) => (
        <FieldRow key={`${kind} ${label}`} label={positionWords({ label, alteration: null })} htmlFor={`contact-${label}`}>
          <span>
            <TextField
              id={`contact-${label}`}
              className="w-20"
              inputMode="decimal"
              defaultValue={table[label] ?? ''}
              onChange={(event) => set(label, event.target.value)}
            />{' '}
            <span className="text-dove-dark">mm</span>
          </span>
        </FieldRow>
      ))}
    </div>
  );
}
