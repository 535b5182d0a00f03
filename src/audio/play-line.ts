import {
  FatOscillator,
  Filter,
  getContext,
  getDestination,
  getDraw,
  getTransport,
  Limiter,
  Part,
  start,
  Synth,
  type ToneAudioNode,
} from 'tone';
import type { Click, Turns } from '#core/practice/metronome';
import type { Beat, Performance, PlayedNote } from '#core/sound';
import { BowedVoice } from './bowed-voice.ts';
import { CLICK_SOUNDS } from './click-sounds.ts';

/** The way in which a line is played. */
export interface PlayHow {
  readonly countIn: boolean;
  readonly metronome: boolean;
  readonly loop: boolean;
  /** The turns of a loop: the line and a silence to play in, with the clicks through both; without them the line alone comes again. */
  readonly turns?: Turns;
  /** Whether it has vibrato; without it pitch can be judged. */
  readonly vibrato?: boolean;
  /** The frequency of a drone under it, Hz; null for none. */
  readonly droneHz: number | null;
}

/** The listeners while it plays, called when it is heard: for the note that begins (null between notes), and for the end. */
export interface PlayEvents {
  readonly onNote: (note: number | null) => void;
  readonly onEnd: () => void;
}

/** The delay of the end after the last note, seconds. */
const RING_OUT = 0.15;

/** The function that ends the line begun last: only one line sounds. */
let endLast = (): void => undefined;

/** The delay up to which a note may still be shown after it sounds, seconds. */
const LATEST_SHOWN = 5;

/**
 * Plays a line until it ends or the returned function is called.
 *
 * @throws where the browser gives no sound
 */
export async function playLine(performance: Performance, how: PlayHow, events: PlayEvents): Promise<() => void> {
  await start();
  endLast();
  const { state } = getContext();
  if (state !== 'running') throw new Error(`The browser cannot play sound: its sound is ${state}.`);
  const transport = getTransport();
  // On a busy machine a note is shown late rather than not at all.
  getDraw().expiration = LATEST_SHOWN;
  const out = new Limiter(-3).connect(getDestination());
  const voices = [new BowedVoice(out, how.vibrato), new BowedVoice(out, how.vibrato)];
  const click = clickInto(out);
  const drone = how.droneHz === null ? [] : droneInto(how.droneHz, out);
  const lead = leadOf(performance, how);
  const strike = (time: number, { strength }: Pick<Click, 'strength'>): void =>
    void click.triggerAttackRelease(CLICK_SOUNDS[strength].hz, CLICK_SECONDS, time);
  let over = false;
  // A note that was about to be shown when the sound was stopped is not shown any more.
  const told: PlayEvents = { onNote: (note) => !over && events.onNote(note), onEnd: () => !over && events.onEnd() };
  const notes = new Part<Timed<PlayedNote>>((time, note) => bowNote(voices, time, note, told), performance.notes.map(timeEvent));
  const beats = new Part<Timed<Click>>(strike, clicksOf(performance, how).map(timeEvent));
  for (const part of [notes, beats]) {
    part.loop = how.loop;
    part.loopEnd = how.turns?.seconds ?? performance.seconds;
    part.start(lead);
  }
  for (const click of how.countIn ? performance.countIn.map(clickOf) : [])
    transport.schedule((time) => strike(time, click), lead + click.at);
  if (!how.loop) transport.schedule((time) => getDraw().schedule(told.onEnd, time), lead + performance.seconds + RING_OUT);
  transport.start();
  endLast = () => {
    if (over) return;
    over = true;
    transport.stop().cancel();
    for (const node of [notes, beats, ...voices, ...drone, click, out]) node.dispose();
  };
  return endLast;
}

/** The wait where nothing is counted in, so that the sound is ready, seconds. */
const SHORT_LEAD = 0.1;

/** Gives the time from the start to the first note: the beats that are counted in, or a short wait; seconds. */
function leadOf({ countIn: [first] }: Performance, { countIn }: PlayHow): number {
  return countIn ? -(first?.at ?? 0) : SHORT_LEAD;
}

/** Lists the clicks of the line: those of the turns, or one for each beat where a metronome is wanted. */
function clicksOf({ beats }: Performance, { turns, metronome }: PlayHow): readonly Click[] {
  return turns?.clicks ?? (metronome ? beats.map(clickOf) : []);
}

/** The length of a click, seconds. */
const CLICK_SECONDS = 0.02;

/** Turns a beat of a line into a click of the metronome. */
function clickOf({ at, strong }: Beat): Click {
  return { at, strength: strong ? 'measure' : 'beat' };
}

type Timed<Event> = Event & { readonly time: number };

function timeEvent<Event extends { readonly at: number }>(event: Event): Timed<Event> {
  return { ...event, time: event.at };
}

/** The upper note of a double stop has a voice of its own; where there is none that voice stops. */
function bowNote(voices: readonly BowedVoice[], time: number, played: PlayedNote, { onNote }: PlayEvents): void {
  for (const [order, voice] of voices.entries()) {
    const hz = played.hz[order];
    if (hz === undefined) voice.ends(time);
    else voice.bowNote(time, hz, order === 0 ? played : { ...played, slide: null });
  }
  getDraw().schedule(() => onNote(played.note), time);
}

function clickInto(out: ToneAudioNode): Synth {
  const envelope = { attack: 0.001, decay: 0.03, sustain: 0, release: 0.02 };
  return new Synth({ oscillator: { type: 'square' }, envelope, volume: -18 }).connect(out);
}

/** Plays a soft reed under the line. */
function droneInto(hz: number, out: ToneAudioNode): readonly ToneAudioNode[] {
  const dark = new Filter({ type: 'lowpass', frequency: 900 }).connect(out);
  const reed = new FatOscillator({ frequency: hz, type: 'sawtooth', count: 2, spread: 3, volume: -26 }).connect(dark);
  reed.start();
  return [reed, dark];
}
