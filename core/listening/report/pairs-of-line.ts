import type { InstrumentKind } from '#core/instrument';
import type { DueNote } from '#core/listening';
import type { PairKind, PairNotes } from '#core/listening/simulated';

/** Two notes of a line that can be heard right and wrong. */
export type PairOfLine = PairNotes & {
  /** The line index of the second of them, or of the double stop. */
  readonly note: number;
};

/** The distance within which a double stop is an octave, cents. */
const OCTAVE_WITHIN = 40;

/** Lists what a line has to be heard right and wrong: its shifts on one string, its octaves, its changes of string between single notes. */
export function pairsOfLine(instrument: InstrumentKind, due: readonly DueNote[]): readonly PairOfLine[] {
  return due.flatMap((note, order): readonly PairOfLine[] => {
    const pair = kindOf(note, due[order - 1]);
    if (pair === null) return [];
    const [one = 1, other = 1] = pair === 'octave' ? note.hz : [due[order - 1]?.hz[0], note.hz[0]];
    const notes = { instrument, note: note.note, hz: [one, other] } as const;
    if (pair !== 'shift') return [{ ...notes, pair }];
    const { shift, slide } = note;
    // A shift whose guide is silent has no slide to hear, and one pitch under two fingers does not slide.
    return shift && slide ? [{ ...notes, pair, up: shift.handSemitones > 0, slide }] : [];
  });
}

function kindOf(note: DueNote, before: DueNote | undefined): PairKind | null {
  const [one = 1, other] = note.hz;
  if (other !== undefined) return Math.abs(1200 * Math.log2(other / one) - 1200) < OCTAVE_WITHIN ? 'octave' : null;
  return before?.hz.length === 1 ? inTurn(note, before) : null;
}

/** Tells what two single notes are, one after the other; null where nothing is to be heard between them. */
function inTurn({ stops: [stop], shift }: DueNote, { stops: [old] }: DueNote): PairKind | null {
  if (!stop || !old) return null;
  if (stop.string !== old.string) return 'crossing';
  return shift !== null && stop.finger !== '0' && old.finger !== '0' ? 'shift' : null;
}
