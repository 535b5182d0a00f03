import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';

/** The outcome of a write; a failure is described for people. */
export type SaveOutcome = { readonly ok: true } | { readonly ok: false; readonly message: string };

/** The outcome of writing a record: as it was written, joined with changes that another page had written since `base`. */
export type RecordOutcome<Name extends DocumentName> =
  { readonly ok: true; readonly record: RecordOf<Name>; readonly joined: boolean } | { readonly ok: false; readonly message: string };
