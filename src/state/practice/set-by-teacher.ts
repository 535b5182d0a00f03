import { type Fading, type Practised, type SetByTeacher, setIn, setsOf } from '#core/practice';
import { entriesOf } from '../../records/log-pages.ts';
import { loadLog } from '../../storage/practice.ts';
import { readyToPractise } from '../../storage/first-start.ts';

/** What the teacher has set for a player, and where the player is with it. */
export interface SetForPlayer extends SetByTeacher {
  /** How help fades with what is practised; null where no course is set. */
  readonly fadingOf: (practised: Pick<Practised, 'piece' | 'part'>) => Fading | null;
}

/** What the teacher has set for a player, by all of the log. */
export async function setByTeacher(playerId: string | null): Promise<SetForPlayer> {
  await readyToPractise();
  const entries = entriesOf(await loadLog(playerId));
  const set = setIn(entries);
  return { ...set, fadingOf: (practised) => (set.fading ? { course: set.fading, sets: setsOf(entries, practised) } : null) };
}
