import { create } from 'zustand';
import type { InstrumentRecord, PlayerRecord, SchoolRecord } from '../records/record.ts';

/** The studio, to choose from on the bench. */
interface StudioAtHand {
  readonly instruments: readonly InstrumentRecord[];
  readonly players: readonly PlayerRecord[];
  readonly schools: readonly SchoolRecord[];
}

/** The studio's state on the bench. */
export const studioStore = create<StudioAtHand>()(() => ({ instruments: [], players: [], schools: [] }));

/** Reads from the studio in a component. */
export function useStudioAtHand<Value>(choose: (studio: StudioAtHand) => Value): Value {
  return studioStore(choose);
}

/** Loads the players, instruments and schools of the studio, to choose from. */
export async function bringStudio(): Promise<void> {
  const { database } = await import('../storage/database/database.ts');
  const tables = [database.instruments.toArray(), database.players.toArray(), database.schools.toArray()] as const;
  const [instruments, players, schools] = await Promise.all(tables);
  studioStore.setState({ instruments, players, schools });
}
