import type { Brief, Mark } from '#core/brief';

/**
 * The shares of a line that a player may take: every note; the first note of each measure and whatever an open string plays, with rests
 * between them in which the hand gets ready; open strings alone.
 */
export const SHARES = ['all', 'firsts', 'open'] as const;

/** The share of a line that a player takes. */
export type Share = (typeof SHARES)[number];

/** A player in a class. */
export interface ClassMember {
  /** The id by which the player is told from others of the same name. */
  readonly id: string;
  /** The name as it stands in the score. */
  readonly name: string;
  /** A brief on the player's own instrument, with hand, school, limits and wishes; its material is not played. */
  readonly base: Brief;
  /** The share of the line that the player takes. */
  readonly share: Share;
}

/**
 * Gives the brief of a player for the line of a class: what is asked of the player, with the bows of the line, which are alike for all, and
 * nothing else that is asked of single notes.
 */
export function briefInClass(base: Brief, line: Pick<Brief, 'material' | 'rhythm' | 'tempo' | 'marks'>): Brief {
  const { material, rhythm, tempo } = line;
  const marks = bowsOf(line);
  const {
    locks: _,
    given: __,
    marks: ___,
    stretches: ____,
    rhythm: _____,
    tempo: ______,
    wayDown,
    samePatternEveryOctave,
    ...asked
  } = base;
  const ofPattern =
    material.kind === 'line' ? {} : { ...(wayDown && { wayDown }), ...(samePatternEveryOctave && { samePatternEveryOctave }) };
  const lined = { ...asked, ...ofPattern, material, ...(rhythm && { rhythm }), ...(tempo === undefined ? {} : { tempo }) };
  return marks.length === 0 ? lined : { ...lined, marks };
}

/** Lists the bow signs of a line; remarks and cues are for the player of the piece alone. */
export function bowsOf({ marks = [] }: Pick<Brief, 'marks'>): Mark[] {
  return marks.flatMap(({ note, bow }) => (bow === undefined ? [] : [{ note, bow }]));
}
