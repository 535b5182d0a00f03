import { dequal } from 'dequal';
import { type Fields, isFields } from '../read-record.ts';

/** What belongs to the notes of a piece and only makes sense with them: they come from one side or the other, together. */
const WITH_THE_NOTES = ['material', 'locks', 'marks', 'stretches'] as const;

/**
 * One value of two that were changed at once from the same base: field by field what was changed, and where both changed
 * the same field, `mine`. Lists come whole.
 */
export function joined(base: unknown, mine: unknown, theirs: unknown): unknown {
  if (dequal(mine, base)) return theirs;
  if (dequal(theirs, base) || !isFields(base) || !isFields(mine) || !isFields(theirs)) return mine;
  const names = new Set([...Object.keys(mine), ...Object.keys(theirs)]);
  const fields = [...names].map((name) => [name, joined(base[name], mine[name], theirs[name])] as const);
  return Object.fromEntries(fields.filter(([, value]) => value !== undefined));
}

/** The same for the document of a piece, whose notes, locks and marks stay together. */
export function joinedPiece(base: unknown, mine: unknown, theirs: unknown): unknown {
  const kept =
    isFields(mine) && isFields(base) && !dequal(notesOf(mine), notesOf(base)) && isFields(theirs) ? withNotesOf(mine, theirs) : theirs;
  return joined(base, mine, kept);
}

function notesOf(piece: Fields): Fields {
  const brief = isFields(piece['brief']) ? piece['brief'] : {};
  return { lineText: piece['lineText'], ...Object.fromEntries(WITH_THE_NOTES.map((name) => [name, brief[name]])) };
}

function withNotesOf(piece: Fields, other: Fields): Fields {
  const { lineText, ...notes } = notesOf(piece);
  return { ...other, lineText, brief: { ...(isFields(other['brief']) ? other['brief'] : {}), ...notes } };
}
