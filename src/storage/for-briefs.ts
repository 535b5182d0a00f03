import type { PlayerProfile } from '#core/brief';
import type { School } from '#core/brief/parts/school';
import type { PlayerDocument, SchoolDocument } from '#core/documents';
import type { SchoolRecord } from './database.ts';

/** A player's profile with the name that briefs carry. */
export function profileOf({ name, profile }: PlayerDocument): PlayerProfile {
  return { ...profile, player: { ...profile.player, name } };
}

/** A school with the name that briefs carry. */
export function schoolOf({ name, school }: SchoolDocument): School {
  return { ...school, name };
}

/** The school of a studio that has one and no other: everyone is taught by it unless somebody says otherwise; else null. */
export function onlySchool(schools: readonly SchoolRecord[]): SchoolRecord | null {
  return schools.length === 1 ? (schools[0] ?? null) : null;
}
