import { type Static, type TSchema, Type } from '@sinclair/typebox';
import { Brief, PlayerProfile } from '#core/brief';
import { School } from '#core/brief/parts/school';
import { DrillRequest } from '#core/drill/families';
import { STAGE_STATES, STAGES } from '#core/drill/apart';
import { InstrumentSpec } from '#core/instrument';
import { Day } from '#core/calendar';
import { LogEntry, MOST_ENTRIES } from '#core/practice/log';
import { SheetChoices } from '#core/paper/choices';
import { SESSION_FIELDS } from '#core/practice/item';
import { oneOf } from '#core/result';
import { WEEK_FIELDS } from '#core/week';
import { documentKind, type OldDocument } from './document-kind.ts';

/** Gives a document as it is: the next version has something new, and the old is written as before. */
function asItIs(document: OldDocument): OldDocument {
  return document;
}

/**
 * Brings a document to the version from which fields that are not known are kept. Up to it, the application took such a field for damage, so
 * the version was raised once for all kinds: an application from before leaves alone what is written now. For some hours, the answer that
 * after a correction the fingers are lifted and set again had another name.
 */
function keepUnknownFields(document: OldDocument): OldDocument {
  return JSON.parse(JSON.stringify(document), (name, value: unknown) => (name === 'correcting' && value === 'again' ? 'anew' : value));
}

const Name = Type.String({ maxLength: 80 });

/** The schema of a drill's origin: what it was written for, and the piece and the note (of its line) that called for it. */
const DrillOrigin = Type.Object(
  {
    request: DrillRequest,
    piece: Type.Optional(Type.String({ maxLength: 120, description: 'The name of the piece.' })),
    note: Type.Optional(Type.Integer({ minimum: 0, description: 'Line index of the note in that piece.' })),
  },
  { additionalProperties: false },
);

/** The schema of the place of a piece in a book of the teacher's: the book by its id, and where it stands there as the teacher writes it. */
const PlaceInBook = Type.Object(
  {
    book: Type.String({ minLength: 1, maxLength: 80, description: 'The id of the book.' }),
    number: Type.Optional(Type.String({ maxLength: 20, description: 'Its number in the book: "12", "3b".' })),
    page: Type.Optional(Type.Integer({ minimum: 1, maximum: 9999, description: 'The page on which it begins.' })),
    excerpt: Type.Optional(
      Type.Literal(true, { description: 'It is only a part, or a drill, that was taken out of the piece in the book.' }),
    ),
  },
  { additionalProperties: false },
);

/** The document of a piece: a brief under a name, and the line as the teacher typed it, if it is one. */
export const piece = documentKind({
  kind: 'piece',
  plural: 'pieces',
  version: 3,
  fields: {
    name: Type.String({ maxLength: 120 }),
    brief: Brief,
    lineText: Type.Optional(Type.String({ maxLength: 400_000, description: 'The line as typed, with its mistakes.' })),
    drill: Type.Optional(DrillOrigin),
    tags: Type.Optional(Type.Array(Type.String({ minLength: 1, maxLength: 40 }), { maxItems: 12, description: 'Words to find it by.' })),
    inBook: Type.Optional(PlaceInBook),
    sheet: Type.Optional(SheetChoices),
  },
  // The second version has chords of three notes.
  upgrades: { 1: asItIs, 2: keepUnknownFields },
});

/** The document of an instrument of the studio, as measured. */
export const instrument = documentKind({
  kind: 'instrument',
  plural: 'instruments',
  version: 2,
  fields: { name: Name, instrument: InstrumentSpec },
  upgrades: { 1: keepUnknownFields },
});

/** The document of a player of the studio: hand, school, known positions and purpose. */
export const player = documentKind({
  kind: 'player',
  plural: 'players',
  version: 2,
  fields: { name: Name, profile: PlayerProfile, sheet: Type.Optional(SheetChoices) },
  upgrades: { 1: keepUnknownFields },
});

/** The document of a school: how a teacher of the studio teaches. */
export const school = documentKind({
  kind: 'school',
  plural: 'schools',
  version: 2,
  fields: { name: Name, school: School, sheet: Type.Optional(SheetChoices) },
  upgrades: { 1: keepUnknownFields },
});

/** The document of how far a player is with shifts, stage by stage, as the teacher sets it. Shifts are named by their class. */
export const stages = documentKind({
  kind: 'stages',
  plural: 'stages',
  version: 2,
  fields: {
    name: Name,
    shifts: Type.Array(
      Type.Object(
        {
          shift: Type.String({ maxLength: 80, description: 'The name of the class of shifts.' }),
          states: Type.Array(Type.Object({ stage: oneOf(STAGES), state: oneOf(STAGE_STATES) }, { additionalProperties: false }), {
            maxItems: STAGES.length,
          }),
        },
        { additionalProperties: false },
      ),
      { maxItems: 5000 },
    ),
  },
  upgrades: { 1: keepUnknownFields },
});

/** The document of a practice session: its aim as its name, the check at its end, and its items. */
export const session = documentKind({
  kind: 'session',
  plural: 'sessions',
  version: 2,
  fields: { name: Name, day: Day, ...SESSION_FIELDS },
  upgrades: { 1: keepUnknownFields },
});

/** The document of how the weeks of a player are planned: minutes a day, days off, a date, and the items to practise. */
export const week = documentKind({
  kind: 'week',
  plural: 'weeks',
  version: 3,
  fields: { name: Name, ...WEEK_FIELDS },
  // The third version knows days in the order of the music.
  upgrades: { 1: keepUnknownFields, 2: asItIs },
});

/** The document of a book: etudes and pieces that a teacher brought in, under a name. They say themselves where they stand in it. */
export const book = documentKind({
  kind: 'book',
  plural: 'books',
  version: 1,
  fields: {
    name: Name,
    about: Type.Optional(Type.String({ maxLength: 2000, description: 'What it is, in the words of the teacher.' })),
    mayBeGiven: Type.Optional(Type.Boolean({ description: 'Whether its music may go to pupils in assignments.' })),
  },
  upgrades: {},
});

/** The document of a page of a log: the practice of one player on one day. Entries are only ever added. */
export const log = documentKind({
  kind: 'log',
  plural: 'logs',
  version: 5,
  fields: { name: Name, day: Day, entries: Type.Array(LogEntry, { maxItems: MOST_ENTRIES }) },
  // The second version states the order of entries where the clock does not, the fourth knows misses that were not said, the
  // fifth takes.
  upgrades: { 1: asItIs, 2: keepUnknownFields, 3: asItIs, 4: asItIs },
});

/** Every kind of document, by its name. Files, tables, checks, schemas and demo data are derived from this list. */
export const DOCUMENT_KINDS = { piece, instrument, player, school, stages, session, week, log, book } as const;

/** The name of a kind. */
export type DocumentName = keyof typeof DOCUMENT_KINDS;

/** A document of a kind. */
export type DocumentOf<Name extends DocumentName> = Static<(typeof DOCUMENT_KINDS)[Name]['schema']>;

/** A piece as a file carries it. */
export type Piece = DocumentOf<'piece'>;

/** An instrument of the studio, as measured. */
export type InstrumentDocument = DocumentOf<'instrument'>;

/** A player of the studio: hand, school, known positions and purpose. */
export type PlayerDocument = DocumentOf<'player'>;

/** A school: how a teacher of the studio teaches. */
export type SchoolDocument = DocumentOf<'school'>;

/** The stages that a player has reached with shifts. */
export type StagesDocument = DocumentOf<'stages'>;

/** A practice session. */
export type SessionDocument = DocumentOf<'session'>;

/** The plan of a player's weeks. */
export type WeekDocument = DocumentOf<'week'>;

/** A page of a log. */
export type LogDocument = DocumentOf<'log'>;

/** A book of a teacher's. */
export type BookDocument = DocumentOf<'book'>;

/** The name of a schema that incoming data is checked against: documents, and briefs by themselves. */
export type CheckedName = DocumentName | 'brief';

/** The value that passes the check of a schema's name. */
export type Checked = { readonly [Name in DocumentName]: DocumentOf<Name> } & { readonly brief: Brief };

/** The names of all schemas, as they are served. */
export const SCHEMA_NAMES: readonly string[] = ['brief', ...Object.keys(DOCUMENT_KINDS)];

/** Finds the schema of a document, or of a brief by itself; null for an unknown name. */
export function schemaNamed(name: string): TSchema | null {
  if (name === 'brief') return Brief;
  return Object.values(DOCUMENT_KINDS).find(({ kind }) => kind === name)?.schema ?? null;
}

/** The names of all kinds of documents. */
export const DOCUMENT_NAMES: readonly DocumentName[] = Object.values(DOCUMENT_KINDS).map(({ kind }) => kind);

/** Some documents of each kind. */
export type Documents = { readonly [Name in DocumentName]: readonly DocumentOf<Name>[] };
