import type { PlayerProfile } from '#core/brief';
import type { School } from '#core/brief/parts/school';
import {
  DOCUMENT_KINDS,
  type DocumentName,
  withHead,
  type InstrumentDocument,
  type PlayerDocument,
  type SchoolDocument,
} from '#core/documents';
import type { InstrumentSpec } from '#core/instrument';
import type { InstrumentRecord, PlayerRecord, RecordOf, SchoolRecord } from './record.ts';

/** The kinds of documents that pieces use. */
export type StudioName = Extract<KeptName, 'instrument' | 'player' | 'school'>;

/** The kinds of documents that are not pieces. */
export type KeptName = Exclude<DocumentName, 'piece'>;

/** The instruments, players and schools of the studio, by name. */
export interface Studio {
  readonly instruments: readonly InstrumentRecord[];
  readonly players: readonly PlayerRecord[];
  readonly schools: readonly SchoolRecord[];
}

/** A studio with nothing in it. */
export const EMPTY_STUDIO: Studio = { instruments: [], players: [], schools: [] };

/** Gives the document of an instrument. */
export function instrumentDocument(name: string, instrument: InstrumentSpec): InstrumentDocument {
  return withHead(DOCUMENT_KINDS.instrument, { name, instrument });
}

/** Gives the document of a player. */
export function playerDocument(name: string, profile: PlayerProfile): PlayerDocument {
  return withHead(DOCUMENT_KINDS.player, { name, profile });
}

/** Gives the document of a school. */
export function schoolDocument(name: string, school: School): SchoolDocument {
  return withHead(DOCUMENT_KINDS.school, { name, school });
}

/** Compares by the order in which the studio is listed. */
export function byName(one: RecordOf<StudioName | 'book'>, other: RecordOf<StudioName | 'book'>): number {
  return one.document.name.localeCompare(other.document.name);
}
