import type { DueNote } from '#core/listening';
import type { NoteGroup } from '#core/practice/item';

/** Gives the notes due of a group; all of them where no group is given. */
export function dueInGroup(due: readonly DueNote[], group: NoteGroup | null): readonly DueNote[] {
  return group === null ? due : due.filter(({ note }) => note >= group.from && note <= group.to);
}

/** The shortest silence after which a try is over, seconds, and how much longer than the longest rest it must be. */
const SHORTEST_PAUSE = 1.2;
const OVER_REST = { times: 1.3, seconds: 0.5 } as const;

/** Gives the silence after which a try of some notes is over, seconds, at a share of their tempo: longer than any rest among them. */
export function pauseAfter(due: readonly DueNote[], pace: number): number {
  const rests = due.map(({ at }, order) => {
    const before = due[order - 1];
    return before ? (at - before.at - before.seconds) / pace : 0;
  });
  const longest = rests.reduce((most, rest) => Math.max(most, rest), 0);
  return Math.max(SHORTEST_PAUSE, OVER_REST.times * longest + OVER_REST.seconds);
}
