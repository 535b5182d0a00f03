import type { Sound } from '#core/listening';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { canFollow, type TakeReading } from '#core/listening/reading';
import type { Plan } from '#core/plan/describe';
import {
  type Fault,
  type NoMicrophone,
  type NoTake,
  readTakeOf,
  type Recorded,
  type Recording,
  type SimulatedPlace,
  simulateTake,
  soundPractice,
  stopPractice,
} from '../../audio/index.ts';
import { type SoundAlong, knownSoundsOf, metronomeOf } from './along.ts';

/** A take that was read. */
export interface ReadTake {
  readonly plan: Plan;
  readonly sound: Sound;
  readonly reading: TakeReading;
  /** Whether a simulated player played it. */
  readonly simulated: boolean;
}

/** A take of this visit that was read, without its sound. */
export interface TakeOfVisit extends Omit<ReadTake, 'sound'> {
  /** The moment at which it was read, ms since 1970. */
  readonly at: number;
}

/** The state of the take on the page. */
export type TakeState =
  | { readonly state: 'none' | 'asking' | 'reading' | 'failed' }
  | { readonly state: 'refused'; readonly why: NoTake }
  | { readonly state: 'no-microphone'; readonly why: NoMicrophone }
  | { readonly state: 'recording'; readonly now: Recorded }
  | ({ readonly state: 'read' } & ReadTake);

/** These come when something is recorded or opened. */
const loadRecorder = () => import('../../audio/takes/record-sound.ts');
const loadOpener = () => import('../../audio/takes/open-sound.ts');

/** A piece of work that ends in a state of the take; it may ask whether that is still wanted. */
type Work = (isWanted: () => boolean) => Promise<TakeState>;

/** Makes what does the work for a take: where another was begun meanwhile, or the page was left, its result is not shown any more. */
function useLatest(onState: (take: TakeState) => void): (work: Work) => Promise<void> {
  const begun = useRef(0);
  const leave = useEffectEvent(() => {
    begun.current += 1;
  });
  useEffect(() => () => leave(), []);
  return async (work) => {
    begun.current += 1;
    const own = begun.current;
    const isWanted = (): boolean => own === begun.current;
    const come = await work(isWanted).catch((): TakeState => ({ state: 'failed' }));
    if (isWanted()) onState(come);
  };
}

/** Reads a sound as a take of a plan; refuses a line with too many notes for it. */
async function readAsTake(come: Promise<Sound | NoTake>, { plan, along, simulated }: AskedTake): Promise<TakeState> {
  const sound = await come;
  if (typeof sound === 'string') return { state: 'refused', why: sound };
  if (!canFollow(plan.notes.length, sound.samples.length / sound.sampleRate)) return { state: 'refused', why: 'too-many-notes' };
  return {
    state: 'read',
    plan,
    sound,
    reading: await readTakeOf(plan, sound, { along: knownSoundsOf(plan, along), group: null }),
    simulated,
  };
}

/** The circumstances of a take. */
interface AskedTake extends Pick<ReadTake, 'plan' | 'simulated'> {
  readonly along: SoundAlong;
}

/** Makes the drone or the metronome sound while something is recorded. */
async function soundAlong(plan: Plan, along: SoundAlong): Promise<void> {
  if (along === 'nothing') return;
  const { droneHz } = knownSoundsOf(plan, along);
  const metronome = along === 'metronome' ? metronomeOf(plan) : null;
  await soundPractice({ model: null, inTurns: false, vibrato: false, countIn: false, droneHz, metronome });
}

async function openFile(file: File): Promise<Sound | NoTake> {
  return await (await loadOpener()).openSound(file);
}

/** Remembers the takes of this visit without their sound, the latest first. */
function useVisit(): { readonly visit: readonly TakeOfVisit[]; readonly note: (take: ReadTake) => void } {
  const [visit, setVisit] = useState<readonly TakeOfVisit[]>([]);
  return { visit, note: ({ sound: _, ...read }) => setVisit((takes) => [{ ...read, at: Date.now() }, ...takes]) };
}

/**
 * Takes a line: played by a simulated player, recorded, or opened from a file, with something that sounds along; a take that comes later
 * replaces the one before.
 */
export function useTake(plan: Plan, along: SoundAlong) {
  const [take, setTake] = useState<TakeState>({ state: 'none' });
  const [seed, setSeed] = useState(1);
  const recording = useRef<Recording | null>(null);
  const { visit, note } = useVisit();
  const tryTo = useLatest((come) => {
    setTake(come);
    if (come.state === 'read') note(come);
  });
  /** Releases the microphone where something else is read, and with the page. */
  const release = (): void => {
    if (recording.current) stopPractice();
    void recording.current?.stop();
    recording.current = null;
  };
  const leave = useEffectEvent(release);
  useEffect(() => () => leave(), []);
  const readSound = (come: Promise<Sound | NoTake>, simulated: boolean): void => {
    setTake({ state: 'reading' });
    void tryTo(() => readAsTake(come, { plan, along, simulated }));
  };
  const stop = (): void => {
    const underWay = recording.current;
    recording.current = null;
    stopPractice();
    if (underWay) readSound(underWay.stop(), false);
  };
  const record = (): void => {
    setTake({ state: 'asking' });
    void tryTo(async (isWanted) => {
      const { recordSound } = await loadRecorder();
      const begun = await recordSound({ onHeard: (now) => recording.current && setTake({ state: 'recording', now }), onEnd: stop });
      if (typeof begun === 'string') return { state: 'no-microphone', why: begun };
      // While the browser asked, something else was opened, or the page was left.
      if (isWanted()) {
        recording.current = begun;
        await soundAlong(plan, along);
      } else void begun.stop();
      return { state: 'recording', now: { seconds: 0, loudness: 0, level: 'silent' } };
    });
  };
  return {
    /** The takes of this visit, the latest first. */
    visit,
    // A take of another plan says nothing about this one.
    take: take.state === 'read' && take.plan !== plan ? { state: 'none' as const } : take,
    simulate: (fault: Fault, place: SimulatedPlace = 'silence'): void => {
      setSeed(seed + 1);
      readSound(simulateTake(plan, { fault, place, along: knownSoundsOf(plan, along), seed }), true);
    },
    open: (file: File): void => {
      release();
      readSound(openFile(file), false);
    },
    record,
    stop,
  };
}
