import { loudnessWay, pitchWay, type Stroke } from './bow-strokes.ts';
import type { VoiceSound } from './additive-voice.ts';

/** The share of the string between bow and bridge. */
const BOW_AT = 0.13;

/** The speed of the bow and how hard it holds, in the units of the model. */
const BOW_SPEED = 0.1;
const HOLDS = 3.2;

/** The softening of a wave that comes back from the bridge, and how much of it comes back. */
const SOFTENED = 0.5;
const BACK_FROM_BRIDGE = 0.95;

/** The samples that a wave needs besides the two ways: one at the nut, one at the bridge, less a little for the bow, and the softening. */
const LOOP_SAMPLES = 1.93 + SOFTENED / (1 - SOFTENED);

/** The loudness of the voice. */
const LOUDNESS = 0.9;

/**
 * Adds the strokes of one voice as a string that is bowed: two waves run along it, from bow to nut and from bow to bridge, and where the bow
 * holds them they stick or slip (McIntyre, Schumacher and Woodhouse, “On the oscillations of musical instruments”, 1983; as digital
 * waveguides: J. O. Smith, “Physical modeling using digital waveguides”, 1992). Gives the pitch of each stroke as it really sounds, cents
 * from its centre, counted in the motion of the string: friction makes it a little flat.
 */
export function addBowedString(strokes: readonly Stroke[], { samples, sampleRate, random, vibrato }: VoiceSound): readonly number[] {
  const rate = sampleRate * OVERSAMPLED;
  const string = stringAt(rate);
  return strokes.map((stroke) => {
    const [cents, loudness] = [pitchWay(stroke, { vibrato, random }), loudnessWay(stroke)];
    const first = Math.round(stroke.at * sampleRate);
    const count = Math.min(samples.length, Math.round(stroke.until * sampleRate)) - first;
    const motion = new Float32Array(Math.max(0, count) * OVERSAMPLED);
    for (let index = 0; index < count; index += 1) {
      const seconds = index / sampleRate;
      const hz = stroke.hz * 2 ** (cents(seconds) / 1200);
      const bow = BOW_SPEED * (0.2 + 0.8 * loudness(seconds)) * (1 + 0.02 * (2 * random() - 1));
      let sum = 0;
      for (let step = 0; step < OVERSAMPLED; step += 1) {
        const moved = string(hz, bow);
        motion[index * OVERSAMPLED + step] = moved;
        sum += moved;
      }
      samples[first + index] = (samples[first + index] ?? 0) + (LOUDNESS * loudness(seconds) * sum) / OVERSAMPLED;
    }
    const inner = motion.subarray(Math.floor(0.3 * motion.length), Math.floor(0.9 * motion.length));
    const counted = countedHz(inner, rate, stroke.hz);
    return counted === null ? 0 : 1200 * Math.log2(counted / stroke.hz);
  });
}

/** The steps of the model within one sample. */
const OVERSAMPLED = 2;

/** Makes a string that is moved step by step, and gives the speed at the bridge after each. */
function stringAt(rate: number): (hz: number, bow: number) => number {
  const length = 2 ** Math.ceil(Math.log2(rate / 25));
  const [toNut, toBridge] = [new Float32Array(length), new Float32Array(length)];
  let [now, softened] = [0, 0];
  const waveAt = (line: Float32Array, by: number): number => {
    const whole = Math.floor(by);
    const one = line[(now - whole + 4 * length) % length] ?? 0;
    const other = line[(now - whole - 1 + 4 * length) % length] ?? 0;
    return one + (other - one) * (by - whole);
  };
  return (hz, bow) => {
    const loop = rate / hz - LOOP_SAMPLES;
    softened = (1 - SOFTENED) * waveAt(toBridge, loop * BOW_AT) + SOFTENED * softened;
    const fromBridge = -BACK_FROM_BRIDGE * softened;
    const fromNut = -waveAt(toNut, loop * (1 - BOW_AT));
    const slip = bow - (fromBridge + fromNut);
    const held = slip * Math.min(1, (Math.abs(slip) * HOLDS + 0.75) ** -4);
    now = (now + 1) % length;
    toNut[now] = fromBridge + held;
    toBridge[now] = fromNut + held;
    return softened;
  };
}

/** The share of the range around a pitch in which its first partial is counted. */
const NARROW = 0.12;

/**
 * Counts the periods of the first partial in the motion of a string, between its first and last way up through nothing: a count, no
 * method of the reader. Null where fewer than three are found.
 */
function countedHz(motion: Float32Array, rate: number, aboutHz: number): number | null {
  const narrowed = narrow(narrow(motion, rate, aboutHz), rate, aboutHz);
  const settled = Math.floor(Math.min(narrowed.length / 3, (4 * rate) / (aboutHz * NARROW * Math.PI)));
  const crossings: number[] = [];
  for (let index = settled + 1; index < narrowed.length; index += 1) {
    const [before, now] = [narrowed[index - 1] ?? 0, narrowed[index] ?? 0];
    if (before < 0 && now >= 0) crossings.push(index - 1 - before / (now - before));
  }
  const [first, last] = [crossings[0], crossings.at(-1)];
  return first === undefined || last === undefined || crossings.length < 4 ? null : ((crossings.length - 1) * rate) / (last - first);
}

/** Lets through what lies around one frequency (a resonator of two poles, by the bilinear transform). */
function narrow(samples: Float32Array, rate: number, hz: number): Float32Array {
  const angle = (2 * Math.PI * hz) / rate;
  const width = Math.sin(angle) * NARROW * 0.5;
  const [a0, a1, a2] = [1 + width, -2 * Math.cos(angle), 1 - width];
  let [x1, x2, y1, y2] = [0, 0, 0, 0];
  return samples.map((x) => {
    const y = (width * (x - x2) - a1 * y1 - a2 * y2) / a0;
    [x2, x1, y2, y1] = [x1, x, y1, y];
    return y;
  });
}
