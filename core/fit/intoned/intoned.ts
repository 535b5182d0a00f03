import { intonationSystemOf } from '#core/brief';
import { type Instrument, readInstrument, type StringNumber, stringOf } from '#core/instrument';
import {
  beatsHz,
  centsOfRatio,
  type Intonation,
  LEADING_CENTS,
  openStringCents,
  openStringHz,
  pureRatio,
  type Ratio,
  type Target,
  targetOn,
} from '#core/intonation';
import {
  type Check,
  type CheckedNote,
  type CommaConflict,
  commaConflicts,
  offeredChecks,
  otherOctave,
  ringingStrings,
  ringStrength,
} from '#core/intonation/checks';
import { STOPPED_HARMONIC_ABOVE } from '#core/hand/together';
import { keyAt } from '#core/material/measures';
import { parsePitch, semitonesOf } from '#core/pitch';
import type { Plan, PlannedSound, Stop } from '#core/plan/describe';
import { asNumber } from '#core/fraction';

/** The target of one finger (or open string) of a plan, and the checks by which a player knows that it is right. */
export interface IntonedStop {
  /** The finger, or the open string. */
  readonly stop: Stop;
  /** The pitch to aim at, and its place on the string. */
  readonly target: Target;
  /** The checks that agree with the target, the best first; empty where nothing tells. */
  readonly checks: readonly Check[];
  /** The checks that do not agree with each other; empty where all do. */
  readonly conflicts: readonly CommaConflict[];
  /** The strength with which other open strings ring with it (see `ringStrength`). */
  readonly ring: number;
  /** The open strings that ring. */
  readonly ringsWith: readonly StringNumber[];
}

/** A place in a plan at which the ear should stop and check. */
export interface Checkpoint {
  /** The line index of the note. */
  readonly note: number;
  /** The reason: a shift arrives there, or the note is long. */
  readonly why: 'arrival' | 'long';
  /** The two notes of a double stop, judged as a pair; null for a single note, and where their interval is not a small ratio. */
  readonly pair: Pair | null;
  /** The best check there is. */
  readonly check: Check | null;
  /** A substitute where no check sounds: the same note lower, or in another octave; null where a check sounds. */
  readonly substitute: Check | null;
}

/** The two notes of a double stop, as they are heard together. */
export interface Pair {
  /** The ratio of the higher sound to the lower. */
  readonly ratio: Ratio;
  /** The beats a second where both lie on their targets. */
  readonly beatsHz: number;
  /** The distance from the target of the upper note to where the two are pure, cents. */
  readonly upperToPureCents: number;
}

/**
 * Gives the instrument of a plan, as its brief was read.
 *
 * @throws for a brief that was never planned, which is a bug
 */
export function instrumentOf(plan: Pick<Plan, 'brief'>): Instrument {
  const instrument = readInstrument(plan.brief.instrument);
  if (!instrument.ok)
    throw new RangeError(`A plan was made on an instrument that cannot be read: ${JSON.stringify(plan.brief.instrument)}`);
  return instrument.value;
}

/**
 * Gives the tuning at which a plan's notes aim: its brief's system, and the tonic of the key that a note stands in, or of the key the line
 * begins in.
 */
export function intonationOf({ brief, line, notes }: Plan, note: PlannedSound | null = null): Intonation {
  const key = note === null || line.changes.length === 0 ? line.key : keyAt(line, notes.indexOf(note));
  return { system: intonationSystemOf(brief), leadingCents: brief.intonation?.leadingCents ?? LEADING_CENTS.usual, tonic: key.tonic };
}

/** Gives targets and checks of one note of a plan, the lower stop first. */
export function intonedStops(plan: Plan, note: PlannedSound, intonation = intonationOf(plan, note)): readonly IntonedStop[] {
  const instrument = instrumentOf(plan);
  return note.stops.map((stop) => {
    const checked = checkedNote(instrument, stop);
    const fingered = stop.finger !== '0' && !stop.harmonic;
    return {
      stop,
      target: fingered
        ? targetOn(instrument, checked.stringIndex, checked.pitch, intonation)
        : note.partner?.does === 'touches'
          ? stoppedHarmonicTarget(instrument, checked, intonation)
          : ringingTarget(instrument, checked, stop),
      checks: fingered ? checksOfStop(plan, note, stop, intonation).map((check) => withBusyString(check, note)) : [],
      conflicts: fingered ? commaConflicts(instrument, checked) : [],
      ring: ringStrength(instrument, checked, stringsTaken(instrument, note)),
      ringsWith: ringingStrings(instrument, checked, stringsTaken(instrument, note)).map((index) => stringOf(instrument, index).number),
    };
  });
}

/** The distance that a hand reaches above its first finger without a shift, semitones. */
const UNDER_HAND = 5;

/**
 * Lists the checks of one finger of a plan that agree with its target, the best first: the same for the note, its drills, the stages of a
 * shift and the checkpoints.
 */
export function checksOfStop(plan: Plan, note: PlannedSound, stop: Stop, intonation = intonationOf(plan, note)): readonly Check[] {
  if (stop.finger === '0' || stop.harmonic) return [];
  const instrument = instrumentOf(plan);
  const checked = checkedNote(instrument, stop);
  const targetCents = targetOn(instrument, checked.stringIndex, checked.pitch, intonation).cents;
  return offeredChecks(instrument, checked, { targetCents, hand: { from: note.anchor, to: note.anchor + UNDER_HAND } });
}

/** Judges a double stop as a pair, by its two lowest notes; null for a single note, and where their interval is not a small ratio. */
export function pairOf(plan: Plan, note: PlannedSound, intonation = intonationOf(plan, note)): Pair | null {
  const [lower, upper] = intonedStops(plan, note, intonation).toSorted((one, other) => one.target.hz - other.target.hz);
  if (!lower || !upper) return null;
  const instrument = instrumentOf(plan);
  const [low, high] = [lower, upper].map(({ stop }) => checkedNote(instrument, stop).pitch);
  const ratio = low && high ? pureRatio(high, low) : null;
  if (!ratio) return null;
  return {
    ratio,
    beatsHz: beatsHz(ratio, upper.target.hz, lower.target.hz),
    upperToPureCents: centsOfRatio(ratio) - 1200 * Math.log2(upper.target.hz / lower.target.hz),
  };
}

/** Finds the stops of a plan with which an open string rings: by line index, 0 for the lower stop, 1 for the upper. */
export function ringingNotes(plan: Plan): ReadonlyMap<number, readonly number[]> {
  const instrument = instrumentOf(plan);
  const known = new Map<string, boolean>();
  const rings = (note: PlannedSound, stop: Stop): boolean => {
    const key = `${stop.pitch} ${note.stops.map((stop) => stop.string).join()}`;
    const found = known.get(key) ?? ringingStrings(instrument, checkedNote(instrument, stop), stringsTaken(instrument, note)).length > 0;
    known.set(key, found);
    return found;
  };
  return new Map(
    plan.notes.flatMap((note, index) => {
      if (note.kind === 'rest') return [];
      const ringing = note.stops.flatMap((stop, order) => (stop.finger !== '0' && rings(note, stop) ? [order] : []));
      return ringing.length > 0 ? [[index, ringing] as const] : [];
    }),
  );
}

/** Lists the strings that a note takes up, by index. */
function stringsTaken(instrument: Instrument, note: PlannedSound): readonly number[] {
  return note.stops.map((stop) => instrument.strings.findIndex((string) => string.number === stop.string));
}

/** Lists the places to stop and listen: every arrival of a shift, and the long notes for which a check sounds. */
export function checkpointsOf(plan: Plan): readonly Checkpoint[] {
  const arrivals = new Set(plan.shifts.map((shift) => shift.to));
  const long = longNotes(plan);
  return plan.notes.flatMap((note, index): readonly Checkpoint[] => {
    const why = arrivals.has(index) ? 'arrival' : long.has(index) ? 'long' : null;
    if (note.kind === 'rest' || why === null) return [];
    const heard = bestHearing(plan, note);
    return why === 'arrival' || heard.pair || heard.check ? [{ note: index, why, ...heard }] : [];
  });
}

/** Finds the best way to hear whether a note is in tune: its pair, or its best check that sounds; where there is none, a substitute. */
function bestHearing(plan: Plan, note: PlannedSound): Omit<Checkpoint, 'note' | 'why'> {
  const pair = pairOf(plan, note);
  const stop = note.stops.find(({ finger }) => finger !== '0') ?? note.stops[0];
  const checks = checksOfStop(plan, note, stop);
  const check = checks.find(({ pureCents }) => pureCents !== null) ?? null;
  if (pair || check || stop.finger === '0') return { pair, check, substitute: null };
  const instrument = instrumentOf(plan);
  return { pair, check, substitute: checks[0] ?? otherOctave(instrument, checkedNote(instrument, stop).pitch) };
}

/** Open strings and harmonics sound where the string puts them, whatever the system. */
function ringingTarget(instrument: Instrument, { stringIndex, pitch }: CheckedNote, stop: Stop): Target {
  const string = stringOf(instrument, stringIndex);
  const partial = Math.round(2 ** ((semitonesOf(pitch) - string.semitones) / 12));
  const cents = openStringCents(instrument, string.open) + centsOfRatio({ p: partial, q: 1 }) - 100 * Math.round(12 * Math.log2(partial));
  return { cents, hz: openStringHz(instrument, string) * partial, mmFromNut: stop.mmFromNut, mmFromEqual: 0 };
}

/** Gives the target of a stopped harmonic, which is as true as the note that is stopped, two octaves below it. */
function stoppedHarmonicTarget(instrument: Instrument, { stringIndex, pitch }: CheckedNote, intonation: Intonation): Target {
  const octaves = STOPPED_HARMONIC_ABOVE / 12;
  const stopped = targetOn(instrument, stringIndex, { ...pitch, octave: pitch.octave - octaves }, intonation);
  return { ...stopped, hz: stopped.hz * 2 ** octaves };
}

/** Gives the target of the other note of an ornament, Hz; null for a note without one. */
export function ornamentHz(plan: Plan, note: PlannedSound): number | null {
  if (note.partner === null || note.partner.does === 'touches') return null;
  const { stringIndex, pitch } = checkedNote(instrumentOf(plan), note.partner);
  return targetOn(instrumentOf(plan), stringIndex, pitch, intonationOf(plan, note)).hz;
}

/** Marks the string whose finger plays the other note of a double stop as busy: it cannot sound open with it. */
function withBusyString(check: Check, { stops }: PlannedSound): Check {
  const isBusy = stops.some(({ string, finger }) => string === check.string && finger !== '0');
  return check.sounded === 'together' && isBusy ? { ...check, sounded: 'one-after-the-other' } : check;
}

/**
 * Gives one finger of a plan as checks need it.
 *
 * @throws for a text that is no pitch, which is a bug
 */
export function checkedNote(instrument: Instrument, stop: Stop): CheckedNote {
  const pitch = parsePitch(stop.pitch);
  if (!pitch.ok) throw new RangeError(`A plan names no pitch: ${stop.pitch}`);
  return { stringIndex: instrument.strings.findIndex((string) => string.number === stop.string), pitch: pitch.value };
}

/** Finds the notes at least twice as long as the median of all. */
function longNotes({ line }: Plan): ReadonlySet<number> {
  const lengths = line.notes
    .flatMap((note) => (note.kind === 'note' && !note.grace ? [asNumber(note.duration)] : []))
    .toSorted((one, other) => one - other);
  const usual = lengths[Math.floor(lengths.length / 2)] ?? 0;
  return new Set(
    line.notes.flatMap((note, index) => (note.kind === 'note' && !note.grace && asNumber(note.duration) >= 2 * usual ? [index] : [])),
  );
}
