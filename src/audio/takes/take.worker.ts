import { expose, transfer } from 'comlink';
import { type DueNote, dueNotes, seededNumbers } from '#core/listening';
import { BEFORE_FIRST, followLive, type LiveEar, liveEar, type LivePlace } from '#core/listening/live';
import { readTake, type TakeReading } from '#core/listening/reading';
import {
  FAULTLESS,
  makeTake,
  type Misses,
  QUIET,
  renderPair,
  type SimulatedPlayer,
  slipsAmong,
  type Surroundings,
} from '#core/listening/simulated';
import { dueInGroup, NOTHING_HEARD, standEar, type StandEar } from '#core/listening/stand';
import type { Plan } from '#core/plan/describe';
import type { Fault, SimulatedPlace, TakeWorker } from './protocol.ts';
import { TAKE_RATE } from './protocol.ts';

/** The size of a fault of which the size is not chosen, and the spread of all its notes, cents. */
const FAULT_CENTS = 18;
const SPREAD_CENTS = 4;

/** The sound of the places in which a simulated player plays. */
const SOUND_OF_PLACE: Readonly<Record<SimulatedPlace, Partial<Surroundings>>> = {
  silence: {},
  noise: { noiseBelow: 20 },
  room: { room: true },
};

/** The time in which a landing is corrected, seconds. */
const CORRECTED_IN = 0.15;

/** The player who is followed now; null for none. */
let live: { readonly due: readonly DueNote[]; readonly ear: LiveEar; readonly place: LivePlace } | null = null;

/** The ear on the music stand; null where none listens. */
let stand: StandEar | null = null;

/** Room below the lowest note of a line, for one that is played too low. */
const ROOM_BELOW = 0.85;

const worker: TakeWorker = {
  simulate: (plan, { fault, place, along: { droneHz, clicks }, seed }) => {
    const { samples } = makeTake(dueNotes(plan), {
      kind: plan.brief.instrument.kind,
      voice: 'full',
      player: playerWith(plan, fault, seed),
      surroundings: { ...QUIET, ...SOUND_OF_PLACE[place], droneHz, clicksEvery: clicks?.every ?? null },
      sampleRate: TAKE_RATE,
    });
    return transfer({ samples, sampleRate: TAKE_RATE }, [samples.buffer]);
  },
  renderPair: (notes, flaw, seed) => {
    const sound = renderPair(notes, flaw, seed);
    return transfer(sound, [sound.samples.buffer]);
  },
  beginLive: (plan, sampleRate) => {
    const due = dueNotes(plan);
    const lowest = due.reduce((least, { hz }) => Math.min(least, ...hz), Infinity);
    live = { due, ear: liveEar(ROOM_BELOW * lowest, sampleRate), place: BEFORE_FIRST };
  },
  hearLive: (samples) => {
    if (live === null) return BEFORE_FIRST;
    live = { ...live, place: followLive(live.due, live.place, live.ear.hear(samples)) };
    return live.place;
  },
  beginOnStand: (hearing) => {
    stand = standEar(hearing);
  },
  hearOnStand: (samples) => stand?.hear(samples) ?? NOTHING_HEARD,
  read: (plan, sound, { along, group }): TakeReading => readTake(sound, dueInGroup(dueNotes(plan), group), along),
};
expose(worker);

function playerWith(plan: Plan, fault: Fault, seed: number): SimulatedPlayer {
  const player: SimulatedPlayer = { ...FAULTLESS, seed, spreadCents: SPREAD_CENTS, slides: true, wander: 0.05 };
  switch (fault.kind) {
    case 'none':
      return player;
    case 'finger':
    case 'string':
    case 'note':
    case 'shifts':
      return { ...player, misses: { ...player.misses, ...missesOf(plan, fault) } };
    case 'landing':
      return { ...player, landing: { beyondCents: 2 * FAULT_CENTS, correctedIn: CORRECTED_IN } };
    case 'drift':
      return { ...player, driftCents: 2 * FAULT_CENTS };
    case 'vibrato':
      return { ...player, vibrato: { cents: FAULT_CENTS, hz: 5.5 } };
    case 'slips':
      return { ...player, slips: slipsAmong(dueNotes(plan), seededNumbers(seed * 977 + 11)) };
  }
}

/** Gives the misses of a fault at a finger, a string, a note or the shifts. */
function missesOf(plan: Plan, fault: Extract<Fault, { readonly kind: 'finger' | 'string' | 'note' | 'shifts' }>): Partial<Misses> {
  switch (fault.kind) {
    case 'finger':
      return { fingers: { [fault.finger]: fault.cents } };
    case 'string':
      return { strings: { [fault.string]: fault.cents } };
    case 'note':
      return { notes: { [dueNotes(plan).findIndex(({ note }) => note === fault.note)]: fault.cents } };
    case 'shifts':
      return { shiftUp: fault.way === 'down' ? 0 : fault.beyondCents, shiftDown: fault.way === 'up' ? 0 : -fault.beyondCents };
  }
}
