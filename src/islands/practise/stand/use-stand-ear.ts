import { create } from 'zustand';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { type DueNote, dueNotes, type Sound } from '#core/listening';
import { type KnownSounds, NOTHING_KNOWN } from '#core/listening/along';
import { canFollow } from '#core/listening/reading';
import { missesOf } from '#core/listening/report';
import { dueInGroup, judgeTry, pauseAfter, type StandNow } from '#core/listening/stand';
import { type PracticeSound, soundingAt } from '#core/practice/session';
import {
  type HeardLevel,
  type NextOnStand,
  type NoMicrophone,
  readTakeOf,
  secondsBefore,
  type StandListening,
} from '../../../audio/index.ts';
import { clicksOf } from '../../../state/takes/index.ts';
import { countHeard, inHand, type Running, runningStore, signal } from '../../../state/practice/index.ts';

/** The state of listening on the music stand. */
export type StandEarState =
  | { readonly state: 'off' | 'asking' | 'failed' | 'ended' }
  | { readonly state: 'no-microphone'; readonly why: NoMicrophone }
  /** The state of the try, and whether one is being judged. */
  | { readonly state: 'on'; readonly now: StandNow['state']; readonly judging: boolean };

/** The level that the stand hears: it changes all the time, so nothing else is drawn with it. */
export const useStandLevel = create<HeardLevel>()(() => ({ loudness: 0, level: 'silent' }));

/** This comes when somebody wants to be listened to. */
const loadListener = () => import('../../../audio/takes/listen-on-stand.ts');

/** The time that sounds need to begin and to fade, seconds. */
const SOUNDS_BEGIN = 0.8;

/** The pause where nothing is counted, seconds. */
const NO_TRY: NextOnStand = { pause: 600, deaf: 0 };

/** Listens while a session is on the stand, if that is wanted: counts its tries by ear, and goes on at two claps. */
export function useStandEar(running: Running | null) {
  const [ear, setEar] = useState<StandEarState>({ state: 'off' });
  const listening = useRef<StandListening | null>(null);
  const begun = useRef(0);
  const judging = useRef(0);
  const judged = useRef(Promise.resolve());
  const stop = (): void => {
    begun.current += 1;
    void listening.current?.close();
    listening.current = null;
    setEar({ state: 'off' });
  };
  const end = (): void => {
    stop();
    setEar({ state: 'ended' });
  };
  const hear = (now: StandNow, level: HeardLevel): void => {
    useStandLevel.setState(level, true);
    if (now.clapped && runningStore.getState().running?.run.step.at !== 'done') signal('on');
    const isJudging = judging.current > 0;
    setEar((shown) =>
      shown.state === 'on' && shown.now === now.state && shown.judging === isJudging
        ? shown
        : { state: 'on', now: now.state, judging: isJudging },
    );
  };
  const judge = async (sound: Sound): Promise<void> => {
    judging.current += 1;
    await judgeSound(sound).finally(() => {
      judging.current -= 1;
    });
  };
  const begin = async (): Promise<void> => {
    begun.current += 1;
    const own = begun.current;
    setEar({ state: 'asking' });
    const { listenOnStand } = await loadListener();
    const opened = await listenOnStand(nextOf(running), {
      onNow: (now, level) => own === begun.current && hear(now, level),
      onTry: (sound) => {
        // One after the other: a try counts for the set as the one before has left it.
        if (own === begun.current) judged.current = judged.current.then(() => judge(sound)).catch(end);
      },
      onEnd: () => own === begun.current && end(),
    });
    if (typeof opened === 'string') return own === begun.current ? setEar({ state: 'no-microphone', why: opened }) : undefined;
    // While the browser asked, it was stopped, or the stand was left.
    if (own !== begun.current) return void opened.close();
    listening.current = opened;
    setEar({ state: 'on', now: 'waiting', judging: false });
  };
  useFollowedSet(running, () => listening.current?.begin(nextOf(running)));
  const leave = useEffectEvent(stop);
  useEffect(() => () => leave(), []);
  return {
    ear,
    toggle: () => (ear.state === 'on' || ear.state === 'asking' ? stop() : void begin().catch(() => setEar({ state: 'failed' }))),
  };
}

/** Reads the sound of a try, and counts it, unless it has been answered by hand meanwhile. */
async function judgeSound(sound: Sound): Promise<void> {
  const before = runningStore.getState().running;
  const turn = before && inTurn(before);
  if (!before || !turn) return;
  const { plan, group, due, along } = turn;
  // A try that is too long for so long a line is not read.
  if (!canFollow(due.length, sound.samples.length / sound.sampleRate)) return countHeard({ judged: 'unclear' });
  const reading = await readTakeOf(plan, sound, { along, group });
  if (runningStore.getState().running?.tries !== before.tries) return;
  countHeard(judgeTry(due, reading, missesOf(plan, due, reading, before.tolerance)));
}

/** Begins again with every set, and wherever no set is under way; from try to try the ear goes on. */
function useFollowedSet(running: Running | null, beginAgain: () => void): void {
  const { run } = running ?? {};
  const set = run ? JSON.stringify([run.step.at, run.item, run.group, run.ladder]) : '';
  const begin = useEffectEvent(beginAgain);
  useEffect(() => begin(), [set]);
}

/** The notes that are played on the stand now, and the circumstances in which a try of them is heard. */
interface Turn {
  readonly plan: Parameters<typeof missesOf>[0];
  readonly group: { readonly from: number; readonly to: number };
  readonly due: readonly DueNote[];
  readonly along: KnownSounds;
  readonly sounding: PracticeSound | null;
  /** The share of the plan’s tempo. */
  readonly pace: number;
}

/** Gives what is to be played now; null where no set is under way, and where the model sounds in turns with the player. */
export function inTurn(running: Running): Turn | null {
  const here = inHand(running);
  if (!here || running.run.step.at !== 'play') return null;
  const sounding = soundingAt(running.run.step, here);
  if (sounding?.inTurns) return null;
  const { plan, group, rung, item } = here;
  const due = dueInGroup(dueNotes(plan), group);
  return { plan, group, due, along: knownSounds(sounding), sounding, pace: rung.tempo / item.ladder.to };
}

function knownSounds(sounding: PracticeSound | null): KnownSounds {
  if (!sounding) return NOTHING_KNOWN;
  return { droneHz: sounding.droneHz, clicks: sounding.metronome && clicksOf(sounding.metronome) };
}

/** Tells an ear what comes next: how long a silence ends a try, and how long the model sounds before it. */
function nextOf(running: Running | null): NextOnStand {
  const turn = running && inTurn(running);
  if (!turn) return NO_TRY;
  const { sounding, due, pace } = turn;
  const model = sounding?.model ? secondsBefore(sounding.model, sounding.countIn) : 0;
  const since = (Date.now() - running.stepSince) / 1000;
  return { pause: pauseAfter(due, pace), deaf: sounding ? Math.max(0, model + SOUNDS_BEGIN - since) : 0 };
}
