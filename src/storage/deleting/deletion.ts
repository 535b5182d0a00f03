import type { DocumentName } from '#core/documents';
import type { RecordOf, Uses } from '../../records/record.ts';

/** A record with its kind. */
export interface OfKind<Name extends DocumentName = DocumentName> {
  readonly kind: Name;
  readonly record: RecordOf<Name>;
}

/** A record by its kind and id. */
export interface Named {
  readonly kind: DocumentName;
  /** The id of the record. */
  readonly id: string;
}

/** A link of a record that stays to one that is deleted. */
export interface Tie {
  readonly kind: 'piece' | 'player';
  /** The id of the record that stays. */
  readonly id: string;
  readonly link: keyof Uses;
  /** The id of the record that is deleted. */
  readonly to: string;
}

/** Everything that is deleted at once, so that it comes back together. */
export interface Deletion {
  readonly records: readonly OfKind[];
  readonly ties: readonly Tie[];
  /** The records that came in their place, as with the demo that is restored: they go again when the others come back. */
  readonly instead: readonly Named[];
}

/** The name of something deleted: what it was, for people. */
export interface DeletedWhat {
  readonly kind: DocumentName | 'demo';
  /** The name; empty where it had none. */
  readonly name: string;
}
