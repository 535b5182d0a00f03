import type { Brief } from '#core/brief';
import type { DocumentName, DocumentOf } from '#core/documents';

/** The fields that every record of the browser has. */
interface Kept {
  readonly id: string;
  /** The moment of creation, ms since 1970. */
  readonly createdAt: number;
  readonly updatedAt: number;
  /** Whether it came with the demo data. */
  readonly demo: boolean;
  /** The number of times it was written: a page that knows an earlier revision has not seen what another page wrote. */
  readonly revision: number;
  /** The page that wrote it last; null where it was changed along with something else, as a piece is with its instrument. */
  readonly writtenBy: string | null;
  /** The last changes in the record, by page, of the last pages that wrote it. */
  readonly holds?: Holds;
}

/** The number of a change that a page made, by page; the page that wrote last stands last. */
export type Holds = Readonly<Record<string, number>>;

/** The links of a piece to the instrument, the player and the school of the studio; null for one that is only described in its brief. */
export interface Uses {
  /** The id of the instrument. */
  readonly instrumentId: string | null;
  /** The id of the player. */
  readonly playerId: string | null;
  /** The id of the school. */
  readonly schoolId: string | null;
}

/** The names of the fields by which a record uses the studio. */
export const LINKS = ['instrumentId', 'playerId', 'schoolId'] as const satisfies readonly (keyof Uses)[];

/** The changes of a piece whose instrument, player or school was changed since the teacher last looked, with its brief before. */
export interface ChangedSince {
  readonly before: Brief;
}

/** The fields that records of each kind have beside their document. */
export interface LinksOf {
  /** A piece: its brief has a copy of what it uses; the links say where later changes come from. */
  readonly piece: Uses & { readonly changed: ChangedSince | null };
  /** A player: the instrument this player has, and the school this player follows. */
  readonly player: { readonly instrumentId: string | null; readonly schoolId: string | null };
  readonly instrument: object;
  readonly school: object;
  /** The stages of a player; null for pieces without a player of the studio. */
  readonly stages: { readonly playerId: string | null };
  /** A session of a player. */
  readonly session: { readonly playerId: string | null };
  /** The weeks of a player. */
  readonly week: { readonly playerId: string | null };
  /** A page of the log of a player. */
  readonly log: { readonly playerId: string | null };
  readonly book: object;
}

/** A document as the browser keeps it. */
export type RecordOf<Name extends DocumentName> = Kept & { readonly document: DocumentOf<Name> } & LinksOf[Name];

/** A piece as the browser keeps it. */
export type PieceRecord = RecordOf<'piece'>;

/** An instrument of the studio. */
export type InstrumentRecord = RecordOf<'instrument'>;

/** A player of the studio, with the instrument this player has and the school this player follows. */
export type PlayerRecord = RecordOf<'player'>;

/** A school of the studio. */
export type SchoolRecord = RecordOf<'school'>;

/** The stages that a player has reached with shifts. */
export type StagesRecord = RecordOf<'stages'>;

/** A practice session. */
export type SessionRecord = RecordOf<'session'>;

/** The plan of a player's weeks. */
export type WeekRecord = RecordOf<'week'>;

/** A page of a log. */
export type LogRecord = RecordOf<'log'>;

/** A book of the teacher's. */
export type BookRecord = RecordOf<'book'>;

/** The owner of a log. */
export interface Logged {
  /** The id of the player; null for a log that belongs to nobody. */
  readonly playerId: string | null;
  /** The player's name; empty for nobody. */
  readonly name: string;
}
