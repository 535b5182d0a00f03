import { type Brief, readPlayer } from '#core/brief';
import { BROKEN_FIGURES } from '#core/material/scale';
import type { LineNoteDocument } from '#core/material/typed';
import type { Issue } from '#core/messages';
import { formatFraction, fraction, multiplyFractions, parseFraction } from '#core/fraction';
import type { Relaxation } from './types.ts';

/** The number of positions, in the order in which they are learnt, up to which a pupil is a beginner in double stops. */
const FIRST_LEARNT = 2;

/**
 * Proposes what a teacher tries before moving a beginner's double stops to a higher position: their notes one after the other. Nothing
 * where other positions are allowed, for material other than double stops, and where something is asked of single notes.
 */
export function breakUp(brief: Brief, issues: readonly Issue[]): readonly Relaxation[] {
  if (!staysLow(brief)) return [];
  const { material } = brief;
  if (material.kind === 'double-stops') {
    const figure = BROKEN_FIGURES.find((known) => known === material.interval);
    if (figure === undefined) return [];
    const { type, tonic, octaves, direction } = material;
    const broken = { kind: 'broken', figure, type, tonic, octaves, direction } as const;
    return [{ words: `as broken ${figure}, one note after the other`, brief: { ...brief, material: broken } }];
  }
  const failing = new Set(issues.flatMap(({ where }) => where.note ?? []));
  const asksOfNotes = [brief.locks, brief.marks, brief.stretches].some((list) => list !== undefined && list.length > 0);
  if (material.kind !== 'line' || asksOfNotes) return [];
  const notes = material.notes.flatMap((note, index) => (failing.has(index) ? oneAfterTheOther(note) : [note]));
  if (notes.length === material.notes.length) return [];
  return [{ words: 'with the notes of that double stop one after the other', brief: { ...brief, material: { ...material, notes } } }];
}

function staysLow(brief: Brief): boolean {
  const player = readPlayer(brief);
  const allowed = brief.limits?.positions;
  return player.ok && allowed !== undefined && allowed.every((label) => player.value.hand.learningOrder.indexOf(label) < FIRST_LEARNT);
}

/** Plays the two notes of a double stop in half its time each; anything else stays as it is. */
function oneAfterTheOther(note: LineNoteDocument): readonly LineNoteDocument[] {
  const length = parseFraction(note.duration);
  if ('rest' in note || note.pitches.length !== 2 || !length) return [note];
  const duration = formatFraction(multiplyFractions(length, fraction(1, 2)));
  return note.pitches.map((pitch) => ({ pitches: [pitch], duration }));
}
