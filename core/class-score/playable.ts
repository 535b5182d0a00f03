import { type Brief, readBrief } from '#core/brief';
import { formatPitch, parsePitch, semitonesOf } from '#core/pitch';
import { noteSteps } from '#core/solve';
import { briefInClass } from './member.ts';

/** A pitch that a player can play within limits and reach. */
export interface Playable {
  /** Whether an open string plays it. */
  readonly open: boolean;
}

/** The octaves by which a note is moved to look for it on another instrument, down and up. */
const FURTHEST = 5;

/** Moves a pitch, documents' form, by whole octaves; null where it has no name there. */
export function movedText(text: string, octaves: number): string | null {
  const pitch = parsePitch(text);
  if (!pitch.ok) return null;
  const moved = formatPitch({ ...pitch.value, octave: pitch.value.octave + octaves });
  return parsePitch(moved).ok ? moved : null;
}

/** Lists whole octaves from the deepest move to the highest. */
export const OCTAVE_MOVES: readonly number[] = Array.from({ length: 2 * FURTHEST + 1 }, (_, order) => order - FURTHEST);

/**
 * Finds which of some pitches, in any octave, a player can play one by one within limits and reach. The answer has each pitch that can be
 * played, in documents' form; whether one follows another is for the search to say.
 */
export function playablePitches(base: Brief, pitches: readonly string[]): ReadonlyMap<string, Playable> {
  const everywhere = pitches.flatMap((text) => OCTAVE_MOVES.flatMap((octaves) => movedText(text, octaves) ?? []));
  const asked = [...new Set(everywhere)].toSorted((one, other) => soundOf(one) - soundOf(other));
  const notes = asked.map((text) => ({ pitches: [text], duration: '1/4' }));
  const task = readBrief(briefInClass(base, { material: { kind: 'line', notes } }));
  if (!task.ok) return new Map();
  return new Map(
    noteSteps(task.value).flatMap(({ index, candidates }) => {
      const text = asked[index];
      if (text === undefined || candidates.length === 0) return [];
      return [[text, { open: candidates.some(({ finger }) => finger === '0') }] as const];
    }),
  );
}

function soundOf(text: string): number {
  const pitch = parsePitch(text);
  return pitch.ok ? semitonesOf(pitch.value) : 0;
}
