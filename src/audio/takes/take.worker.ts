import { expose, transfer } from 'comlink';
import { dueNotes, seededNumbers } from '#core/listening';
import { readTake, type Sound, type TakeReading } from '#core/listening/reading';
import { FAULTLESS, makeTake, QUIET, type SimulatedPlayer, slipsAmong } from '#core/listening/simulated';
import type { Plan } from '#core/plan/describe';
import type { Fault, TakeWorker } from './protocol.ts';
import { TAKE_RATE } from './protocol.ts';

/** The size of a fault that a simulated player has on purpose, and the spread of all its notes, cents. */
const FAULT_CENTS = 18;
const SPREAD_CENTS = 4;

const worker: TakeWorker = {
  simulate: (plan, fault, seed) => {
    const { samples } = makeTake(dueNotes(plan), {
      kind: plan.brief.instrument.kind,
      voice: 'full',
      player: playerWith(plan, fault, seed),
      surroundings: QUIET,
      sampleRate: TAKE_RATE,
    });
    return transfer({ samples, sampleRate: TAKE_RATE }, [samples.buffer]);
  },
  read: (plan: Plan, sound: Sound): TakeReading => readTake(sound, dueNotes(plan)),
};
expose(worker);

function playerWith(plan: Plan, fault: Fault, seed: number): SimulatedPlayer {
  const player: SimulatedPlayer = { ...FAULTLESS, seed, spreadCents: SPREAD_CENTS, slides: true, wander: 0.05 };
  switch (fault.kind) {
    case 'none':
      return player;
    case 'finger':
      return { ...player, misses: { ...player.misses, fingers: { [fault.finger]: -FAULT_CENTS } } };
    case 'shifts':
      return { ...player, misses: { ...player.misses, shiftUp: FAULT_CENTS, shiftDown: -FAULT_CENTS } };
    case 'slips':
      return { ...player, slips: slipsAmong(dueNotes(plan), seededNumbers(seed * 977 + 11)) };
  }
}
