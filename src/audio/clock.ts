import { type Click, clicksBetween, type Metronome } from '#core/practice/metronome';
import { CLICK_SOUNDS } from './click-sounds.ts';

/** The length of a click, seconds. */
const CLICK_SECONDS = 0.03;

/**
 * The interval at which the next clicks are passed to the audio clock, ms, and the time ahead, seconds, so that a page that is seldom woken
 * loses none.
 */
const LOOK_MS = 250;
const AHEAD_SECONDS = 4;

/** The time ahead in the background, where a page may sleep for a minute. */
const AHEAD_HIDDEN_SECONDS = 75;

/** The time until the first click, seconds. */
const LEAD_SECONDS = 0.15;

/** A metronome that sounds. */
export interface Clock {
  /** The time at which its first click sounds, seconds of the audio clock. */
  readonly startsAt: number;
  /** Stops it at once. */
  readonly stop: () => void;
}

/**
 * Starts a metronome, `delay` seconds from now. Every click is passed to the audio clock long before it sounds, at its own moment from the
 * start: a busy page, or one in the background, does not move it.
 */
export function startClock(context: AudioContext, metronome: Metronome, delay = 0): Clock {
  const startsAt = context.currentTime + LEAD_SECONDS + delay;
  const buffers = clickBuffers(context);
  const waiting = new Set<AudioBufferSourceNode>();
  let until = 0;
  const look = (): void => {
    const ahead = document.visibilityState === 'hidden' ? AHEAD_HIDDEN_SECONDS : AHEAD_SECONDS;
    const next = Math.max(0, context.currentTime - startsAt + ahead);
    for (const { at, strength } of clicksBetween(metronome, until, next)) {
      const source = new AudioBufferSourceNode(context, { buffer: buffers[strength] });
      source.connect(context.destination);
      source.start(startsAt + at);
      source.onended = () => waiting.delete(source);
      waiting.add(source);
    }
    until = Math.max(until, next);
  };
  look();
  const timer = setInterval(look, LOOK_MS);
  document.addEventListener('visibilitychange', look);
  return {
    startsAt,
    stop: () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
      for (const source of waiting) source.stop();
      waiting.clear();
    },
  };
}

function clickBuffers(context: AudioContext): Readonly<Record<Click['strength'], AudioBuffer>> {
  const bufferOf = (strength: Click['strength']): AudioBuffer => {
    const { hz, gain } = CLICK_SOUNDS[strength];
    const buffer = context.createBuffer(1, Math.ceil(CLICK_SECONDS * context.sampleRate), context.sampleRate);
    buffer.copyToChannel(
      Float32Array.from({ length: buffer.length }, (_, sample) => {
        const seconds = sample / context.sampleRate;
        return gain * Math.sin(2 * Math.PI * hz * seconds) * Math.exp(-seconds / (CLICK_SECONDS / 5));
      }),
      0,
    );
    return buffer;
  };
  return {
    count: bufferOf('count'),
    measure: bufferOf('measure'),
    accent: bufferOf('accent'),
    beat: bufferOf('beat'),
    between: bufferOf('between'),
  };
}
