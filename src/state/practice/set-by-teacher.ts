import { type SetByTeacher, setIn } from '#core/practice';
import { entriesOf, loadLog } from '../../storage/practice.ts';
import { readyToRead } from '../../storage/first-start.ts';

/** What the teacher has set for a player, by all of the log. */
export async function setByTeacher(playerId: string | null): Promise<SetByTeacher> {
  await readyToRead();
  return setIn(entriesOf(await loadLog(playerId)));
}
