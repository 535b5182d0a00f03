import type { Brief } from '#core/brief';
import { hotSpotsOf, type HotSpot, NOTHING_KNOWN } from '#core/drill/hot-spots';
import { INSTRUMENT_KINDS } from '#core/instrument';
import type { Plan } from '#core/plan/describe';
import type { PartChange } from './eased-part.ts';
import type { ClassMember } from './member.ts';
import { type QuietMeasures, quietMeasures, type SharedShift, sharedShifts } from './together.ts';
import type { WaysInClass } from './ways-in-class.ts';
import type { WholePart } from './whole-part.ts';

/** The ways in which parts may sound to each other: in the octave where each lies best, or all at one pitch. */
export const SOUNDINGS = ['octaves', 'unison'] as const;

/** The way in which parts sound to each other. */
export type Sounding = (typeof SOUNDINGS)[number];

/** A player with the ways in which he or she can take part. */
export interface MemberWays {
  /** The player. */
  readonly member: ClassMember;
  /** The possible parts. */
  readonly ways: WaysInClass;
}

/** The part of one player. */
export interface ClassPart {
  /** The player. */
  readonly member: ClassMember;
  /** The fingering. */
  readonly plan: Plan;
  /** The octaves by which it sounds above the line as it is asked for, or most of it does. */
  readonly octaves: number;
  /** The notes that differ from that, in order; empty where all of the line is played. */
  readonly changes: readonly PartChange[];
  /** Whether grace notes, ornaments or harmonics of the line are left out. */
  readonly plainer: boolean;
  /** The hardest places of the part, the hardest first. */
  readonly hard: readonly HotSpot[];
}

/** One line for a class: the parts in the order of a score, and what concerns all of them. */
export interface ClassScore {
  /** The parts, from the violins down. */
  readonly parts: readonly ClassPart[];
  /** The players who can play no note of it within their limits. */
  readonly silent: readonly ClassMember[];
  /** The moments at which everyone who plays arrives by a shift. */
  readonly sharedShifts: readonly SharedShift[];
  /** The measures in which nobody shifts. */
  readonly quiet: readonly QuietMeasures[];
}

/** The number of hard places that are told of a part. */
const HARD_TOLD = 2;

/**
 * Chooses the octaves, counted from the line as it is asked for, in which a class plays in unison: those in which most players play all of
 * it, of equals the cheapest to finger. Null where nobody plays all of it.
 */
export function unisonOctaves(players: readonly MemberWays[]): number | null {
  return commonOctaves(players.map(({ ways }) => ways.wholes));
}

/**
 * Puts a class together. Players of the same instrument share an octave where they can: that in which most of them play all of the line,
 * of equals the cheapest to finger; a player who cannot has the cheapest of his or her own.
 */
export function classScore(players: readonly MemberWays[]): ClassScore {
  const parts = INSTRUMENT_KINDS.flatMap((kind) => {
    const ofKind = players.filter(({ member }) => kindOf(member) === kind);
    const common = commonOctaves(ofKind.map(({ ways }) => ways.wholes));
    return ofKind.flatMap((player) => partOf(player, common) ?? []);
  });
  const silent = players.flatMap(({ member }) => (parts.some((part) => part.member.id === member.id) ? [] : [member]));
  const plans = parts.map(({ plan }) => plan);
  return { parts, silent, sharedShifts: sharedShifts(plans), quiet: quietMeasures(plans) };
}

function kindOf({ base }: { readonly base: Brief }): Brief['instrument']['kind'] {
  return base.instrument.kind;
}

function partOf({ member, ways }: MemberWays, common: number | null): ClassPart | null {
  const whole = ways.wholes.find(({ octaves }) => octaves === common) ?? cheapest(ways.wholes);
  const found = whole ? { ...whole, changes: [], plainer: false } : ways.eased;
  if (!found) return null;
  const { plan, octaves, changes, plainer } = found;
  return { member, plan, octaves, changes, plainer, hard: hotSpotsOf(plan, NOTHING_KNOWN).slice(0, HARD_TOLD) };
}

function commonOctaves(wholes: readonly (readonly WholePart[])[]): number | null {
  const all = [...new Set(wholes.flatMap((ofPlayer) => ofPlayer.map(({ octaves }) => octaves)))];
  const judged = all.map((octaves) => {
    const there = wholes.flatMap((ofPlayer) => ofPlayer.find((whole) => whole.octaves === octaves) ?? []);
    return { octaves, players: there.length, cost: there.reduce((sum, { plan }) => sum + plan.cost.totalThousandths, 0) };
  });
  const [best] = judged.toSorted((one, other) => other.players - one.players || one.cost - other.cost);
  return best?.octaves ?? null;
}

function cheapest(wholes: readonly WholePart[]): WholePart | null {
  return wholes.toSorted((one, other) => one.plan.cost.totalThousandths - other.plan.cost.totalThousandths)[0] ?? null;
}
