import { type Task, taskAt } from '#core/brief';
import { isShift, type Placement, stopsIn } from '#core/hand/placement';
import { mmFromNut } from '#core/instrument/geometry';
import type { PlacedNote } from '#core/solve';
import { namingPlacement, positionOf } from '../position-of.ts';
import type { Covered, Stay } from '../types/stay.ts';
import { acrossStrings, patternsOf } from './patterns.ts';
import { plannedReach, widestReach } from './planned-reach.ts';

/**
 * Cuts the line where the hand shifts. A shift during an open string counts from the next stopped note, so the open string belongs to the
 * stay before it. A stay is described in the key in which it begins. The part of the string under the hand is that of all shapes used in
 * the stay.
 */
export function staysOf(task: Task, placed: readonly PlacedNote[]): readonly Stay[] {
  const groups: PlacedNote[][] = [];
  let last: PlacedNote | null = null;
  for (const note of placed) {
    const stops = stopsIn(note.placement).length > 0;
    const group = groups[groups.length - 1];
    if (!group || (stops && last && isShift(last.placement, note.placement))) groups.push([note]);
    else group.push(note);
    if (stops) last = note;
  }
  const at = taskAt(task);
  return groups.flatMap((group) => stayOf(at(group[0]?.index ?? 0), group));
}

function stayOf(task: Task, group: readonly PlacedNote[]): readonly Stay[] {
  const first = group[0];
  const last = group[group.length - 1];
  if (!first || !last) return [];
  const stopped = group.filter(({ placement }) => stopsIn(placement).length > 0);
  const own = namingPlacement(stopped.map(({ placement }) => placement)) ?? first.placement;
  const frames = (stopped.length > 0 ? stopped : group).map((note) => task.hand.frameOf(note.placement));
  const lowestSemitone = Math.min(...frames.map((frame) => frame.lowest));
  const highestSemitone = Math.max(...frames.map((frame) => frame.highest));
  const patterns = patternsOf(task, group);
  const mmAt = (semitones: number): number => mmFromNut(task.instrument.stringLengthMm, semitones);
  return [
    {
      from: first.index,
      to: last.index,
      position: positionOf(task, own),
      lowestSemitone,
      highestSemitone,
      lowestMm: mmAt(lowestSemitone),
      highestMm: mmAt(highestSemitone),
      firstFingerSemitone: own.firstFinger,
      firstFingerMm: mmAt(own.firstFinger),
      patterns,
      acrossStrings: acrossStrings(patterns),
      lowFirst: lowFirstOn(task, own, stopped),
      reach: widestReach(group.map((note, index) => plannedReach(task, note, group[index - 1]))),
      covers: coverOf(stopped, mmAt),
    },
  ];
}

/**
 * Lists the strings played on which the first finger of a position stands a semitone below its plain place, because the key has it there.
 */
function lowFirstOn({ hand, instrument, keyed }: Task, own: Placement, stopped: readonly PlacedNote[]): readonly string[] {
  if (own.letterPosition === null) return [];
  const played = new Set(stopped.flatMap(({ placement }) => stopsIn(placement).map(({ stringIndex }) => stringIndex)));
  return instrument.strings.flatMap(({ name }, stringIndex) => {
    const place = played.has(stringIndex) ? hand.standsAt('1', own, { stringIndex, keyed }) : null;
    if (place === null) return [];
    const first = { ...own, finger: '1', stringIndex, anchor: place, semitonesAboveOpen: place } as const;
    return hand.fingerPlace(first) === 'low' ? [name] : [];
  });
}

/** Gives the stretch of string from the lowest to the highest place that is stopped. */
function coverOf(stopped: readonly PlacedNote[], mmAt: (semitones: number) => number): Covered | null {
  const places = stopped.flatMap(({ placement }) => stopsIn(placement).map((stop) => stop.semitonesAboveOpen));
  if (places.length === 0) return null;
  const [lowest, highest] = [Math.min(...places), Math.max(...places)];
  return { lowest, highest, mm: mmAt(highest) - mmAt(lowest) };
}
