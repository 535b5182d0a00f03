import { useFieldArray, type UseFormRegister, type UseFormReturn } from 'react-hook-form';
import { type InstrumentKind, TUNINGS } from '#core/instrument';
import type { Issue } from '#core/messages';
import { Button } from '../../ui/Button.tsx';
import { FIELD_ROW, TextField } from '../../ui/fields/index.ts';
import { issueAt } from './fields.tsx';
import { type InstrumentFields, stringBeyond, usualStrings } from './instrument-fields.ts';

/** The largest number of strings of an instrument. */
const MOST_STRINGS = 6;

interface StringRowsProps {
  readonly form: UseFormReturn<InstrumentFields>;
  readonly kind: InstrumentKind;
  readonly issues: readonly Issue[];
}

/** Edits the strings of an instrument: retune, add above or below, remove. */
export function StringRows({ form: { control, register, getValues }, kind, issues }: StringRowsProps) {
  const strings = useFieldArray({ control, name: 'strings' });
  const beyond = (side: 'higher' | 'lower') => stringBeyond(kind, getValues('strings'), side);
  const full = strings.fields.length >= MOST_STRINGS;
  const about = issues.filter(({ where }) => /^\/instrument\/(tuning|pressingMm)/.test(where.pointer ?? ''));
  return (
    <fieldset className={FIELD_ROW}>
      <legend className="contents">
        <span>Strings, highest first</span>
      </legend>
      <div>
        {strings.fields.map((field, index) => (
          <StringRow
            key={field.id}
            index={index}
            register={register}
            wrong={issueAt(issues, `/instrument/tuning/${index}`) !== undefined}
            onRemove={strings.fields.length > 1 ? () => strings.remove(index) : null}
          />
        ))}
        <p className="flex flex-wrap gap-2">
          <Button disabled={full} onClick={() => strings.prepend(beyond('higher'))}>
            Add a higher string
          </Button>
          <Button disabled={full} onClick={() => strings.append(beyond('lower'))}>
            Add a lower string
          </Button>
          <Button onClick={() => strings.replace(usualStrings(kind))}>Usual strings</Button>
        </p>
        {about.map((issue) => (
          <p key={issue.message} className="mt-0.5 text-sm text-ochre">
            {issue.message} {issue.hint}
          </p>
        ))}
        <p className="mt-0.5 text-sm text-dove-dark">
          Sounding pitches, usually {TUNINGS[kind].toReversed().join(' ')} from the lowest. A pressed string sounds a little sharp, so its
          spots lie that much nearer the nut: leave 0 until you have measured it.
        </p>
      </div>
    </fieldset>
  );
}

interface StringRowProps {
  readonly index: number;
  readonly register: UseFormRegister<InstrumentFields>;
  readonly wrong: boolean;
  /** Removes it; null for the last string there is. */
  readonly onRemove: (() => void) | null;
}

function StringRow({ index, register, wrong, onRemove }: StringRowProps) {
  return (
    <div className="mb-1 flex flex-wrap items-center gap-2">
      <TextField
        className="w-20"
        aria-label={`String ${index + 1}, sounding pitch`}
        aria-invalid={wrong}
        {...register(`strings.${index}.open`)}
      />
      <label className="text-sm text-dove-dark">
        pressing{' '}
        <TextField
          className="w-14"
          inputMode="decimal"
          placeholder="0"
          aria-label={`Pressing on string ${index + 1}, mm nearer the nut`}
          {...register(`strings.${index}.pressing`)}
        />{' '}
        mm
      </label>
      {onRemove && (
        <Button aria-label={`Take string ${index + 1} away`} onClick={onRemove}>
          −
        </Button>
      )}
    </div>
  );
}
