import { keyAt } from '#core/material/measures';
import { nextInKey } from '#core/key';
import { type Pitch, semitonesOf, stepsOf } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import { instrumentOf } from './intoned.ts';

/** The steps of the key from the open string that lies nearest below the first note up to it. */
export interface WayFromOpen {
  /** The note of the open string, documents' form. */
  readonly open: string;
  /** The semitones of each step up to the first note; empty where it is the open string itself. */
  readonly steps: readonly number[];
}

/** Four neighbouring notes of a scale: its first to its fourth degree, or its fifth to its eighth. */
export interface Tetrachord {
  /** The line index of its first note. */
  readonly from: number;
  /** The line index of its last note. */
  readonly to: number;
}

/** A line as steps from note to note. */
export interface ScaleSteps {
  /** The way to the first note; null where it lies below every string or is a rest. */
  readonly start: WayFromOpen | null;
  /** The semitones from the note before, by line index, upward positive; null for the first, at rests, and over a leap. */
  readonly steps: readonly (number | null)[];
  /** The tetrachords in the order of the line. */
  readonly tetrachords: readonly Tetrachord[];
}

/** The widest step, an augmented second; a step goes to the next letter, or stays on it. */
const WIDEST_STEP = 3;

/** Finds the tones and semitones of a line, the way to its first note from an open string, and its tetrachords. */
export function scaleSteps(plan: Plan): ScaleSteps {
  const pitches = plan.line.notes.map((note) => (note.kind === 'note' && note.upper === null ? note.pitch : null));
  const steps = pitches.map((pitch, index) => {
    const before = pitches[index - 1];
    if (!pitch || !before) return null;
    const semitones = semitonesOf(pitch) - semitonesOf(before);
    const leaps = Math.abs(stepsOf(pitch) - stepsOf(before)) > 1 || Math.abs(semitones) > WIDEST_STEP;
    return semitones === 0 || leaps ? null : semitones;
  });
  const [first] = pitches;
  return { start: first ? wayFromOpen(plan, first) : null, steps, tetrachords: tetrachordsOf(plan, pitches) };
}

/** Walks letter by letter of the key from the open string; the last step goes to the exact note. */
function wayFromOpen(plan: Plan, first: Pitch): WayFromOpen | null {
  const below = instrumentOf(plan).strings.filter(({ semitones }) => semitones <= semitonesOf(first));
  const [nearest] = below.toSorted((one, other) => other.semitones - one.semitones);
  if (!nearest) return null;
  const places = [nearest.semitones];
  for (let here = nearest.open; stepsOf(here) < stepsOf(first); here = nextInKey(here, plan.line.key, true)) {
    const next = nextInKey(here, plan.line.key, true);
    places.push(stepsOf(next) < stepsOf(first) ? semitonesOf(next) : semitonesOf(first));
  }
  const rising = places.filter((place, index) => index === 0 || (place > (places[index - 1] ?? 0) && place <= semitonesOf(first)));
  const closed = rising.at(-1) === semitonesOf(first) ? rising : [...rising, semitonesOf(first)];
  return { open: nearest.name, steps: closed.slice(1).map((place, index) => place - (closed[index] ?? place)) };
}

/** The degrees, 0 for the tonic, on which a tetrachord begins going up, and coming down. */
const BEGINS = { 1: [0, 4], [-1]: [0, 3] } as const;

function tetrachordsOf({ line }: Plan, pitches: readonly (Pitch | null)[]): readonly Tetrachord[] {
  const degreeOf = (pitch: Pitch, index: number): number => (((stepsOf(pitch) - stepsOf(keyAt(line, index).tonic)) % 7) + 7) % 7;
  return pitches.flatMap((pitch, from) => {
    const four = pitches.slice(from, from + 4);
    const way = ([1, -1] as const).find((value) => isRunOfFour(four, value));
    if (!pitch || way === undefined) return [];
    return BEGINS[way].some((degree) => degree === degreeOf(pitch, from)) ? [{ from, to: from + 3 }] : [];
  });
}

/** Tells whether four notes are each the next letter of the one before. */
function isRunOfFour(four: readonly (Pitch | null)[], way: 1 | -1): boolean {
  if (four.length < 4) return false;
  return four.slice(1).every((pitch, index) => {
    const before = four[index];
    if (!pitch || !before) return false;
    const semitones = (semitonesOf(pitch) - semitonesOf(before)) * way;
    return stepsOf(pitch) - stepsOf(before) === way && semitones > 0 && semitones <= WIDEST_STEP;
  });
}
