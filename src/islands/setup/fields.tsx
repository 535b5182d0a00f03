import { Download, Trash2 } from '../../ui/icons.ts';
import { type ReactNode, useId } from 'react';
import type { UseFormRegisterReturn } from 'react-hook-form';
import { documentToText, type InstrumentDocument, type PlayerDocument, type SchoolDocument } from '#core/documents';
import type { Issue } from '#core/messages';
import { downloadText, fileNameOf } from '../../files/index.ts';
import { Button } from '../../ui/Button.tsx';
import { FIELD, FieldRow, TextField } from '../../ui/fields/index.ts';

interface FieldProps {
  readonly label: string;
  /** The unit, shown after the field. */
  readonly unit?: string;
  readonly hint?: ReactNode;
  readonly placeholder?: string;
  readonly issue?: Issue | undefined;
  readonly numeric?: boolean;
  readonly register: UseFormRegisterReturn;
}

/** Shows one labelled field; its fault stands under it, and the typed text stays. */
export function Field({ label, unit, hint, placeholder, issue, numeric = false, register }: FieldProps) {
  const id = useId();
  return (
    <FieldRow label={label} htmlFor={id}>
      <div>
        <TextField
          id={id}
          className={`${numeric ? 'w-24' : 'w-64'}`}
          inputMode={numeric ? 'decimal' : 'text'}
          placeholder={placeholder}
          aria-invalid={issue !== undefined}
          aria-describedby={`${id}-more`}
          {...register}
        />
        {unit !== undefined && <span className="ml-2 text-dove-dark">{unit}</span>}
        <p id={`${id}-more`} className={`mt-0.5 text-sm ${issue ? 'text-ochre' : 'text-dove-dark'}`}>
          {issue ? `${issue.message} ${issue.hint}` : hint}
        </p>
      </div>
    </FieldRow>
  );
}

interface SelectFieldProps {
  readonly label: string;
  readonly hint?: ReactNode;
  readonly options: readonly (readonly [value: string, name: string])[];
  readonly register: UseFormRegisterReturn;
}

/** Shows one labelled choice. */
export function LabelledSelect({ label, hint, options, register }: SelectFieldProps) {
  const id = useId();
  return (
    <FieldRow label={label} htmlFor={id}>
      <div>
        <select id={id} className={FIELD} {...register}>
          {options.map(([value, name]) => (
            <option key={value} value={value}>
              {name}
            </option>
          ))}
        </select>
        {hint !== undefined && <p className="mt-0.5 text-sm text-dove-dark">{hint}</p>}
      </div>
    </FieldRow>
  );
}

/** Finds the issue at a place of a document, by JSON pointer. */
export function issueAt(issues: readonly Issue[], pointer: string): Issue | undefined {
  return issues.find((issue) => issue.where.pointer === pointer);
}

interface FormHeadProps {
  readonly what: 'instrument' | 'player' | 'school';
  readonly document: InstrumentDocument | PlayerDocument | SchoolDocument;
  readonly onDelete: () => void;
  readonly children?: ReactNode;
}

/** Shows the name of what is set up, and the actions on it as a whole. */
export function FormHead({ what, document, onDelete, children }: FormHeadProps) {
  const save = (): void => downloadText(fileNameOf(document.name, 'json'), 'application/json', documentToText(document));
  return (
    <div className="flex flex-wrap items-center gap-3">
      <h2 className="mr-auto text-2xl font-semibold">{document.name || `New ${what}`}</h2>
      {children}
      <Button onClick={save}>
        <Download size={15} aria-hidden="true" /> JSON
      </Button>
      <Button onClick={onDelete}>
        <Trash2 size={15} aria-hidden="true" /> Delete
      </Button>
    </div>
  );
}
