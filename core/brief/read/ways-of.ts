import { type WayDown, WAYS_DOWN } from '#core/brief/parts/rules';
import type { Ways } from '#core/brief/parts/school';
import { type HandSchool, schoolsOf } from '#core/hand';
import { type IntonationSystem, SYSTEMS } from '#core/intonation';
import type { Brief } from '../schema/brief.ts';

/** Joins the answers of a brief: the piece goes before the player, the player before the school. */
export function waysOf({ school, player, ways }: Pick<Brief, 'school' | 'player' | 'ways'>): Ways {
  return { ...school?.ways, ...playerWays(player ?? {}), ...ways };
}

/** Gives the answers in which a player differs from the school. */
export function playerWays(player: NonNullable<Brief['player']>): Ways {
  const { name: _name, school: _school, hand: _hand, thumbFrom: _thumbFrom, pivots: _pivots, ...ways } = player;
  return ways;
}

/** Finds the hand model of a brief: the player's own, else on the double bass the one that is taught, else the usual one. */
export function handSchoolOf(brief: Pick<Brief, 'instrument' | 'school' | 'player' | 'ways'>): HandSchool {
  const own = brief.player?.school;
  if (own !== undefined) return own;
  return brief.instrument.kind === 'bass' && waysOf(brief).bassHand === '1234' ? '1234' : schoolsOf(brief.instrument.kind)[0];
}

/** Finds how the way down is fingered: as the piece says, else as is taught. */
export function wayDownOf(brief: Brief): WayDown {
  return brief.wayDown ?? waysOf(brief).down ?? WAYS_DOWN[0];
}

/** Finds the tuning that the notes aim at: as the piece says, else as is taught. */
export function intonationSystemOf(brief: Brief): IntonationSystem {
  return brief.intonation?.system ?? waysOf(brief).intonation ?? SYSTEMS[0];
}
