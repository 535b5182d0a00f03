/** The room that a letter of a position’s name takes, px. */
export const NAME_LETTER = 6.7;

/** The room that stays free after a name, px. */
const AFTER_NAME = 6;

/** Finds the first of some names that there is room for, px; null where there is none. */
export function nameThatFits(names: readonly string[], room: number): string | null {
  return names.find((name) => name.length * NAME_LETTER + AFTER_NAME <= room) ?? null;
}
