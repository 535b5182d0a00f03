import type { Brief, PlayerProfile } from '#core/brief';
import type { School } from '#core/brief/parts/school';
import type { HandSchool } from '#core/hand';
import type { HandPreset } from '#core/hand/reach';
import { withLimits, withPurpose } from './asked-edits.ts';
import { withInstrument } from './instrument-edits.ts';

type Player = PlayerProfile['player'];

/**
 * Takes over a player of the studio: hand, school, purpose and the positions known. Where the player was given to the brief before (`was`),
 * only what has changed since is applied, so that what the teacher decided for this piece stays.
 */
export function withProfile(brief: Brief, profile: PlayerProfile, was: PlayerProfile | null = null): Brief {
  const { kind, player, purpose, positions } = profile;
  const moved = brief.instrument.kind === kind ? brief : withInstrument(brief, kind);
  const hasChanged = (name: keyof PlayerProfile): boolean => was === null || !alike(was[name], profile[name]);
  const known = hasChanged('positions') ? withLimits(moved, { positions: positions ?? null }) : moved;
  const meant = hasChanged('purpose') ? withPurpose(known, purpose ?? null) : known;
  return { ...meant, player: was === null ? player : withChangedFields(meant.player ?? {}, was.player, player) };
}

function withChangedFields(fields: Player, was: Player, now: Player): Player {
  const before = new Map(Object.entries(was));
  const after = new Map(Object.entries(now));
  const untouched = Object.entries(fields).filter(([name]) => alike(before.get(name), after.get(name)));
  const changed = [...after].filter(([name, value]) => !alike(before.get(name), value));
  return Object.fromEntries([...untouched, ...changed]);
}

function alike(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}

/** Takes the player's name out of a brief, and leaves the hand: for pages and codes that others see. */
export function briefOfNobody(brief: Brief): Brief {
  if (brief.player === undefined) return brief;
  const { name: _, ...hand } = brief.player;
  return { ...brief, player: hand };
}

/** Sets the hand as an estimate; null where nothing is said of it. */
export function withHand(brief: Brief, preset: HandPreset | null): Brief {
  const { hand: _, ...player } = brief.player ?? {};
  return { ...brief, player: preset === null ? player : { ...player, hand: { preset } } };
}

/** Changes the hand model on the same instrument; its positions may differ, so limits and locks on positions are dropped. */
export function withHandSchool(brief: Brief, school: HandSchool): Brief {
  return { ...withLimits(brief, { positions: null, fingers: null }), player: { ...brief.player, school } };
}

/** Makes the brief follow a school; null for none. */
export function withSchool(brief: Brief, school: School | null): Brief {
  const { school: _, ...others } = brief;
  return school === null ? others : { ...others, school };
}
