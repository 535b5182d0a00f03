import type { PartSetting } from '#core/brief/parts';
import { type HandModel, handOf, schoolsOf, USUAL_OPTIONS } from '#core/hand';
import { type PlayerHand, readPlayerHand } from '#core/hand/reach';
import { readInstrument } from '#core/instrument';
import { instrumentIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import type { Brief } from '../schema/brief.ts';

/** Who plays, and on what. */
export interface ReadPlayer extends PartSetting {
  /** The player's measured hand; null when the brief gives none. */
  readonly playerHand: PlayerHand | null;
}

/** Reads the instrument, the hand its school teaches, and the hand that plays it. */
export function readPlayer(brief: Pick<Brief, 'instrument' | 'player'>): Reading<ReadPlayer> {
  const instrument = readInstrument(brief.instrument);
  if (!instrument.ok) return instrument;
  const hand = readSchool(brief);
  if (!hand.ok) return hand;
  const playerHand = brief.player?.hand ? readPlayerHand(brief.player.hand, instrument.value) : goodReading(null);
  if (!playerHand.ok) return playerHand;
  return goodReading({ instrument: instrument.value, hand: hand.value, playerHand: playerHand.value });
}

function readSchool({ instrument: { kind }, player = {} }: Pick<Brief, 'instrument' | 'player'>): Reading<HandModel> {
  const schools = schoolsOf(kind);
  const school = player.school ?? schools[0];
  const { thumbFrom, pivots } = { ...USUAL_OPTIONS, ...player };
  if (schools.includes(school)) return goodReading(handOf(kind, school, { thumbFrom, pivots }));
  return badReading(instrumentIssue('school-of-another', { school, kind, known: schools }, { pointer: '/player/school' }));
}
