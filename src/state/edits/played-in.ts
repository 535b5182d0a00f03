import type { Brief } from '#core/brief';
import { newLine, withPlayed, withPlayedTogether, writeOut } from '#core/brief/lines';
import { WRITTEN_OCTAVES_ABOVE } from '#core/instrument';
import { workStore } from '../bench/index.ts';
import { enteringStore } from '../entering.ts';
import { select, selectionStore } from '../selection.ts';
import { editLine } from './line-actions.ts';

/** The time within which two keys that go down are a double stop, ms: fingers are never quite together. */
const TOGETHER_MS = 60;

/** The key that was played in last: its moment, and its place. */
let lastPlayed: { readonly atMs: number; readonly note: number } | null = null;

/**
 * Plays a key into the line, after the selected note or at the end, and selects it; two keys that go down together are a double stop.
 * `read` is the key as the player reads it, semitones above C0, null for a rest; `atMs` is the moment it went down.
 */
export function playKey(read: number | null, atMs: number): void {
  const { brief } = workStore.getState();
  const semitones = read === null ? null : read - 12 * WRITTEN_OCTAVES_ABOVE[brief.instrument.kind];
  if (semitones === null) return playRest(brief);
  const { duration, startOver } = enteringStore.getState();
  if (!startOver && lastPlayed && atMs - lastPlayed.atMs <= TOGETHER_MS) {
    const { note } = lastPlayed;
    lastPlayed = null;
    return editLine((now) => withPlayedTogether(now, note, semitones));
  }
  const played = startOver ? newLine(brief, semitones, duration) : withPlayed(brief, lastIndex(brief), semitones, duration);
  editLine(() => played.brief);
  select(played.note);
  enteringStore.setState({ startOver: false });
  lastPlayed = { atMs, note: played.note };
}

/** Writes a rest after the selected note or at the end; a line that is to be started over still is. */
function playRest(brief: Brief): void {
  const played = withPlayed(brief, lastIndex(brief), null, enteringStore.getState().duration);
  editLine(() => played.brief);
  select(played.note);
  lastPlayed = null;
}

/** Gives the selected note, else the last of the line. */
function lastIndex(brief: Brief): number {
  const { material } = writeOut(brief);
  const last = material.kind === 'line' ? material.notes.length - 1 : -1;
  return Math.min(last, selectionStore.getState().selected ?? last);
}

/** Writes a note after another, as it was clicked on the staff. */
export function writeNote(after: number, semitones: number): void {
  const { duration, startOver } = enteringStore.getState();
  const { brief } = workStore.getState();
  const written = startOver ? newLine(brief, semitones, duration) : withPlayed(brief, after, semitones, duration);
  editLine(() => written.brief);
  select(written.note);
  enteringStore.setState({ startOver: false });
}
