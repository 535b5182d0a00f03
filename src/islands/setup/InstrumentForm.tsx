import { useForm, type UseFormReturn, useWatch } from 'react-hook-form';
import { defaultSize, INSTRUMENT_KINDS, type InstrumentKind, OPEN_TUNINGS, readInstrument, REFERENCE_A, SIZES } from '#core/instrument';
import { FIRST_TAPES } from '#core/hand';
import type { Issue } from '#core/messages';
import type { InstrumentRecord } from '../../records/record.ts';
import { ButtonLink } from '../../ui/Button.tsx';
import { Figure } from '../../ui/Figure.tsx';
import { usualLengthDerivation, usualSpacingDerivation } from '../../words/explain/setup-derivations.ts';
import { INSTRUMENT_LABELS, sizeLabel } from '../../words/studio/instruments.ts';
import { mmText } from '../../words/plan-words.ts';
import { openTuningLabel } from '../../words/studio/setup.ts';
import { StringRows } from './StringRows.tsx';
import { StringsDrawing } from './StringsDrawing.tsx';
import { UsedBy } from './UsedBy.tsx';
import { Field, FormHead, issueAt, LabelledSelect } from './fields.tsx';
import { instrumentFields, type InstrumentFields, readInstrumentFields, usualInstrument, usualStrings } from './instrument-fields.ts';
import { useKeptAsTyped } from './use-kept-as-typed.ts';
import { fieldsTypedBefore, useTyped } from '../../state/typed.ts';
import type { StudioActions } from './use-studio.ts';

interface InstrumentFormProps {
  readonly record: InstrumentRecord;
  readonly actions: StudioActions;
}

/** Edits one instrument: its size or its measurements, its strings, and their tuning. */
export function InstrumentForm({ record, actions }: InstrumentFormProps) {
  const form = useForm<InstrumentFields>({ defaultValues: fieldsTypedBefore(record.id, instrumentFields(record.document)) });
  useWatch({ control: form.control });
  const fields = form.getValues();
  const { document, issues } = readInstrumentFields(fields);
  // While the typed values are impossible, the drawing shows those that are kept.
  const kept = readInstrument(record.document.instrument);
  const { document: untouched } = readInstrumentFields(instrumentFields(record.document));
  useKeptAsTyped({ stored: record.document, untouched, typed: document }, (next) =>
    actions.keepInstrument({ ...record, document: next }, record),
  );
  useTyped(record.id, fields, document !== null);
  const kind = INSTRUMENT_KINDS.find((kind) => kind === fields.kind) ?? 'violin';
  return (
    <section aria-label="Instrument">
      <FormHead what="instrument" document={record.document} onDelete={() => actions.remove({ kind: 'instrument', record })}>
        <ButtonLink href={`/tuner?instrument=${record.id}`}>Tune it</ButtonLink>
        <ButtonLink href={`/tapes?instrument=${record.id}`}>Print tapes</ButtonLink>
      </FormHead>
      <div className="mt-3 grid gap-x-10 xl:grid-cols-[minmax(0,1fr)_360px]">
        <form className="grid content-start gap-y-2" onSubmit={(event) => event.preventDefault()}>
          <KindFields form={form} kind={kind} />
          <LengthFields form={form} kind={kind} size={fields.size} issues={issues} />
          <StringRows form={form} kind={kind} issues={issues} />
          <TuningFields form={form} kind={kind} issues={issues} />
        </form>
        <div className="mt-4 xl:mt-0">
          {kept.ok && <StringsDrawing instrument={kept.value} measured={record.document.instrument.stringLengthMm !== undefined} />}
          <UsedBy field="instrumentId" id={record.id} />
        </div>
      </div>
    </section>
  );
}

interface PartProps {
  readonly form: UseFormReturn<InstrumentFields>;
  readonly kind: InstrumentKind;
}

/** Chooses the kind; another one begins again with its own sizes and strings. */
function KindFields({ form: { register, setValue }, kind }: PartProps) {
  const changeKind = register('kind', {
    onChange: (event: { target: { value: string } }) => {
      const next = INSTRUMENT_KINDS.find((kind) => kind === event.target.value) ?? 'violin';
      setValue('size', defaultSize(next));
      for (const field of ['length', 'nut', 'bridge'] as const) setValue(field, '');
      setValue('strings', usualStrings(next));
    },
  });
  return (
    <>
      <Field label="Name" register={register('name', { maxLength: 80 })} placeholder="Wren’s violin" />
      <LabelledSelect label="Instrument" options={INSTRUMENT_KINDS.map((kind) => [kind, INSTRUMENT_LABELS[kind]])} register={changeKind} />
      <LabelledSelect label="Size" options={SIZES[kind].map(({ size }) => [size, sizeLabel(size)])} register={register('size')} />
    </>
  );
}

interface LengthFieldsProps extends PartProps {
  readonly size: string;
  readonly issues: readonly Issue[];
}

function LengthFields({ form: { register }, kind, size, issues }: LengthFieldsProps) {
  const usual = usualInstrument(kind, size);
  return (
    <>
      <Field
        label="String length"
        unit="mm, nut to bridge"
        numeric
        placeholder={usual ? String(usual.stringLengthMm) : ''}
        hint={
          <>
            Empty:{' '}
            <Figure how={usualLengthDerivation(kind, size)}>{usual ? mmText(usual.stringLengthMm) : ''}, typical for the size</Figure>.
            Makers differ: measure from the edge of the nut to the top of the bridge.
          </>
        }
        issue={issueAt(issues, '/instrument/stringLengthMm')}
        register={register('length')}
      />
      <Field
        label="Outer strings at the nut"
        unit="mm apart"
        numeric
        placeholder={usual?.outerSpacingMm.nut.toFixed(1) ?? ''}
        issue={issueAt(issues, '/instrument/outerSpacingMm/nut')}
        register={register('nut')}
      />
      <Field
        label="… at the bridge"
        unit="mm apart"
        numeric
        placeholder={usual?.outerSpacingMm.bridge.toFixed(1) ?? ''}
        hint={
          <>
            Empty: <Figure how={usualSpacingDerivation()}>usual for the size</Figure>.
          </>
        }
        issue={issueAt(issues, '/instrument/outerSpacingMm/bridge')}
        register={register('bridge')}
      />
    </>
  );
}

function TuningFields({ form: { register }, kind, issues }: PartProps & { readonly issues: readonly Issue[] }) {
  return (
    <>
      <Field
        label="Reference A"
        unit="Hz"
        numeric
        placeholder={String(REFERENCE_A.usual)}
        hint={`${REFERENCE_A.lowest} to ${REFERENCE_A.highest} Hz; empty: ${REFERENCE_A.usual} Hz.`}
        issue={issueAt(issues, '/instrument/a4Hz')}
        register={register('a4')}
      />
      <LabelledSelect
        label="Open strings tuned"
        options={OPEN_TUNINGS.map((tuning) => [tuning, openTuningLabel(kind, tuning)])}
        register={register('openTuning')}
      />
      <Field
        label="Tapes on it"
        unit="semitones from the nut"
        placeholder={FIRST_TAPES[kind].join(', ')}
        hint="Empty: none. On the bench fingers are told against them."
        issue={issueAt(issues, '/instrument/tapes')}
        register={register('tapes')}
      />
    </>
  );
}
