import { dequal } from 'dequal';
import type { Brief } from '#core/brief';
import { withInstrumentSpec, withProfile, withSchool } from '#core/brief/edits';
import type { DocumentName } from '#core/documents';
import { database } from '../database/index.ts';
import type { InstrumentRecord, PieceRecord, PlayerRecord, RecordOf, SchoolRecord, Uses } from '../../records/record.ts';
import { profileOf, schoolOf } from '../../records/for-briefs.ts';
import { isDocumentOfNewer } from '../reading/index.ts';
import { THIS_TAB } from '../../records/this-tab.ts';

/** A piece while it is changed in its table. */
type Changing = { -readonly [Field in keyof PieceRecord]: PieceRecord[Field] };

/** A change of the pieces when a record of a kind is written; `before` is the record as it was. */
type Followers = { readonly [Name in DocumentName]: (record: RecordOf<Name>, before: RecordOf<Name> | null) => Promise<void> };

const FOLLOWERS: Followers = {
  piece: async () => undefined,
  instrument: async ({ id, document }: InstrumentRecord) =>
    await follow('instrumentId', id, (brief) => withInstrumentSpec(brief, document.instrument)),
  player: async ({ id, document, schoolId }: PlayerRecord, before: PlayerRecord | null) => {
    await follow('playerId', id, (brief) => withProfile(brief, profileOf(document), before ? profileOf(before.document) : null));
    if (before?.schoolId !== schoolId) await teach(id, schoolId);
  },
  school: async ({ id, document }: SchoolRecord) => await follow('schoolId', id, (brief) => withSchool(brief, schoolOf(document))),
  stages: async () => undefined,
  session: async () => undefined,
  week: async () => undefined,
  log: async () => undefined,
  book: async () => undefined,
};

/** Lets the pieces follow a record of the studio that is written; they remember their state until the teacher has looked. */
export async function piecesFollow<Name extends DocumentName>(
  name: Name,
  record: RecordOf<Name>,
  before: RecordOf<Name> | null,
): Promise<void> {
  await FOLLOWERS[name](record, before);
}

/** Lets the pieces of a player follow another school, or none. */
async function teach(playerId: string, schoolId: string | null): Promise<void> {
  const school = schoolId === null ? undefined : await database.schools.get(schoolId);
  await follow('playerId', playerId, (brief) => withSchool(brief, school ? schoolOf(school.document) : null));
  await changePieces('playerId', playerId, (piece) => {
    piece.schoolId = schoolId;
  });
}

async function follow(field: keyof Uses, id: string, change: (brief: Brief) => Brief): Promise<void> {
  await changePieces(field, id, (piece) => {
    const { brief } = piece.document;
    const next = change(brief);
    if (dequal(next, brief)) return;
    // Tapes change no fingering, so there is nothing for the teacher to look at.
    if (!dequal(withoutTapes(next), withoutTapes(brief))) piece.changed = { before: piece.changed?.before ?? brief };
    piece.document = { ...piece.document, brief: next };
  });
}

function withoutTapes({ instrument: { tapes: _, ...instrument }, ...brief }: Brief): Brief {
  return { ...brief, instrument };
}

/**
 * Changes pieces, but for those of a newer version, which stay as they are. A page that has such a piece on its bench learns from the
 * revision that it was changed.
 */
async function changePieces(field: keyof Uses, id: string, change: (piece: Changing) => void): Promise<void> {
  await database.pieces
    .filter((piece) => piece[field] === id && !isDocumentOfNewer('piece', piece.document))
    .modify((piece: Changing) => {
      change(piece);
      piece.revision += 1;
      if (piece.writtenBy !== THIS_TAB) piece.writtenBy = null;
    });
}
