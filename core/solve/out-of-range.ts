import type { Task } from '#core/brief';
import { stringOf, writtenPitch } from '#core/instrument';
import { type Issue, rangeIssue } from '#core/messages';
import { displayPitch, type Pitch, pitchAt, semitonesOf } from '#core/pitch';
import { allPlacements } from '#core/search/candidates';

/** Finds why a note lies on no string, or above what any finger of the school reaches; and the octave in which the line would fit. */
export function outOfRange(task: Task, pitch: Pitch): Issue {
  const lowest = stringOf(task.instrument, task.instrument.strings.length - 1);
  return semitonesOf(pitch) < lowest.semitones ? belowStrings(task, pitch) : aboveSchool(task, pitch, lowest.semitones);
}

/** Names a pitch as the player reads it. */
export function readName({ instrument }: Task, pitch: Pitch): string {
  return displayPitch(writtenPitch(instrument.kind, pitch));
}

function belowStrings(task: Task, pitch: Pitch): Issue {
  const { instrument } = task;
  const lowest = stringOf(instrument, instrument.strings.length - 1);
  const below = soundingPitches(task).filter((other) => semitonesOf(other) < lowest.semitones);
  const worst = below.reduce((low, other) => (semitonesOf(other) < semitonesOf(low) ? other : low), pitch);
  return rangeIssue('below-strings', {
    pitch: readName(task, worst),
    count: below.length,
    lowest: readName(task, lowest.open),
    kind: instrument.kind,
    octavesUp: Math.ceil((lowest.semitones - semitonesOf(worst)) / 12),
  });
}

/** Reports a note above the school; an octave lower helps only where the whole line still lies on the strings. */
function aboveSchool(task: Task, pitch: Pitch, lowestSemitones: number): Issue {
  const highest = highestReached(task);
  const octaves = Math.ceil((semitonesOf(pitch) - semitonesOf(highest)) / 12);
  const fits = soundingPitches(task).every((other) => semitonesOf(other) - 12 * octaves >= lowestSemitones);
  return rangeIssue('above-school', {
    pitch: readName(task, pitch),
    highest: readName(task, highest),
    kind: task.instrument.kind,
    octavesDown: fits ? octaves : 0,
  });
}

/** Finds the highest note for which the hand has a placement, spelled with a sharp where it needs one. */
function highestReached({ instrument, hand, keyed }: Task): Pitch {
  const top = stringOf(instrument, 0);
  const board = { instrument, hand, keyed, highestAnchor: hand.highestAnchor };
  for (let above = instrument.highestSemitone; above > 0; above -= 1) {
    const pitch = plainPitch(top.semitones + above);
    if (allPlacements(board, { pitch, upper: null, top: null, chromatic: false, harmonics: 'none', wide: false, other: null }).length > 0)
      return pitch;
  }
  return top.open;
}

function plainPitch(semitones: number): Pitch {
  for (let steps = Math.floor((semitones * 7) / 12) + 1; ; steps -= 1) {
    const pitch = pitchAt(steps, semitones);
    if (pitch && (pitch.alteration === 0 || pitch.alteration === 1)) return pitch;
  }
}

function soundingPitches({ line }: Task): readonly Pitch[] {
  return line.notes.flatMap((note) => (note.kind === 'note' ? [note.pitch] : []));
}
