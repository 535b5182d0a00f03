import { BOW_DIRECTIONS, type Lock, lockOf, type Plan } from '#core/plan';
import { redo, select, selectTo, undo } from '../../store/bench-work.ts';
import { benchStore, laidOverOf, stretchOf } from '../../store/bench-store.ts';
import { act, actOnLine } from '../../store/change.ts';
import { advisor } from '../../workers/client.ts';

/** Everything a key or a command does to the selected note or stretch. Each does nothing where there is nothing to do it to. */
export const noteMoves = {
  next: () => step(1, false),
  previous: () => step(-1, false),
  extendForward: () => step(1, true),
  extendBack: () => step(-1, true),
  first: () => selectSounding(0),
  last: () => selectSounding(-1),
  higherString: () => changeString(-1),
  lowerString: () => changeString(1),
  toggleLock,
  nextShift,
  layNextOver,
  takeLaidOver,
  letterUp: () => movePitches('letter', true),
  letterDown: () => movePitches('letter', false),
  semitoneUp: () => movePitches('semitone', true),
  semitoneDown: () => movePitches('semitone', false),
  nextBowSign,
  insert: () => withSelected((note) => actOnLine((actions) => actions.insertAfter(note, 'note'))),
  remove: () => withStretch((stretch) => actOnLine((actions) => actions.removeNotes(stretch))),
  letGo,
  undo,
  redo,
} as const;

/** Wishes a finger or string for a note. */
export function wish(lock: Lock): void {
  act((actions) => actions.wishFor(lock));
}

function planNow(): Plan | null {
  return benchStore.getState().planSet?.best ?? null;
}

function withSelected(what: (note: number, plan: Plan) => void): void {
  const { selected } = benchStore.getState();
  const plan = planNow();
  if (plan && selected !== null && plan.notes[selected]?.kind === 'note') what(selected, plan);
}

/** The selected stretch, or the selected note as one. */
function withStretch(what: (stretch: { readonly from: number; readonly to: number }) => void): void {
  const { selected, stretchFrom } = benchStore.getState();
  if (selected === null) return;
  what(stretchOf({ selected, stretchFrom }) ?? { from: selected, to: selected });
}

function sounding(plan: Plan): readonly number[] {
  return plan.notes.flatMap((note, index) => (note.kind === 'note' ? [index] : []));
}

function step(by: 1 | -1, extend: boolean): void {
  const plan = planNow();
  if (!plan) return;
  const { selected } = benchStore.getState();
  const notes = sounding(plan);
  const place = selected === null ? -1 : notes.indexOf(selected);
  const next = place === -1 ? notes[0] : notes[place + by];
  if (next === undefined) return;
  if (extend) selectTo(next);
  else select(next);
}

function selectSounding(at: number): void {
  const plan = planNow();
  const note = plan && sounding(plan).at(at);
  if (note !== null && note !== undefined) select(note);
}

/** Takes the note to the next string on which any finger of this hand plays it, within the limits. */
function changeString(by: 1 | -1): void {
  withSelected((selected, plan) => {
    const note = plan.notes[selected];
    if (note?.kind !== 'note') return;
    const here = note.stops[0].open;
    void advisor.waysToPlay(plan.brief, selected).then((ways) => {
      if (!ways.ok) return;
      const strings = [...new Set(ways.value.filter((way) => way.allowed).map((way) => way.open))];
      const next = strings[strings.indexOf(here) + by];
      if (next !== undefined) wish({ note: selected, string: next });
    });
  });
}

/** A stretch is fixed as it is unless all of it is already. */
function toggleLock(): void {
  const plan = planNow();
  const { selected, stretchFrom } = benchStore.getState();
  const stretch = stretchOf({ selected, stretchFrom });
  if (!plan) return;
  if (stretch) {
    const fixed = plan.notes.slice(stretch.from, stretch.to + 1).every((note) => note.kind === 'rest' || note.locked);
    return act((actions) => actions.fixStretch(stretch, !fixed));
  }
  withSelected((index) => {
    const note = plan.notes[index];
    if (note?.kind !== 'note') return;
    if (note.locked) act((actions) => actions.unlock(index));
    else wish(lockOf(index, note));
  });
}

function nextShift(): void {
  const plan = planNow();
  const { selected } = benchStore.getState();
  const next = plan?.shifts.find((shift) => shift.to > (selected ?? -1)) ?? plan?.shifts[0];
  if (next) select(next.to);
}

/** One after the other, and then none. */
function layNextOver(): void {
  const { others, laidOver, planSet } = benchStore.getState();
  if (!others || others.plan !== planSet?.best || others.found.length === 0) return;
  const next = (laidOver ?? -1) + 1;
  benchStore.setState({ laidOver: next < others.found.length ? next : null });
}

function takeLaidOver(): void {
  const bench = benchStore.getState();
  const laidOver = laidOverOf(bench);
  if (laidOver) act((actions) => actions.takeAlternative(laidOver, stretchOf(bench)));
}

function movePitches(by: 'letter' | 'semitone', up: boolean): void {
  withStretch((stretch) => actOnLine((actions) => actions.movePitches(stretch, { by, up })));
}

function nextBowSign(): void {
  withSelected((note, plan) => {
    const now = plan.brief.marks?.find((mark) => mark.note === note)?.bow;
    const next = BOW_DIRECTIONS[now === undefined ? 0 : BOW_DIRECTIONS.indexOf(now) + 1] ?? null;
    actOnLine((actions) => actions.writeMark(note, { bow: next }));
  });
}

/** Of the nearest thing first: what is laid over, then the stretch. */
function letGo(): void {
  const { laidOver } = benchStore.getState();
  if (laidOver !== null) benchStore.setState({ laidOver: null });
  else benchStore.setState({ stretchFrom: null });
}
