import type { Brief, PlayerProfile } from '#core/brief';
import { withInstrumentSpec, withProfile, withSchool } from '#core/brief/edits';
import type { School } from '#core/brief/parts/school';
import type { PlayerDocument, SchoolDocument } from '#core/documents';
import type { InstrumentRecord, PlayerRecord, SchoolRecord, Uses } from './record.ts';

/** Gives a player's profile with the name that briefs use. */
export function profileOf({ name, profile }: PlayerDocument): PlayerProfile {
  return { ...profile, player: { ...profile.player, name } };
}

/** Gives a school with the name that briefs use. */
export function schoolOf({ name, school }: SchoolDocument): School {
  return { ...school, name };
}

/** Gives the school of a studio that has one and no other: everyone is taught by it unless somebody says otherwise; else null. */
export function onlySchool(schools: readonly SchoolRecord[]): SchoolRecord | null {
  return schools.length === 1 ? (schools[0] ?? null) : null;
}

/** A brief with the links to the studio that it uses. */
export interface Given extends Uses {
  readonly brief: Brief;
}

/**
 * Gives a brief to a player, on this player's own instrument if there is one, as this player is taught; `now` is the instrument it uses.
 */
export function giveTo(
  { id, document, instrumentId, schoolId }: PlayerRecord,
  { brief, instrumentId: now }: Pick<Given, 'brief' | 'instrumentId'>,
  studio: { readonly instruments: readonly InstrumentRecord[]; readonly schools: readonly SchoolRecord[] },
): Given {
  const own = studio.instruments.find((instrument) => instrument.id === instrumentId);
  const school = studio.schools.find((school) => school.id === schoolId);
  const given = withSchool(withProfile(brief, profileOf(document)), school ? schoolOf(school.document) : null);
  const sameKind = given.instrument.kind === brief.instrument.kind;
  return {
    brief: own ? withInstrumentSpec(given, own.document.instrument) : given,
    instrumentId: own?.id ?? (sameKind ? now : null),
    playerId: id,
    schoolId: school?.id ?? null,
  };
}

/**
 * Gives a brief to a player on the instrument it is for, within its own limits: the hand goes with it where it was measured on an instrument
 * of that kind.
 */
export function giveAsItIs(
  { id, document, schoolId }: PlayerRecord,
  { brief, instrumentId }: Pick<Given, 'brief' | 'instrumentId'>,
): Given {
  const { kind, player } = profileOf(document);
  return { brief: kind === brief.instrument.kind ? { ...brief, player } : brief, instrumentId, playerId: id, schoolId };
}
