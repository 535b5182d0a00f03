import type { PositionName } from '#core/hand';
import type { Finger } from '#core/hand/placement';
import type { StringNumber } from '#core/instrument';
import type { Plan } from '#core/plan/describe';
import type { NoteMiss } from './note-misses.ts';

/** A thing that some notes of a take have in common. */
export type Shared =
  | { readonly by: 'finger'; readonly finger: Finger }
  | { readonly by: 'string'; readonly string: StringNumber }
  | { readonly by: 'position'; readonly position: PositionName }
  | { readonly by: 'arrival'; readonly way: 'up' | 'down' | 'none' };

/** The notes of a take that have something in common, with their misses. */
export interface MissGroup {
  readonly shared: Shared;
  /** The number of notes. */
  readonly notes: number;
  /** The number of those that are flat against the tolerance. */
  readonly flat: number;
  /** The number of those that are sharp. */
  readonly sharp: number;
  /** The mean, cents. */
  readonly meanCents: number;
  /** The spread around the mean (standard deviation), cents. */
  readonly spreadCents: number;
}

/** Sums the stopped notes of a take up by finger, string, position and arriving shift. */
export function missGroups({ notes }: Plan, misses: readonly NoteMiss[]): readonly MissGroup[] {
  const counted = misses.filter(({ mm, doubtful }) => mm !== null && !doubtful);
  const shares = counted.map((miss): readonly Shared[] => {
    const planned = notes[miss.note];
    const { finger, string } = miss.stop;
    const hand = miss.due.shift?.handSemitones ?? 0;
    const way = hand > 0 ? 'up' : hand < 0 ? 'down' : 'none';
    return [
      { by: 'finger', finger },
      { by: 'string', string },
      ...(planned?.kind === 'note' ? [{ by: 'position', position: planned.position } as const] : []),
      { by: 'arrival', way },
    ];
  });
  const keys = new Map(shares.flat().map((shared): [string, Shared] => [JSON.stringify(shared), shared]));
  const inOrder = [...keys].toSorted(([, one], [, other]) => placeOf(one).localeCompare(placeOf(other), 'en', { numeric: true }));
  return inOrder.map(([key, shared]) => {
    const here = counted.filter((_, order) => shares[order]?.some((one) => JSON.stringify(one) === key));
    const cents = here.map((miss) => miss.cents ?? 0);
    const mean = cents.reduce((sum, value) => sum + value, 0) / cents.length;
    return {
      shared,
      notes: here.length,
      flat: here.filter(({ side }) => side === 'flat').length,
      sharp: here.filter(({ side }) => side === 'sharp').length,
      meanCents: mean,
      spreadCents: Math.sqrt(cents.reduce((sum, value) => sum + (value - mean) ** 2, 0) / cents.length),
    };
  });
}

/** Gives the place of a group among its like, as text that is ordered with its numbers: fingers, strings and positions upward. */
function placeOf(shared: Shared): string {
  switch (shared.by) {
    case 'finger':
      return `1 ${shared.finger}`;
    case 'string':
      return `2 ${shared.string}`;
    case 'position':
      return `3 ${shared.position.label === 'half' ? '0' : shared.position.label}`;
    case 'arrival':
      return `4 ${['none', 'up', 'down'].indexOf(shared.way)}`;
  }
}
