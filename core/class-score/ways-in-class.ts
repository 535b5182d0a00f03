import type { Brief } from '#core/brief';
import type { Steps } from '#core/result';
import { type EasedPart, easedPart } from './eased-part.ts';
import type { Share } from './member.ts';
import { playablePitches } from './playable.ts';
import { octavesWithAll, pitchesIn, type WholePart, wholePart } from './whole-part.ts';

/** The question how one player can take part in the line of a class. */
export interface InClass {
  /** The line: material, rhythm and tempo; nothing else of it counts. */
  readonly line: Brief;
  /** The share that the player takes. */
  readonly share: Share;
  /** The octaves from the line as it is asked for in which every note has to sound; null for any. */
  readonly octaves: number | null;
}

/** The ways in which one player can take part. */
export interface WaysInClass {
  /** The octaves in which the player plays all of the line, with the fingerings; empty for another share. */
  readonly wholes: readonly WholePart[];
  /** A part that was made note by note, where there is no whole; null where there is, and where the player has nothing to play. */
  readonly eased: EasedPart | null;
}

/** Finds the ways in which the player of a brief can take part in the line of a class, a fingering a step. */
export function* waysInClass(base: Brief, { line, share, octaves }: InClass): Steps<WaysInClass> {
  const playable = playablePitches(base, pitchesIn(line));
  const wholes: WholePart[] = [];
  for (const octave of share === 'all' ? octavesWithAll(line, playable) : []) {
    if (octaves !== null && octave !== octaves) continue;
    yield;
    const whole = wholePart(base, line, octave);
    if (whole) wholes.push(whole);
  }
  yield;
  return { wholes, eased: wholes.length > 0 ? null : easedPart({ base, line, share, octaves, playable }) };
}
