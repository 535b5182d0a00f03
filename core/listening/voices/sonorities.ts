import type { Sound } from '#core/listening';
import { spectrumFinder } from './spectrum.ts';

/** The partials of a note that a sonority is known by, and how weakly they count one after the other. */
const PARTIALS = 6;
const FALL = 0.8;

/** The distance from its place at which a partial still counts well, cents (standard deviation): players miss. */
const SPREAD_CENTS = 30;

/** The periods of the lowest note that a frame needs, so that two voices stand apart in it. */
const PERIODS = 7;

/** The width of a frequency in a frame, in steps of the spectrum (standard deviation), as the window makes it. */
const WIDTH_STEPS = 0.8;

/** A comparison of a sound with sonorities. */
export interface Comparison {
  /** The sonorities, each with its notes in Hz. */
  readonly sonorities: readonly (readonly number[])[];
  /** The times around which frames are taken, seconds. */
  readonly times: readonly number[];
}

/**
 * Compares a sound with sonorities of one or two notes, frame by frame: 1 is a sound of the very partials that are expected, 0 one of other
 * ones (the cosine between the two spectra, each as its square root, so that no strong partial decides alone). Row by row in time, each with
 * a number for every sonority.
 */
export function likenessOf({ samples, sampleRate }: Sound, { sonorities, times }: Comparison): Float32Array {
  const lowest = Math.min(...sonorities.flat());
  const size = 2 ** Math.round(Math.log2((PERIODS * sampleRate) / lowest));
  const spectrumAt = spectrumFinder(size);
  const expected = sonorities.map((notes) => expectedSpectrum(notes, size, sampleRate));
  const likeness = new Float32Array(times.length * sonorities.length);
  const around = new Float32Array(size);
  const root = new Float32Array(size / 2);
  for (const [row, time] of times.entries()) {
    const first = Math.round(time * sampleRate - size / 2);
    around.fill(0);
    around.set(samples.subarray(Math.max(0, first), Math.max(0, first + size)), Math.max(0, -first));
    const strengths = spectrumAt(around);
    let squares = 1e-12;
    for (let step = 0; step < root.length; step += 1) {
      const value = Math.sqrt(strengths[step] ?? 0);
      root[step] = value;
      squares += value * value;
    }
    for (const [column, spectrum] of expected.entries()) {
      let sum = 0;
      for (let step = 0; step < root.length; step += 1) sum += (root[step] ?? 0) * (spectrum[step] ?? 0);
      likeness[row * sonorities.length + column] = sum / Math.sqrt(squares);
    }
  }
  return likeness;
}

/** Tells how much alike the spectra of sonorities are that are expected, row by row, 0 … 1: an octave is like its lower note. */
export function likenessAmong(sonorities: readonly (readonly number[])[]): readonly (readonly number[])[] {
  const [size, sampleRate] = [4096, 16 * Math.max(...sonorities.flat())];
  const expected = sonorities.map((notes) => expectedSpectrum(notes, size, sampleRate));
  return expected.map((one) => expected.map((other) => one.reduce((sum, value, step) => sum + value * (other[step] ?? 0), 0)));
}

/** Gives the spectrum of some notes that sound together, as square roots, its length 1. */
function expectedSpectrum(notes: readonly number[], size: number, sampleRate: number): Float32Array {
  const spectrum = new Float32Array(size / 2);
  for (const hz of notes) {
    for (let partial = 1; partial <= PARTIALS; partial += 1) {
      const place = (partial * hz * size) / sampleRate;
      const width = Math.hypot(WIDTH_STEPS, (place * SPREAD_CENTS * Math.LN2) / 1200);
      for (let step = Math.max(1, Math.floor(place - 3 * width)); step <= Math.min(size / 2 - 1, place + 3 * width); step += 1) {
        const height = Math.sqrt(FALL ** (partial - 1)) * Math.exp(-0.5 * ((step - place) / width) ** 2);
        spectrum[step] = Math.max(spectrum[step] ?? 0, height);
      }
    }
  }
  const length = Math.sqrt(spectrum.reduce((sum, value) => sum + value * value, 1e-12));
  return spectrum.map((value) => value / length);
}
