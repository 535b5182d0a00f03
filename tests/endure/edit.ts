import type { Page } from '@playwright/test';
import type { DocumentName } from '#core/documents';
import type { PageName } from '../../src/islands/frame/rooms.ts';
import type { PieceRecord, RecordOf } from '../../src/records/record.ts';

/**
 * The content of the browser afterwards: the piece of the trial (null where it is gone), all records by their kind, and the texts of
 * fields.
 */
export interface Stored {
  readonly piece: PieceRecord | null;
  readonly records: StoredRecords;
  /** The texts that were typed and are not kept anywhere else yet, by field. */
  readonly typed: readonly string[];
}

/** All records that are stored, by kind. */
export type StoredRecords = { readonly [Name in DocumentName]: readonly RecordOf<Name>[] };

/** An edit of a teacher, and the way to find it again. */
export interface Edit {
  readonly name: string;
  /** The page on which it is made. */
  readonly on: PageName;
  /** The kind of document that it changes; null for a field whose text is only remembered. */
  readonly changes: DocumentName | null;
  /** Goes to where it is made, where that is not the bench; there no other tab has the same piece. */
  readonly open?: (page: Page) => Promise<void>;
  /** Makes it; `trial` tells one from the next. */
  readonly make: (page: Page, trial: number) => Promise<void>;
  readonly isIn: (stored: Stored, trial: number) => boolean;
  /** Whether it is made in several steps: the page shows the stored record before the last of them. */
  readonly inSteps?: boolean;
  /** The change of another tab to the same list at the same time, and the way to find it. */
  readonly beside?: Pick<Edit, 'make' | 'isIn'>;
}
