import { loudnessOf, seededNumbers, seededSpread } from '#core/listening';

/** Adds noise that lies below a sound by some decibels. */
export function addNoise(samples: Float32Array, decibelsBelow: number, seed: number): Float32Array {
  const spread = seededSpread(seededNumbers(seed));
  const loudness = loudnessOf(samples) * 10 ** (-decibelsBelow / 20);
  return samples.map((sample) => sample + loudness * spread());
}

/** The echoes of a room in seconds, and the time in which it falls silent (by 60 decibels), seconds; those of a teaching room. */
const ECHOES = [0.0297, 0.0371, 0.0411, 0.0437];
const SPREADERS = [0.005, 0.0017];
const FALLS_SILENT_IN = 0.5;

/** The loudness of the room against the sound. */
const ROOM = 0.25;

/** Puts a sound into a room: echoes that come back, smeared (Schroeder, “Natural sounding artificial reverberation”, 1962). */
export function inRoom(samples: Float32Array, sampleRate: number): Float32Array {
  let wet = new Float32Array(samples.length);
  for (const seconds of ECHOES) addEcho(wet, samples, Math.round(seconds * sampleRate), 10 ** ((-3 * seconds) / FALLS_SILENT_IN));
  for (const seconds of SPREADERS) wet = smear(wet, Math.round(seconds * sampleRate), 0.7);
  return samples.map((sample, index) => sample + (ROOM / ECHOES.length) * (wet[index] ?? 0));
}

function addEcho(wet: Float32Array, samples: Float32Array, delay: number, kept: number): void {
  const line = new Float32Array(delay);
  for (const [index, sample] of samples.entries()) {
    const back = line[index % delay] ?? 0;
    line[index % delay] = sample + kept * back;
    wet[index] = (wet[index] ?? 0) + back;
  }
}

function smear(samples: Float32Array, delay: number, by: number): Float32Array<ArrayBuffer> {
  const line = new Float32Array(delay);
  return Float32Array.from(samples, (sample, index) => {
    const back = line[index % delay] ?? 0;
    const into = sample + by * back;
    line[index % delay] = into;
    return back - by * into;
  });
}

/** Adds a drone: a steady tone with a few partials. */
export function addDrone(
  samples: Float32Array,
  sampleRate: number,
  { hz, loudness }: { readonly hz: number; readonly loudness: number },
): Float32Array {
  return samples.map((sample, index) => {
    const angle = (2 * Math.PI * hz * index) / sampleRate;
    return sample + loudness * (Math.sin(angle) + Math.sin(2 * angle) / 2 + Math.sin(3 * angle) / 3 + Math.sin(4 * angle) / 4);
  });
}

/** A click: its pitch, Hz, and how quickly it passes, seconds. */
const CLICK = { hz: 1600, seconds: 0.012 } as const;

/** Adds the clicks of a metronome at some times, seconds. */
export function addClicks(
  samples: Float32Array,
  sampleRate: number,
  { times, loudness }: { readonly times: readonly number[]; readonly loudness: number },
): Float32Array {
  const clicked = samples.slice();
  for (const time of times) {
    const first = Math.round(time * sampleRate);
    const count = Math.min(clicked.length - first, Math.round(6 * CLICK.seconds * sampleRate));
    for (let index = 0; index < count; index += 1) {
      const seconds = index / sampleRate;
      clicked[first + index] =
        (clicked[first + index] ?? 0) + loudness * Math.exp(-seconds / CLICK.seconds) * Math.sin(2 * Math.PI * CLICK.hz * seconds);
    }
  }
  return clicked;
}
