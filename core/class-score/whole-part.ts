import type { Brief } from '#core/brief';
import { asPlayed, withOctavesMoved } from '#core/brief/lines';
import { describe, type Plan } from '#core/plan/describe';
import { attempt } from '#core/solve';
import { briefInClass } from './member.ts';
import { movedText, OCTAVE_MOVES, type Playable } from './playable.ts';

/** A line as a player plays all of it. */
export interface WholePart {
  /** The whole octaves by which it sounds above the line as it is asked for; below 0 under it. */
  readonly octaves: number;
  /** The fingering. */
  readonly plan: Plan;
}

/** Finds the octaves in which a player can play the whole of a line, with the fingering in each. */
export function wholePart(base: Brief, line: Brief, octaves: number): WholePart | null {
  const tried = attempt(withOctavesMoved(briefInClass(base, line), octaves));
  if (tried.kind !== 'solved') return null;
  const plan = describe(tried.solved);
  return isWithinReach(plan) ? { octaves, plan } : null;
}

/** Lists the octaves in which a player has every note of a line, one by one. */
export function octavesWithAll(line: Brief, playable: ReadonlyMap<string, Playable>): readonly number[] {
  const pitches = pitchesIn(line);
  return OCTAVE_MOVES.filter((octaves) => pitches.every((text) => playable.has(movedText(text, octaves) ?? '')));
}

/** Lists the pitches of a line, documents' form; of a double stop, all of them. */
export function pitchesIn(line: Brief): readonly string[] {
  const { material } = asPlayed(line);
  return material.kind === 'line' ? material.notes.flatMap((note) => ('rest' in note ? [] : note.pitches)) : [];
}

/** Tells whether no note and no stay of a plan goes beyond the largest span of the hand. */
export function isWithinReach({ notes, stays }: Plan): boolean {
  const reaches = [...notes.map((note) => (note.kind === 'note' ? note.reach : null)), ...stays.map(({ reach }) => reach)];
  return reaches.every((reach) => reach?.judged?.verdict !== 'beyond');
}
