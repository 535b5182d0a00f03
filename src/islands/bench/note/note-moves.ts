import { BOW_DIRECTIONS, type Lock } from '#core/brief';
import { lockOf } from '#core/brief/locks';
import type { PitchMove } from '#core/brief/lines';
import type { Finger } from '#core/hand/placement';
import type { Plan } from '#core/plan/describe';
import { engine } from '../../../engine/index.ts';
import { adoptAlternative, insertAfter, lockPassage, movePitches, removeNotes, unlock, writeMark } from '../../../state/edits/index.ts';
import { overlay, wishFor } from '../../../state/planning-actions.ts';
import { overlaidOf, planningStore, planShown } from '../../../state/planning.ts';
import { dropPassage, select, selectionStore, selectTo, type Passage, passageOf } from '../../../state/selection.ts';

/** The effects of keys and commands on the selected note or passage. Each does nothing where nothing is selected. */
export const noteMoves = {
  next: () => step(1, false),
  previous: () => step(-1, false),
  extendForward: () => step(1, true),
  extendBack: () => step(-1, true),
  first: () => selectSounding(0),
  last: () => selectSounding(-1),
  higherString: () => changeString(-1),
  lowerString: () => changeString(1),
  wishFinger,
  toggleLock,
  nextShift,
  overlayNext,
  adoptOverlaid,
  letterUp: () => moveSelected({ by: 'letter', up: true }),
  letterDown: () => moveSelected({ by: 'letter', up: false }),
  semitoneUp: () => moveSelected({ by: 'semitone', up: true }),
  semitoneDown: () => moveSelected({ by: 'semitone', up: false }),
  nextBowSign,
  insert: () => withSelected((note) => insertAfter(note, 'note')),
  remove: () => withPassage(removeNotes),
  clear,
} as const;

function selectedNote(): number | null {
  return selectionStore.getState().selected;
}

function selectedPassage(): Passage | null {
  return passageOf(selectionStore.getState());
}

function wish(lock: Lock): void {
  void wishFor(lock);
}

function withSelected(what: (note: number, plan: Plan) => void): void {
  const note = selectedNote();
  const plan = planShown();
  if (plan && note !== null && plan.notes[note]?.kind === 'note') what(note, plan);
}

/** Does something with the selected passage, or the selected note as one. */
function withPassage(what: (passage: Passage) => void): void {
  const note = selectedNote();
  if (note !== null) what(selectedPassage() ?? { from: note, to: note });
}

function sounding(plan: Plan): readonly number[] {
  return plan.notes.flatMap((note, index) => (note.kind === 'note' ? [index] : []));
}

function step(by: 1 | -1, extend: boolean): void {
  const plan = planShown();
  if (!plan) return;
  const selected = selectedNote();
  const notes = sounding(plan);
  const place = selected === null ? -1 : notes.indexOf(selected);
  const next = place === -1 ? notes[0] : notes[place + by];
  if (next === undefined) return;
  if (extend) selectTo(next);
  else select(next);
}

function selectSounding(at: number): void {
  const plan = planShown();
  const note = plan && sounding(plan).at(at);
  if (note !== null && note !== undefined) select(note);
}

/** The result is false where no note is selected. */
function wishFinger(finger: Finger): boolean {
  const note = selectedNote();
  if (note !== null) wish({ note, finger });
  return note !== null;
}

/** Takes the note to the next string on which any finger of this hand plays it, within the limits. */
function changeString(by: 1 | -1): void {
  withSelected((selected, plan) => {
    const note = plan.notes[selected];
    if (note?.kind !== 'note') return;
    const here = note.stops[0].open;
    void engine.ask(plan.brief, { kind: 'ways', note: selected }).then((ways) => {
      if (!ways.ok) return;
      const strings = [...new Set(ways.value.filter((way) => way.allowed).map((way) => way.open))];
      const next = strings[strings.indexOf(here) + by];
      if (next !== undefined) wish({ note: selected, string: next });
    });
  });
}

/** Locks a passage as it is, unless all of it is locked already. */
function toggleLock(): void {
  const plan = planShown();
  const passage = selectedPassage();
  if (!plan) return;
  if (passage) {
    const locked = plan.notes.slice(passage.from, passage.to + 1).every((note) => note.kind === 'rest' || note.locked);
    return lockPassage(passage, !locked);
  }
  withSelected((index) => {
    const note = plan.notes[index];
    if (note?.kind !== 'note') return;
    if (note.locked) unlock(index);
    else wish(lockOf(index, note));
  });
}

function nextShift(): void {
  const plan = planShown();
  const next = plan?.shifts.find((shift) => shift.to > (selectedNote() ?? -1)) ?? plan?.shifts[0];
  if (next) select(next.to);
}

/** Overlays one fingering after the other, and then none. */
function overlayNext(): void {
  const { others, overlaid, planSet } = planningStore.getState();
  if (!others || others.plan !== planSet?.best || others.found.length === 0) return;
  const next = (overlaid ?? -1) + 1;
  overlay(next < others.found.length ? next : null);
}

function adoptOverlaid(): void {
  const overlaid = overlaidOf(planningStore.getState());
  if (overlaid) adoptAlternative(overlaid, selectedPassage());
}

function moveSelected(move: PitchMove): void {
  withPassage((passage) => movePitches(passage, move));
}

function nextBowSign(): void {
  withSelected((note, plan) => {
    const now = plan.brief.marks?.find((mark) => mark.note === note)?.bow;
    const next = BOW_DIRECTIONS[now === undefined ? 0 : BOW_DIRECTIONS.indexOf(now) + 1] ?? null;
    writeMark(note, { bow: next });
  });
}

/** Clears the nearest thing first: the overlay, then the passage, then the note, so that the whole piece is the subject again. */
function clear(): void {
  if (planningStore.getState().overlaid !== null) overlay(null);
  else if (selectedPassage() !== null) dropPassage();
  else select(null);
}
