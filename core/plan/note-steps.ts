import type { Placement } from '#core/hand';
import { asNumber, type LineNote, subtractFractions } from '#core/material';
import { formatPitch } from '#core/pitch';
import { allPlacements, candidatesFor, type Gap, highestUsefulAnchor, type LatticeNote } from '#core/search';
import type { Task } from './read-brief.ts';

/** A sounding note of the line, its place in it, and its candidates. */
export interface NoteStep extends LatticeNote {
  /** Index in the line, where rests count. */
  readonly index: number;
}

type Sounding = Extract<LineNote, { kind: 'note' }>;

/** The sounding notes of the line with the placements that limits and locks leave; equal notes share one array. */
export function noteSteps(task: Task): readonly NoteStep[] {
  const sounding = task.line.notes.flatMap((note, index) => (note.kind === 'note' ? [{ note, index }] : []));
  const highest = usefulAnchor(
    task,
    sounding.map(({ note }) => note),
  );
  const shared = new Map<string, readonly Placement[]>();
  return sounding.map(({ note, index }, order) => {
    const before = sounding[order - 1];
    const lock = task.locks.get(index) ?? null;
    const first = order === 0;
    const key = `${formatPitch(note.pitch)} ${lock === null ? '' : JSON.stringify(lock)} ${first}`;
    const candidates =
      shared.get(key) ?? candidatesFor(task.hand, allPlacements(task.instrument, task.hand, note.pitch, highest), task.limits, lock, first);
    shared.set(key, candidates);
    return { index, candidates, gap: before ? gapBetween(task, before.note, note, index - before.index > 1) : null };
  });
}

/** How high the hand may go for this line. */
export function usefulAnchor(task: Task, notes: readonly Sounding[]): number {
  return highestUsefulAnchor(
    task.instrument,
    task.hand,
    notes.map((note) => note.pitch),
    task.limits,
    task.locks.size > 0,
  );
}

function gapBetween(task: Task, before: Sounding, note: Sounding, rest: boolean): Gap {
  const quarters = 4 * asNumber(subtractFractions(note.onset, before.onset));
  return { rest, slurred: before.slurredToNext && !rest, seconds: task.tempo === null ? null : (quarters * 60) / task.tempo };
}
