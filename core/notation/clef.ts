import { type ClefName, CLEFS_READ, type InstrumentKind } from '#core/instrument';
import { LETTERS, type Pitch, stepsOf } from '#core/pitch';

/** A clef as notation needs it. */
export interface Clef {
  /** The name of the clef. */
  readonly name: ClefName;
  /** The MusicXML sign. */
  readonly sign: 'G' | 'C' | 'F';
  /** The line it stands on, 1 the lowest. */
  readonly line: number;
  /** The letter steps of the middle line above C0. */
  readonly middleSteps: number;
}

/** The clefs with their middle lines: B4, C4, A3 and D3. */
export const CLEFS: Readonly<Record<ClefName, Clef>> = {
  treble: { name: 'treble', sign: 'G', line: 2, middleSteps: 34 },
  alto: { name: 'alto', sign: 'C', line: 3, middleSteps: 28 },
  tenor: { name: 'tenor', sign: 'C', line: 4, middleSteps: 26 },
  bass: { name: 'bass', sign: 'F', line: 4, middleSteps: 22 },
};

/** The reading of a note on the staff: its clef, and whether a line over it says to play it an octave higher. */
export interface StaffReading {
  /** The clef by which the staff is read. */
  readonly clef: Clef;
  /** Whether it stands under an 8va line and sounds an octave above what is written. */
  readonly octaveLine: boolean;
}

/** A note for which a clef is chosen: its written pitches, and how natural a change of clef before it is. */
export interface ClefMoment {
  /** The written pitches; empty for a rest. */
  readonly written: readonly Pitch[];
  /** The moment in the measure at which it begins. */
  readonly at: 'measure' | 'beat' | 'within';
  /** The clef that the teacher or a file has set for it; null where it is free. */
  readonly set: ClefName | null;
}

/**
 * The costs of reading, in squared ledger lines: a note with three of them costs nine. A change of clef costs as much as two notes of
 * nearly three, more within a measure and most within a beat; a line begins in the instrument's own clef unless that is much harder, and
 * each note in another clef costs a little, in its third clef more. A clef that is set outweighs all of this. An octave line costs much to
 * begin, and each note under it costs nearly what four ledger lines do: string players read these without help. The figures are our own,
 * set by looking at scales and their clefs as they are usually printed.
 */
const READING = {
  change: { measure: 14, beat: 18, within: 30 },
  octaveLineChange: 20,
  underOctaveLine: 14,
  beginningInAnother: 14,
  another: [0, 2, 4],
  notAsSet: 100_000,
} as const;

/**
 * Chooses the clef and octave line of each note in turn: the clef that is set, else the one with which the whole line reads with the least
 * effort; ties go to the instrument's own.
 */
export function staffReadings(kind: InstrumentKind, moments: readonly ClefMoment[]): readonly StaffReading[] {
  const readings = readingsOf(kind);
  let sums = readings.map(
    ({ clef, octaveLine }) =>
      (clef === ownReading(kind).clef ? 0 : READING.beginningInAnother) + (octaveLine ? READING.octaveLineChange : 0),
  );
  const cameFrom: number[][] = [];
  for (const [index, moment] of moments.entries()) {
    const came = readings.map((to, place) => (index === 0 ? place : cheapestBefore(readings, sums, to, moment)));
    sums = readings.map((to, place) => {
      const from = came[place] ?? 0;
      const change = index === 0 ? 0 : changeCost(readings[from] ?? to, to, moment);
      return (sums[from] ?? Infinity) + change + readingCost(to, moment, kind);
    });
    cameFrom.push(came);
  }
  let place = leastOf(sums);
  const chosen: StaffReading[] = [];
  for (const came of cameFrom.toReversed()) {
    const reading = readings[place];
    if (reading) chosen.push(reading);
    place = came[place] ?? 0;
  }
  return chosen.toReversed();
}

/** Gives the letter steps above C0 at which a pitch stands on the staff: an octave lower under an octave line. */
export function stepsOnStaff(reading: StaffReading, written: Pitch): number {
  return stepsOf(written) - (reading.octaveLine ? LETTERS.length : 0);
}

/** Gives the instrument's own clef, for a line without notes. */
export function ownReading(kind: InstrumentKind): StaffReading {
  return { clef: CLEFS[CLEFS_READ[kind][0]], octaveLine: false };
}

function readingsOf(kind: InstrumentKind): readonly StaffReading[] {
  const plain = CLEFS_READ[kind].map((name) => ({ clef: CLEFS[name], octaveLine: false }));
  return [...plain, { clef: CLEFS.treble, octaveLine: true }];
}

function cheapestBefore(readings: readonly StaffReading[], sums: readonly number[], to: StaffReading, moment: ClefMoment): number {
  return leastOf(sums.map((sum, from) => sum + changeCost(readings[from] ?? to, to, moment)));
}

function changeCost(from: StaffReading, to: StaffReading, { at }: ClefMoment): number {
  const clef = from.clef === to.clef ? 0 : READING.change[at];
  return clef + (from.octaveLine === to.octaveLine ? 0 : READING.octaveLineChange);
}

function readingCost(reading: StaffReading, { written, set }: ClefMoment, kind: InstrumentKind): number {
  const notAsSet = set !== null && set !== reading.clef.name ? READING.notAsSet : 0;
  const lines = written.reduce((sum, pitch) => sum + ledgerLines(stepsOnStaff(reading, pitch) - reading.clef.middleSteps) ** 2, 0);
  return (
    notAsSet +
    lines +
    (READING.another[CLEFS_READ[kind].indexOf(reading.clef.name)] ?? 0) +
    (reading.octaveLine ? READING.underOctaveLine : 0)
  );
}

function ledgerLines(stepsFromMiddle: number): number {
  return Math.max(0, Math.floor((Math.abs(stepsFromMiddle) - 4) / 2));
}

function leastOf(sums: readonly number[]): number {
  return sums.reduce((least, sum, index) => (sum < (sums[least] ?? Infinity) ? index : least), 0);
}
