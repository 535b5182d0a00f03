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

/** What one finger (or open string) of a plan aims at, and how a player knows that it is right. */
export interface IntonedStop {
  /** The finger, or the open string. */
  readonly stop: Stop;
  /** Where it aims. */
  readonly target: Target;
  /** Those that agree with the target, the best first; empty where nothing tells. */
  readonly checks: readonly Check[];
  /** Checks that do not agree with each other; empty where all do. */
  readonly conflicts: readonly CommaConflict[];
  /** How strongly other open strings ring with it (see `ringStrength`), and which. */
  readonly ring: number;
  /** The open strings that ring. */
  readonly ringsWith: readonly StringNumber[];
}

/** Where in a plan the ear should stop and ask, and what answers. */
export interface Checkpoint {
  /** Line index. */
  readonly note: number;
  /** A shift arrives there, or the note is long. */
  readonly why: 'arrival' | 'long';
  /** The two notes of a double stop, judged as a pair; null for a single note, and where their interval is not a small ratio. */
  readonly pair: Pair | null;
  /** The best check there is. */
  readonly check: Check | null;
  /** What helps where nothing sounds that tells: the same note lower, or in another octave. */
  readonly substitute: Check | null;
}

/** The two notes of a double stop, as they are heard together. */
export interface Pair {
  /** The higher sound to the lower. */
  readonly ratio: Ratio;
  /** Beats a second where both lie on their targets. */
  readonly beatsHz: number;
  /** From the target of the upper note to where the two are pure, cents. */
  readonly upperToPureCents: number;
}

/** The instrument of a plan, as its brief was read. Throws for a brief that was never planned: a bug. */
export function instrumentOf(plan: Pick<Plan, 'brief'>): Instrument {
  const instrument = readInstrument(plan.brief.instrument);
  if (!instrument.ok)
    throw new RangeError(`A plan was made on an instrument that cannot be read: ${JSON.stringify(plan.brief.instrument)}`);
  return instrument.value;
}

/** What a plan's notes aim at: its brief's system, the tonic of the key that a note stands in, or of the key the line begins in. */
export function intonationOf({ brief, line, notes }: Plan, note: PlannedSound | null = null): Intonation {
  const key = note === null || line.changes.length === 0 ? line.key : keyAt(line, notes.indexOf(note));
  return { system: intonationSystemOf(brief), leadingCents: brief.intonation?.leadingCents ?? LEADING_CENTS.usual, tonic: key.tonic };
}

/** Targets and checks of one note of a plan, the lower stop first. */
export function intoned(plan: Plan, note: PlannedSound, intonation = intonationOf(plan, note)): readonly IntonedStop[] {
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
      ring: ringStrength(instrument, checked, stopped(instrument, note)),
      ringsWith: ringingStrings(instrument, checked, stopped(instrument, note)).map((index) => stringOf(instrument, index).number),
    };
  });
}

/** How far a hand reaches above its first finger without a shift, semitones. */
const UNDER_HAND = 5;

/**
 * The checks of one finger of a plan that agree with what it aims at, the best first: the same for the note, its drills, the stages of
 * a shift and the checkpoints.
 */
export function checksOfStop(plan: Plan, note: PlannedSound, stop: Stop, intonation = intonationOf(plan, note)): readonly Check[] {
  if (stop.finger === '0' || stop.harmonic) return [];
  const instrument = instrumentOf(plan);
  const checked = checkedNote(instrument, stop);
  const targetCents = targetOn(instrument, checked.stringIndex, checked.pitch, intonation).cents;
  return offeredChecks(instrument, checked, { targetCents, hand: { from: note.anchor, to: note.anchor + UNDER_HAND } });
}

/** A double stop judged as a pair: its two lowest notes; null for a single note, and where their interval is not a small ratio. */
export function pairOf(plan: Plan, note: PlannedSound, intonation = intonationOf(plan, note)): Pair | null {
  const [lower, upper] = intoned(plan, note, intonation).toSorted((one, other) => one.target.hz - other.target.hz);
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

/** Which stops of which notes of a plan an open string rings with: by line index, 0 for the lower stop, 1 for the upper. */
export function ringingNotes(plan: Plan): ReadonlyMap<number, readonly number[]> {
  const instrument = instrumentOf(plan);
  const known = new Map<string, boolean>();
  const rings = (note: PlannedSound, stop: Stop): boolean => {
    const key = `${stop.pitch} ${note.stops.map((each) => each.string).join()}`;
    const found = known.get(key) ?? ringingStrings(instrument, checkedNote(instrument, stop), stopped(instrument, note)).length > 0;
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

/** The strings that a note takes up, by index. */
function stopped(instrument: Instrument, note: PlannedSound): readonly number[] {
  return note.stops.map((stop) => instrument.strings.findIndex((string) => string.number === stop.string));
}

/** Where to stop and listen: every arrival of a shift, and long notes that something sounding tells. */
export function checkpointsOf(plan: Plan): readonly Checkpoint[] {
  const arrivals = new Set(plan.shifts.map((shift) => shift.to));
  const long = longNotes(plan);
  return plan.notes.flatMap((note, index): readonly Checkpoint[] => {
    const why = arrivals.has(index) ? 'arrival' : long.has(index) ? 'long' : null;
    if (note.kind === 'rest' || why === null) return [];
    const heard = heardBy(plan, note);
    return why === 'arrival' || heard.pair || heard.check ? [{ note: index, why, ...heard }] : [];
  });
}

/** What tells a note: its pair or its best check that sounds, and what helps where there is none. */
function heardBy(plan: Plan, note: PlannedSound): Omit<Checkpoint, 'note' | 'why'> {
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

/** A stopped harmonic is as true as the note that is stopped, two octaves below it. */
function stoppedHarmonicTarget(instrument: Instrument, { stringIndex, pitch }: CheckedNote, intonation: Intonation): Target {
  const octaves = STOPPED_HARMONIC_ABOVE / 12;
  const stopped = targetOn(instrument, stringIndex, { ...pitch, octave: pitch.octave - octaves }, intonation);
  return { ...stopped, hz: stopped.hz * 2 ** octaves };
}

/** What the other note of an ornament aims at, Hz; null for a note without one. */
export function ornamentHz(plan: Plan, note: PlannedSound): number | null {
  if (note.partner === null || note.partner.does === 'touches') return null;
  const { stringIndex, pitch } = checkedNote(instrumentOf(plan), note.partner);
  return targetOn(instrumentOf(plan), stringIndex, pitch, intonationOf(plan, note)).hz;
}

/** A string whose finger plays the other note of a double stop cannot sound open with it. */
function withBusyString(check: Check, { stops }: PlannedSound): Check {
  const isBusy = stops.some(({ string, finger }) => string === check.string && finger !== '0');
  return check.sounded === 'together' && isBusy ? { ...check, sounded: 'one-after-the-other' } : check;
}

/** One finger of a plan as checks ask of it. Throws for a pitch that is none: a bug. */
export function checkedNote(instrument: Instrument, stop: Stop): CheckedNote {
  const pitch = parsePitch(stop.pitch);
  if (!pitch.ok) throw new RangeError(`A plan names no pitch: ${stop.pitch}`);
  return { stringIndex: instrument.strings.findIndex((string) => string.number === stop.string), pitch: pitch.value };
}

/** Notes at least twice as long as the middle one of all. */
function longNotes({ line }: Plan): ReadonlySet<number> {
  const lengths = line.notes
    .flatMap((note) => (note.kind === 'note' && !note.grace ? [asNumber(note.duration)] : []))
    .toSorted((one, other) => one - other);
  const usual = lengths[Math.floor(lengths.length / 2)] ?? 0;
  return new Set(
    line.notes.flatMap((note, index) => (note.kind === 'note' && !note.grace && asNumber(note.duration) >= 2 * usual ? [index] : [])),
  );
}
