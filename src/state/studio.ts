import { create } from 'zustand';
import { database, type InstrumentRecord, type PlayerRecord } from '../storage/database.ts';

/** The studio, to choose from on the bench. */
interface StudioAtHand {
  readonly instruments: readonly InstrumentRecord[];
  readonly players: readonly PlayerRecord[];
}

/** The studio's state on the bench. */
export const studioStore = create<StudioAtHand>()(() => ({ instruments: [], players: [] }));

/** Reads from the studio in a component. */
export function useStudioAtHand<Value>(choose: (studio: StudioAtHand) => Value): Value {
  return studioStore(choose);
}

/** Brings the players and instruments of the studio, to choose from. */
export async function bringStudio(): Promise<void> {
  const [instruments, players] = await Promise.all([database.instruments.toArray(), database.players.toArray()]);
  studioStore.setState({ instruments, players });
}
