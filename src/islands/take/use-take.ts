import { useState } from 'react';
import type { Sound, TakeReading } from '#core/listening/reading';
import type { Plan } from '#core/plan/describe';
import { type Fault, type NoTake, openSound, readTakeOf, simulateTake } from '../../audio/takes/index.ts';

/** The state of the take on the page. */
export type TakeState =
  | { readonly state: 'none' | 'reading' | 'failed' }
  | { readonly state: 'refused'; readonly why: NoTake }
  | { readonly state: 'read'; readonly plan: Plan; readonly sound: Sound; readonly reading: TakeReading };

/** Takes a line: played by a simulated player, or opened from a file; a take that comes later replaces the one before. */
export function useTake(plan: Plan) {
  const [take, setTake] = useState<TakeState>({ state: 'none' });
  const [seed, setSeed] = useState(1);
  const readSound = async (come: Promise<Sound | NoTake>): Promise<void> => {
    setTake({ state: 'reading' });
    try {
      const sound = await come;
      if (typeof sound === 'string') setTake({ state: 'refused', why: sound });
      else setTake({ state: 'read', plan, sound, reading: await readTakeOf(plan, sound) });
    } catch {
      setTake({ state: 'failed' });
    }
  };
  return {
    // A take of another plan says nothing about this one.
    take: take.state === 'read' && take.plan !== plan ? { state: 'none' as const } : take,
    simulate: (fault: Fault): void => {
      setSeed(seed + 1);
      void readSound(simulateTake(plan, fault, seed));
    },
    open: (file: File): void => void readSound(openSound(file)),
  };
}
