import { type SetByTeacher, setIn } from '#core/practice';
import { entriesOf, loadLog } from '../../storage/practice.ts';
import { readyToPractise } from '../../storage/first-start.ts';

/** What the teacher has set for a player, by all of the log. */
export async function setByTeacher(playerId: string | null): Promise<SetByTeacher> {
  await readyToPractise();
  return setIn(entriesOf(await loadLog(playerId)));
}
