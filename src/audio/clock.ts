import { type Click, clicksBetween, type Metronome } from '#core/practice/metronome';
import { CLICK_SOUNDS } from './click-sounds.ts';

/** Length of a click, seconds. */
const CLICK_SECONDS = 0.03;

/** How often the next clicks are handed to the audio clock, ms, and how far ahead, seconds: a page that is seldom woken loses none. */
const LOOK_MS = 250;
const AHEAD_SECONDS = 4;

/** A page in the background may sleep for a minute. */
const AHEAD_HIDDEN_SECONDS = 75;

/** The first click comes so soon, seconds. */
const LEAD_SECONDS = 0.15;

/** A metronome that sounds. */
export interface Clock {
  /** When its first click sounds, seconds of the audio clock. */
  readonly startsAt: number;
  /** Silence, at once. */
  readonly stop: () => void;
}

/**
 * Starts a metronome, `delay` seconds from now. Every click is handed to the audio clock long before it sounds, at its own moment from
 * the start: what the page is busy with, or that it is in the background, does not move it.
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
