export { type Cap, capsOf, type Strain, strictest, USUAL_REST } from './caps.ts';
export { beatAt, type BeatNow, type Click, clicksBetween, type Metronome } from './clock.ts';
export { Day, dayNumber, dayOfNumber, weekdayOf } from './day.ts';
export { type Faded, fadedAfter, FadingCourse, type Fading, type Help, HELPS, usualCourse } from './fading/course.ts';
export { groupsOf, type NoteGroup } from './groups.ts';
export {
  Along,
  type Grouping,
  GROUPINGS,
  MODELS,
  MOST_IN_SESSION,
  PLAIN_ALONG,
  PracticeItem,
  type PracticePart,
  Practised,
  practisedKey,
  SESSION_FIELDS,
  SUBDIVISIONS,
} from './item.ts';
export {
  afterSet,
  AT_THE_FOOT,
  Ladder,
  LADDER_RULES,
  ladderTo,
  type OnLadder,
  type Rung,
  rungsOf,
  secondsOfLadder,
  secondsOfRun,
} from './ladder/ladder.ts';
export { cleanTempo, triedShifts } from './log/at-shifts.ts';
export {
  asCorrected,
  type Done,
  doneIn,
  entriesOfTeacher,
  lastLesson,
  missCounts,
  type MissedNote,
  missedNotes,
  missesOf,
  ofKind,
  type SetByTeacher,
  setIn,
  setsOf,
} from './log/counted.ts';
export {
  type EntryKind,
  type EntryOf,
  LARGEST_FILE,
  LAST_MOMENT,
  LogEntry,
  type LogWhat,
  MOST_ENTRIES,
  type Miss,
  MISSES,
  PosturePoint,
  type Prompt,
  PROMPTS,
} from './log/entry.ts';
export { mergedEntries } from './log/merged.ts';
export { inOrder, orderOf } from './log/order.ts';
export { LOG_COLUMNS, logRows, type LogRow } from './log/table.ts';
export { modelOf, voicesApart } from './model.ts';
export { groupsOfItem, notesOfPart, runItem } from './run/run-item.ts';
export {
  itemOf,
  missedAs,
  pressed,
  type Pressed,
  type RunItem,
  rungOf,
  type SessionLeft,
  type SessionRun,
  sessionRun,
  type Signal,
  type Step,
} from './run/run.ts';
export { heardWhole, type InHand, soundingAt, type PracticeSound } from './run/sounding.ts';
export { goodSoFar, mostTries, SET_RULES, SetRule, type SetStanding, setStanding, USUAL_SET, wantedOf } from './set.ts';
export { FASTEST_CLICK, SLOWEST_CLICK, tappedTempo } from './tapped.ts';
export { FIRST_TOLERANCE, proposedTolerance, type ToleranceSoFar } from './tolerance.ts';
export { type Turns, turnsOf } from './turns.ts';
