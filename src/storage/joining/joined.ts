import { dequal } from 'dequal';
import { type Fields, isFields } from '../reading/index.ts';
import { joinList } from './joined-lists.ts';
import type { Twice } from './twice.ts';

/** The fields that belong to the notes of a piece and only make sense with them: they come from one side or the other, together. */
const WITH_THE_NOTES = ['material', 'locks', 'marks', 'stretches'] as const;

/**
 * Joins two values that were changed at once: field by field the one that was changed, and where both changed the same field, the one that
 * counts. Lists come item by item or whole, by the field they stand in. A change that the first page has made and taken back again is a
 * change as well. Without a base both were made at once, from nothing.
 */
export function joinValues({ bases, here, there, counts }: Twice<unknown>, field = ''): unknown {
  if (bases.length > 0 && bases.every((base) => dequal(base, here))) return there;
  if (bases.some((base) => dequal(base, there))) return here;
  const list = joinList(field, { bases, here, there, counts }, joinValues);
  if (list !== null) return list;
  // A value that was not there before had nothing in it.
  const before = bases.map((base) => base ?? (base === undefined ? {} : null));
  if (!isFields(here) || !isFields(there) || !before.every(isFields)) return counts === 'here' ? here : there;
  const names = new Set([...Object.keys(here), ...Object.keys(there)]);
  const fields = [...names].map((name) => {
    const was = before.map((base) => base[name]);
    return [name, joinValues({ bases: was, here: here[name], there: there[name], counts }, name)] as const;
  });
  return Object.fromEntries(fields.filter(([, value]) => value !== undefined));
}

/** Joins the document of a piece, whose notes, locks and marks stay together. */
export function joinPiece(twice: Twice<unknown>): unknown {
  return joinValues(withNotesTogether(twice));
}

/** The other fields come with the notes where the side that counts has changed its notes. */
function withNotesTogether(twice: Twice<unknown>): Twice<unknown> {
  const { bases, here, there, counts } = twice;
  if (!isFields(here) || !isFields(there) || !bases.every(isFields)) return twice;
  const notes = bases.map(notesOf);
  if (counts === 'here' && notes.some((was) => !dequal(was, notesOf(here)))) return { ...twice, there: withNotesOf(here, there) };
  if (counts === 'there' && notes.every((was) => !dequal(was, notesOf(there)))) return { ...twice, here: withNotesOf(there, here) };
  return twice;
}

function notesOf(piece: Fields): Fields {
  const brief = isFields(piece['brief']) ? piece['brief'] : {};
  return { lineText: piece['lineText'], ...Object.fromEntries(WITH_THE_NOTES.map((name) => [name, brief[name]])) };
}

function withNotesOf(piece: Fields, other: Fields): Fields {
  const { lineText, ...notes } = notesOf(piece);
  return { ...other, lineText, brief: { ...(isFields(other['brief']) ? other['brief'] : {}), ...notes } };
}
