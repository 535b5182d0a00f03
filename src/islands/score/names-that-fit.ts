/** A letter of a position’s name takes so much room, px. */
export const NAME_LETTER = 6.7;

/** So much stays free after a name, px. */
const AFTER_NAME = 6;

/** The first of some names that there is room for, px; null where there is none. */
export function nameThatFits(names: readonly string[], room: number): string | null {
  return names.find((name) => name.length * NAME_LETTER + AFTER_NAME <= room) ?? null;
}
