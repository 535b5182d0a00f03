import type { Brief } from '#core/brief';
import type { DocumentName, DocumentOf } from '#core/documents';

/** What every record of the browser has. */
interface Kept {
  readonly id: string;
  /** Milliseconds since 1970. */
  readonly createdAt: number;
  readonly updatedAt: number;
  /** It came with the demo data. */
  readonly demo: boolean;
  /** How often it was written: a page that knows an earlier revision has not seen what another page wrote. */
  readonly revision: number;
  /** The page that wrote it last; null where that changed it beside something else, as a piece with its instrument. */
  readonly writtenBy: string | null;
  /** By page, the number of its last change that is in the record: of the last pages that wrote it. */
  readonly holds?: Holds;
}

/** By page, the number of a change that it made; the page that wrote last stands last. */
export type Holds = Readonly<Record<string, number>>;

/** The instrument, the player and the school of the studio that a piece uses; null for one that is only described in its brief. */
export interface Uses {
  readonly instrumentId: string | null;
  readonly playerId: string | null;
  readonly schoolId: string | null;
}

/** What a record may use of the studio, by the names of the fields. */
export const LINKS = ['instrumentId', 'playerId', 'schoolId'] as const satisfies readonly (keyof Uses)[];

/** A piece whose instrument, player or school was changed since the teacher last looked: its brief before. */
export interface ChangedSince {
  readonly before: Brief;
}

/** What records of each kind have beside their document. */
export interface LinksOf {
  /** Its brief holds what it uses; the links say where later changes come from. */
  readonly piece: Uses & { readonly changed: ChangedSince | null };
  /** The instrument this player has, and the school this player follows. */
  readonly player: { readonly instrumentId: string | null; readonly schoolId: string | null };
  readonly instrument: object;
  readonly school: object;
  /** Whose; null for pieces without a player of the studio. */
  readonly stages: { readonly playerId: string | null };
  /** For whom. */
  readonly session: { readonly playerId: string | null };
  /** Whose. */
  readonly week: { readonly playerId: string | null };
  /** Whose. */
  readonly log: { readonly playerId: string | null };
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

/** How far a player is with shifts. */
export type StagesRecord = RecordOf<'stages'>;

/** A practice session. */
export type SessionRecord = RecordOf<'session'>;

/** How the weeks of a player are planned. */
export type WeekRecord = RecordOf<'week'>;

/** A page of a log. */
export type LogRecord = RecordOf<'log'>;

/** Whose log it is. */
export interface Logged {
  readonly playerId: string | null;
  /** The player's name; empty for nobody. */
  readonly name: string;
}
