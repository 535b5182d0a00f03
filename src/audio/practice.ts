import { beatAt, type BeatNow, type Metronome, turnsOf } from '#core/practice/metronome';
import type { PracticeSound } from '#core/practice/session';
import type { Performance } from '#core/sound';
import { type Clock, startClock } from './clock.ts';

let context: AudioContext | null = null;
let clock: (Clock & { readonly metronome: Metronome }) | null = null;
let stopLine: (() => void) | null = null;

/** The number of starts so far, by which a slow start sees that something else is wanted by now. */
let turn = 0;

/** Stops the sound of practice. */
export function stopPractice(): void {
  turn += 1;
  clock?.stop();
  clock = null;
  stopLine?.();
  stopLine = null;
}

/** Plays the sounds asked for in place of those that sound; the metronome begins when a model that is played once is over. */
export async function soundPractice({ model, inTurns, vibrato, countIn, droneHz, metronome }: PracticeSound): Promise<void> {
  stopPractice();
  turn += 1;
  const mine = turn;
  context ??= new AudioContext();
  await context.resume();
  if (mine !== turn) return;
  if (model || droneHz !== null) {
    const stop = await playModel({ model, inTurns, vibrato, countIn, droneHz, metronome });
    if (mine !== turn) return stop();
    stopLine = stop;
  }
  // In turns the line brings its clicks, because two clocks would not strike together.
  if (metronome && !inTurns) {
    const started = startClock(context, metronome, model ? secondsBefore(model, countIn) : 0);
    clock = { metronome, ...started };
  }
}

/** Plays the model, over a drone where one is wanted, or the drone alone; gives the function that stops it. */
async function playModel({ model, inTurns, vibrato, countIn, droneHz, metronome }: PracticeSound): Promise<() => void> {
  const { playLine } = await import('./play-line.ts');
  const turns = model && inTurns ? { turns: turnsOf(model, metronome) } : {};
  const how = { countIn, metronome: false, loop: inTurns || model === null, vibrato, droneHz, ...turns };
  return playLine(model ?? SILENCE, how, { onNote: () => undefined, onEnd: () => undefined });
}

/** Gives the beat that is heard now; null where no metronome sounds. */
export function beatNow(): BeatNow | null {
  if (!clock || !context) return null;
  return beatAt(clock.metronome, context.currentTime - context.outputLatency - clock.startsAt);
}

/** Gives the time of a model with the beats counted in before it, seconds. */
export function secondsBefore({ seconds, countIn: [first] }: Performance, countIn: boolean): number {
  return seconds - (countIn ? (first?.at ?? 0) : 0);
}

/** The length of the silence under a drone alone, seconds. */
const SILENCE: Performance = { notes: [], beats: [], countIn: [], seconds: 60 };
