import { Type } from '@sinclair/typebox';
import type { WishPart } from '#core/brief/parts';
import { eachNamed } from '#core/result';
import { connected } from './connected.ts';
import { fewestShifts } from './fewest-shifts.ts';
import { fingerASemitone } from './finger-a-semitone.ts';
import { lowPositions } from './low-positions.ts';
import { noExtensions } from './no-extensions.ts';
import { oneString } from './one-string.ts';
import { openStringsCovered } from './open-strings-covered.ts';
import { openStringsRing } from './open-strings-ring.ts';
import { strongFingers } from './strong-fingers.ts';
import { trainFourth } from './train-fourth.ts';

/** Every wish, by its name in documents, in the order in which they are offered. */
const WISH_PARTS = {
  'fewest-shifts': fewestShifts,
  'strong-fingers': strongFingers,
  'train-fourth': trainFourth,
  'open-strings-ring': openStringsRing,
  'open-strings-covered': openStringsCovered,
  'one-string': oneString,
  'no-extensions': noExtensions,
  'low-positions': lowPositions,
  connected: connected,
  'finger-a-semitone': fingerASemitone,
} as const;

/** A teacher's wish. */
export type Preference = keyof typeof WISH_PARTS;

/** The names of all wishes, in their order. */
export const PREFERENCES: readonly Preference[] = Object.keys(WISH_PARTS).filter((name): name is Preference => name in WISH_PARTS);

/** Finds a wish by its name. */
export function wishPart(name: Preference): WishPart {
  return WISH_PARTS[name];
}

/** Wishes by name, each with its strength, 0 … 1, as documents carry them. */
export type Preferences = Partial<Record<Preference, number>>;

/** The schema of wishes by name, each from 0 to 1. */
export const Preferences = eachNamed<Preferences>(PREFERENCES, Type.Number({ minimum: 0, maximum: 1 }));

/** The wishes of a brief, read: those of some strength. */
export type Wishes = ReadonlyMap<Preference, number>;

/** Reads the wishes of a brief. */
export function readWishes(preferences: Preferences = {}): Wishes {
  return new Map(PREFERENCES.map((name) => [name, preferences[name] ?? 0] as const).filter(([, strength]) => strength > 0));
}
