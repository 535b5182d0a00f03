import type { PartSetting } from '#core/brief/parts';
import type { Ways } from '#core/brief/parts/school';
import { type HandModel, schoolsOf } from '#core/hand';
import { handOf, USUAL_OPTIONS } from '#core/hand/models';
import { type PlayerHand, readPlayerHand } from '#core/hand/reach';
import { readInstrument } from '#core/instrument';
import { instrumentIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import type { Brief } from '../schema/brief.ts';
import { handSchoolOf, waysOf } from './ways-of.ts';

/** The player, with the instrument. */
export interface ReadPlayer extends PartSetting {
  /** The player's measured hand; null when the brief gives none. */
  readonly playerHand: PlayerHand | null;
  /** The answers of school, player and piece to the questions on which teachers differ. */
  readonly ways: Ways;
}

/** Reads the instrument, the hand that its school teaches, and the hand of the player. */
export function readPlayer(brief: Pick<Brief, 'instrument' | 'player' | 'school' | 'ways'>): Reading<ReadPlayer> {
  const instrument = readInstrument(brief.instrument);
  if (!instrument.ok) return instrument;
  const ways = waysOf(brief);
  const hand = readHand(brief, ways);
  if (!hand.ok) return hand;
  const playerHand = brief.player?.hand ? readPlayerHand(brief.player.hand, instrument.value) : goodReading(null);
  if (!playerHand.ok) return playerHand;
  return goodReading({ instrument: instrument.value, hand: hand.value, playerHand: playerHand.value, ways });
}

/** Reads the hand of a brief; the hand of a bass player may be taught to roll around its thumb. */
function readHand(brief: Pick<Brief, 'instrument' | 'player' | 'school' | 'ways'>, ways: Ways): Reading<HandModel> {
  const { kind } = brief.instrument;
  const schools = schoolsOf(kind);
  const school = handSchoolOf(brief);
  const { thumbFrom, pivots } = { ...USUAL_OPTIONS, pivots: kind === 'bass' && ways.bassHand === '124-pivots', ...brief.player };
  if (schools.includes(school)) return goodReading(handOf(kind, school, { thumbFrom, pivots }));
  return badReading(instrumentIssue('school-of-another', { school, kind, known: schools }, { pointer: '/player/school' }));
}
