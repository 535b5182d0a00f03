import type { PlayerProfile } from '#core/brief';
import type { School } from '#core/brief/parts/school';
import type { PlayerSheet, SchoolSheet } from '#core/documents';

/** A player's profile with the name that briefs carry. */
export function profileOf({ name, profile }: PlayerSheet): PlayerProfile {
  return { ...profile, player: { ...profile.player, name } };
}

/** A school with the name that briefs carry. */
export function schoolOf({ name, school }: SchoolSheet): School {
  return { ...school, name };
}
