import { type SetByTeacher, setIn } from '#core/practice';
import { entriesOf, loadLog } from '../../storage/practice.ts';
import { readyToRead } from '../../storage/first-start.ts';

/** The first and the last day there can be. */
const [FIRST_DAY, LAST_DAY] = ['0000-01-01', '9999-12-31'] as const;

/** What the teacher has set for a player, by all of the log. */
export async function setByTeacher(playerId: string | null): Promise<SetByTeacher> {
  await readyToRead();
  return setIn(entriesOf(await loadLog(playerId, FIRST_DAY, LAST_DAY)));
}
