import type { InstrumentRecord, PlayerRecord, SchoolRecord } from '../../records/record.ts';
import type { StudioName } from '../../records/studio.ts';

/** The record that the page shows: one instrument, one player or one school. */
export interface Chosen {
  readonly kind: StudioName;
  /** The id of the record. */
  readonly id: string;
}

/** An instrument, a player or a school of the studio. */
export type InStudio =
  | { readonly kind: 'instrument'; readonly record: InstrumentRecord }
  | { readonly kind: 'player'; readonly record: PlayerRecord }
  | { readonly kind: 'school'; readonly record: SchoolRecord };
