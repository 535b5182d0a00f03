import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';

/** What became of a write; what went wrong is told for people. */
export type SaveOutcome = { readonly ok: true } | { readonly ok: false; readonly message: string };

/** What became of a record: as it was written, joined with what another page had written since `base`. */
export type RecordOutcome<Name extends DocumentName> =
  { readonly ok: true; readonly record: RecordOf<Name>; readonly joined: boolean } | { readonly ok: false; readonly message: string };
