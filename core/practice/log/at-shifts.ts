import type { Tried } from '#core/drill/hot-spots';
import type { Plan, Shift } from '#core/plan/describe';
import type { EntryOf, LogEntry } from './entry.ts';
import { asCorrected, ofKind } from './counted.ts';

/** The stages in which a shift is played in its rhythm: their speed and misses count for the line. */
const IN_RHYTHM: readonly string[] = ['rhythm', 'neighbours', 'measures'];

/** The smallest number of tries of which something is said. */
const ENOUGH = 5;

/** Finds the tries of a piece (by its id) in which a shift of its plan was played in rhythm. */
function triesOf(entries: readonly LogEntry[], piece: string, { from, to }: Pick<Shift, 'from' | 'to'>): readonly EntryOf<'attempt'>[] {
  return ofKind(asCorrected(entries), 'attempt').filter(({ practised }) => {
    if (practised.piece !== piece) return false;
    const { part } = practised;
    switch (part.part) {
      case 'whole':
        return true;
      case 'passage':
        return part.from <= from && to <= part.to;
      case 'stage':
        return part.note === to && IN_RHYTHM.includes(part.stage);
    }
  });
}

/** Finds the fastest tempo at which a shift was played clean, quarter notes a minute; null where it was not, or nothing is known of it. */
export function cleanTempo(entries: readonly LogEntry[], piece: string, shift: Pick<Shift, 'from' | 'to'>): number | null {
  const tempos = triesOf(entries, piece, shift).flatMap(({ miss, tempo }) => (miss === null && tempo !== null ? [tempo] : []));
  return tempos.length === 0 ? null : tempos.reduce((fastest, tempo) => Math.max(fastest, tempo));
}

/** Counts how often the shifts of a plan missed, those up and those down, by the tries that name a note; empty where the tries are few. */
export function triedShifts(entries: readonly LogEntry[], piece: string, plan: Plan): readonly Tried[] {
  return (['up', 'down'] as const).flatMap((way): readonly Tried[] => {
    const shifts = plan.shifts.filter(({ handSemitones }) => handSemitones > 0 === (way === 'up'));
    const counts = shifts.map((shift) => {
      const tries = triesOf(entries, piece, shift);
      return { tries: tries.length, missed: tries.filter((attempt) => missesAt(attempt, shift.to)).length };
    });
    const tries = counts.reduce((sum, count) => sum + count.tries, 0);
    const missed = counts.reduce((sum, count) => sum + count.missed, 0);
    return tries >= ENOUGH ? [{ kind: 'shift', way, missedShare: missed / tries }] : [];
  });
}

function missesAt({ miss, note, practised: { part } }: EntryOf<'attempt'>, arrival: number): boolean {
  return miss !== null && (part.part === 'stage' || note === arrival);
}
