import { type ClefName, CLEFS_READ, type InstrumentKind } from '#core/instrument';
import type { Line } from '#core/material/line';
import { clefsRead } from '#core/notation';
import type { ChosenEvent } from './chosen.ts';
import type { LeftOut } from './left-out.ts';

/** The clefs of a file that a piece keeps, and those that are left out. */
export interface ClefsKept {
  /** The clefs set at notes, by index in the line; empty where the line is read in these clefs anyway. */
  readonly set: ReadonlyMap<number, ClefName>;
  /** The changes to a clef that is not kept, one entry for each. */
  readonly dropped: readonly LeftOut[];
}

/**
 * Keeps the clefs in which music is written where it stays on its instrument, at pitch, and its players read them.
 *
 * @param events the notes and rests that the line was made of, one for each of its notes
 * @param line as it will be read
 */
export function clefsKept(events: readonly ChosenEvent[], line: Line, kind: InstrumentKind, hold: boolean): ClefsKept {
  const changes = changesOfClef(events);
  const kept = changes.filter(({ clef }) => hold && clef !== null && CLEFS_READ[kind].includes(clef));
  const dropped = changes.filter((change, order) => order > 0 && !kept.includes(change)).map((): LeftOut => 'clefs');
  const usual = clefsRead(kind, line);
  const isAsUsual =
    dropped.length === 0 && events.every(({ note, clef }, index) => note === null || clef === null || clef === usual[index]);
  return { set: new Map(isAsUsual ? [] : kept.flatMap(({ note, clef }) => (clef ? [[note, clef] as const] : []))), dropped };
}

/** Finds the note with which each clef begins to be read; the first note, and every change after it. */
function changesOfClef(events: readonly ChosenEvent[]): readonly { readonly note: number; readonly clef: ClefName | null }[] {
  const sounding = events.flatMap(({ note, clef }, index) => (note ? [{ note: index, clef }] : []));
  return sounding.filter(({ clef }, order) => order === 0 || clef !== sounding[order - 1]?.clef);
}
