import type { Brief } from '#core/brief';
import { withInstrument, withSchool } from '#core/brief/edits';
import { FIRST_BRIEF } from '#core/brief/lines';
import type { ClassMember } from '#core/class-score';
import { INSTRUMENT_KINDS } from '#core/instrument';
import type { SheetChoices } from '#core/paper/choices';
import { readySheet } from '#core/paper/choices';
import { scaleBookLines } from '#core/scale-book';
import { giveTo, onlySchool, schoolOf } from '../../records/for-briefs.ts';
import type { PieceRecord } from '../../records/record.ts';
import type { Studio } from '../../records/studio.ts';
import type { ClassChoices } from '../../state/paper/index.ts';

/** Somebody who can be in a class: a player of the studio, or an instrument without a player. */
export interface Candidate {
  /** The id of the player, or the name of the instrument. */
  readonly id: string;
  /** The player's name; empty for an instrument without a player. */
  readonly name: string;
  readonly base: Brief;
  /** The choices for a sheet of this player. */
  readonly sheet: SheetChoices;
}

/** Lists who can be in a class: the players of the studio, then each instrument without a player, taught by the one school there is. */
export function candidatesOf(studio: Studio): readonly Candidate[] {
  const players = studio.players.map((player): Candidate => {
    const { brief, schoolId } = giveTo(player, { brief: FIRST_BRIEF, instrumentId: null }, studio);
    const ofSchool = studio.schools.find(({ id }) => id === schoolId)?.document.sheet;
    const sheet = player.document.sheet ?? ofSchool ?? readySheet('usual');
    return { id: player.id, name: player.document.name, base: brief, sheet };
  });
  const school = onlySchool(studio.schools);
  const instruments = INSTRUMENT_KINDS.map((kind): Candidate => {
    const base = withSchool(withInstrument(FIRST_BRIEF, kind), school && schoolOf(school.document));
    return { id: kind, name: '', base, sheet: readySheet('usual') };
  });
  return [...players, ...instruments];
}

/** Lists the players of a class by its choices. */
export function membersOf(candidates: readonly Candidate[], { shares }: ClassChoices): readonly ClassMember[] {
  return candidates.flatMap(({ id, name, base }) => {
    const share = shares[id];
    return share === undefined ? [] : [{ id, name, base, share }];
  });
}

/** Gives the line of a class: of a key, or of a piece; null where there is none. */
export function lineOf(choices: ClassChoices, pieces: readonly PieceRecord[]): Brief | null {
  if (choices.from === 'piece') return pieces.find(({ id }) => id === choices.pieceId)?.document.brief ?? null;
  const { key, kind, octaves, direction, minor, noteValue, tempo } = choices;
  const base: Brief = { ...FIRST_BRIEF, rhythm: { noteValue, meter: '4/4' }, tempo };
  const book = { keys: [key], order: 'fifths', kinds: [kind], octaves: [octaves], direction, minor } as const;
  return scaleBookLines(book, base).keys[0]?.lines[0]?.brief ?? null;
}
