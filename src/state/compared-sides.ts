import type { Brief } from '#core/brief';
import { withHandSchool, withInstrumentSpec, withProfile } from '#core/brief/edits';
import type { HandSchool } from '#core/hand';
import type { Issue } from '#core/messages';
import type { Alternative } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import { engine } from '../engine/index.ts';
import type { PieceRecord } from '../records/record.ts';
import { profileOf } from '../records/for-briefs.ts';
import type { Studio } from '../records/studio.ts';

/**
 * One side of a comparison: a piece, as it is or for another player, on another instrument, in another school, in its best fingering or
 * another.
 */
export interface Side {
  /** The id of the piece. */
  readonly pieceId: string;
  /** The id of the player; null for the piece's own. */
  readonly playerId: string | null;
  /** The id of the instrument; null for the piece's own. */
  readonly instrumentId: string | null;
  /** The school of the hand; null for the piece's own. */
  readonly school: HandSchool | null;
  /** The best fingering, or the index among the others. */
  readonly fingering: 'best' | number;
}

/** The result of planning a side. */
export interface PlannedSide {
  readonly brief: Brief;
  /** The plan; null where no hand can play it. */
  readonly plan: Plan | null;
  readonly others: readonly Alternative[];
  readonly issues: readonly Issue[];
}

/** The number of other fingerings of a side that are offered. */
const MOST_OTHERS = 6;

/** Gives a side as it opens on a piece. */
export function plainSide(pieceId: string): Side {
  return { pieceId, playerId: null, instrumentId: null, school: null, fingering: 'best' };
}

/** Gives the brief of a side: the piece's own, changed as the side asks; a player brings hand, school and known positions. */
export function briefOfSide(side: Side, piece: PieceRecord, { players, instruments }: Pick<Studio, 'players' | 'instruments'>): Brief {
  const player = players.find(({ id }) => id === side.playerId);
  const instrument = instruments.find(({ id }) => id === (side.instrumentId ?? player?.instrumentId));
  const given = player ? withProfile(piece.document.brief, profileOf(player.document)) : piece.document.brief;
  const on = instrument ? withInstrumentSpec(given, instrument.document.instrument) : given;
  return side.school === null ? on : withHandSchool(on, side.school);
}

/** Plans a side, with its other fingerings to choose from. */
export async function planSide(brief: Brief, fingering: Side['fingering'], signal?: AbortSignal): Promise<PlannedSide> {
  const outcome = await engine.plan(brief, { signal });
  if (!outcome.ok) return { brief, plan: null, others: [], issues: outcome.issues };
  const others = await engine.ask(brief, { kind: 'alternatives', most: MOST_OTHERS }, { signal });
  const plan = fingering === 'best' ? outcome.value.best : (others[fingering]?.plan ?? outcome.value.best);
  return { brief, plan, others, issues: [] };
}
