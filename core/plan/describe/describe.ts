import { type Task, taskAt } from '#core/brief';
import type { StringStop } from '#core/hand/placement';
import type { PositionName } from '#core/hand';
import { mmFromNut } from '#core/instrument/geometry';
import { stringOf, writtenOnString } from '#core/instrument';
import { formatPitch, type Pitch, pitchAt, stepsOf } from '#core/pitch';
import { pitchInKey } from '#core/key';
import { handBreaks, type PlacedNote, placedNotes, type Solved } from '#core/solve';
import { costBreakdown } from './cost-breakdown.ts';
import { landmarksOf } from './landmarks.ts';
import { positionsIn } from './position-of.ts';
import { shiftsOf } from './shifts/shifts.ts';
import { diagonalsOf } from './stays/diagonals.ts';
import { firstFingers } from './stays/first-finger.ts';
import { standsOutside } from './stays/outside-rest.ts';
import { setDownsOf } from './stays/patterns.ts';
import { plannedReach } from './stays/planned-reach.ts';
import { staysOf } from './stays/stays.ts';
import type { Plan } from './types/plan.ts';
import type { Stay } from './types/stay.ts';
import type { Partner, PlannedNote, PlannedSound, Stop } from './types/stop.ts';

/** Describes a chosen way: everything that a player wants to know of it. */
export function describe(solved: Solved): Plan {
  const { task } = solved;
  const placed = placedNotes(solved);
  const stays = staysOf(task, placed);
  const positions = positionsIn(task, placed, stays);
  return {
    brief: task.brief,
    line: task.line,
    strings: task.instrument.strings.map(({ number, name }) => ({ number, name })),
    stringLengthMm: task.instrument.stringLengthMm,
    notes: plannedNotes(task, placed, { stays, positions }),
    shifts: shiftsOf(task, placed, positions),
    stays,
    setDowns: setDownsOf(task, placed),
    landmarks: landmarksOf(task, placed, positions),
    notOneHand: notOneHand(task, placed),
    cost: costBreakdown(task, placed),
  };
}

/** Only notes that a teacher has locked can need more than one hand: the engine's own fingerings never do. */
function notOneHand({ hand, locks }: Task, placed: readonly PlacedNote[]): Plan['notOneHand'] {
  if (locks.size === 0) return [];
  const breaks = handBreaks(
    hand,
    placed.map(({ placement }) => placement),
  );
  return breaks.flatMap(({ from, to, kind }) => {
    const [earlier, later] = [placed[from], placed[to]];
    return earlier && later ? [{ from: earlier.index, to: later.index, kind }] : [];
  });
}

function plannedNotes(
  task: Task,
  placed: readonly PlacedNote[],
  { stays, positions }: { readonly stays: readonly Stay[]; readonly positions: (index: number) => PositionName },
): readonly PlannedNote[] {
  const firsts = firstFingers(task, placed);
  const diagonals = diagonalsOf(task, placed);
  const begins = new Set(stays.map((stay) => stay.from));
  const order = new Map(placed.map((note, position) => [note.index, position]));
  const at = taskAt(task);
  return task.line.notes.map((_, index): PlannedNote => {
    const position = order.get(index);
    const note = position === undefined ? undefined : placed[position];
    if (!note || position === undefined) return { kind: 'rest' };
    const { placement } = note;
    return {
      kind: 'note',
      stops: stopsOf(task, note),
      partner: partnerOf(at(index), note),
      anchor: placement.anchor,
      shape: placement.shape,
      position: positions(index),
      firstFinger: firsts[position] ?? null,
      diagonal: diagonals[position] ?? null,
      fingerPlace: task.hand.fingerPlace(placement),
      extended: standsOutside(placement),
      beginsStay: begins.has(index),
      changesString: placed[position - 1]?.placement.stringIndex !== placement.stringIndex,
      locked: task.locks.has(index),
      reach: plannedReach(task, note, placed[position - 1]),
    };
  });
}

function stopsOf(task: Task, { note, placement }: PlacedNote): PlannedSound['stops'] {
  const lower = stopOf(task, note.pitch, placement);
  if (!note.upper || !placement.upper) return [lower];
  const upper = stopOf(task, note.upper, placement.upper);
  return note.top && placement.top ? [lower, upper, stopOf(task, note.top, placement.top)] : [lower, upper];
}

/** Describes the partner of a note; the touch of a stopped harmonic is named by the note that lies there. */
function partnerOf(task: Task, { note, placement }: PlacedNote): Partner | null {
  const { partner } = placement;
  if (partner === null) return null;
  if (note.ornament) return { ...stopOf(task, note.ornament.other, partner), does: note.ornament.kind };
  const touched = pitchOnString(task, partner);
  return { ...stopOf(task, touched, partner), does: 'touches' };
}

/** Spells a place on a string as its note is spelled, or as the key spells it where that would need a threefold accidental. */
function pitchOnString({ instrument, key }: Task, { stringIndex, semitonesAboveOpen, letterSteps }: StringStop): Pitch {
  const { open, semitones } = stringOf(instrument, stringIndex);
  return pitchAt(stepsOf(open) + letterSteps, semitones + semitonesAboveOpen) ?? pitchInKey(semitones + semitonesAboveOpen, key);
}

function stopOf(task: Task, pitch: Pitch, stop: StringStop): Stop {
  const string = stringOf(task.instrument, stop.stringIndex);
  return {
    pitch: formatPitch(pitch),
    written: formatPitch(writtenOnString(task.instrument, stop.stringIndex, pitch)),
    string: string.number,
    open: string.name,
    finger: stop.finger,
    semitonesAboveOpen: stop.semitonesAboveOpen,
    mmFromNut: mmFromNut(task.instrument.stringLengthMm, stop.semitonesAboveOpen),
    harmonic: stop.harmonic,
  };
}
