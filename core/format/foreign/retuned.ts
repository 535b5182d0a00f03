import { type Instrument, type InstrumentKind, type InstrumentSpec, readInstrument, stringOf, TUNINGS } from '#core/instrument';
import { type Pitch, semitonesOf, stepsOf, transpose } from '#core/pitch';
import { stringOfWritten } from './fingering.ts';
import type { ForeignNote, ForeignPart } from './score.ts';

/** An instrument whose strings are tuned as a score says, and the pitches that sound where it is written for usual strings. */
export interface Retuned {
  /** The instrument. */
  readonly spec: InstrumentSpec;
  /** Gives the sounding pitches of a note that is written as it is fingered, from the lowest. */
  readonly sounding: (written: Pick<ForeignNote, 'pitches' | 'string'>) => readonly Pitch[];
}

/** A part whose strings are tuned as usual. */
export const TUNED_AS_USUAL: Pick<ForeignPart, 'retuned'> = { retuned: new Map() };

/** Retunes an instrument as a part says; the usual instrument where it says nothing, or nothing that can be strung. */
export function retune({ retuned }: Pick<ForeignPart, 'retuned'>, kind: InstrumentKind): Retuned {
  const usual = readInstrument({ kind });
  const count = Math.max(TUNINGS[kind].length, ...retuned.keys());
  const tuning = Array.from({ length: count }, (_, index) => retuned.get(index + 1) ?? TUNINGS[kind][index] ?? '');
  const changed = readInstrument({ kind, tuning });
  const isUsual = tuning.every((open, index) => open === TUNINGS[kind][index]);
  if (isUsual || !usual.ok || !changed.ok) return { spec: { kind }, sounding: ({ pitches }) => pitches };
  // With another number of strings than usual nothing is retuned.
  const isAsWritten = count !== TUNINGS[kind].length;
  return {
    spec: { kind, tuning },
    sounding: (written) => (isAsWritten ? written.pitches : soundingOn(usual.value, changed.value, written)),
  };
}

/** Moves each pitch as its string is tuned; of several pitches the highest has the highest string, and each lower one the next. */
function soundingOn(
  usual: Instrument,
  changed: Instrument,
  { pitches, string }: Pick<ForeignNote, 'pitches' | 'string'>,
): readonly Pitch[] {
  const above = pitches.length - 1;
  const [lowest, top] = [pitches[0], pitches[above]].map((pitch) => (pitch ? semitonesOf(pitch) : 0));
  const lowestIndex = string === null ? stringOfWritten(null, top ?? 0, usual) + above : stringOfWritten(string, lowest ?? 0, usual);
  return pitches.map((pitch, order) => {
    const index = Math.min(usual.strings.length - 1, Math.max(0, lowestIndex - order));
    const [before, now] = [stringOf(usual, index), stringOf(changed, index)];
    const by = { steps: stepsOf(now.open) - stepsOf(before.open), semitones: now.semitones - before.semitones };
    return transpose(pitch, by) ?? pitch;
  });
}
