export { type Aim, aimsIn } from './aims.ts';
export { cleanTempo, triedShifts } from './at-shifts.ts';
export {
  asCorrected,
  type Done,
  workIn,
  entriesOfTeacher,
  lastLesson,
  missCounts,
  type MissedNote,
  missedNotes,
  noteMissed,
  missesOf,
  ofKind,
  type SetByTeacher,
  setIn,
  setsOf,
} from './counted.ts';
export { type EntryOf, LARGEST_FILE, LAST_MOMENT, LogEntry, type LogWhat, MOST_ENTRIES, PosturePoint, type Prompt } from './entry.ts';
export { mergedEntries } from './merged.ts';
export { inOrder, orderOf } from './order.ts';
export { logTable } from './table.ts';
