import { HARMONIC_NODES, type Instrument, type StringNumber, stringOf } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import { frequencyHz, type Pitch, semitonesOf } from '#core/pitch';
import { beatsHz, centsOfRatio, factorOfCents, pureRatio, type Ratio, mmOfCents, openStringCents, openStringHz } from '#core/intonation';

/** The kinds of check, the strongest first. */
const CHECK_KINDS = ['unison', 'octave', 'harmonic', 'fifth-or-fourth', 'third-or-sixth', 'lower-place', 'other-octave'] as const;

/**
 * The means by which a player may know that a note is right.
 *
 * - `unison`, `octave`: with an open string (an octave or two);
 * - `harmonic`: a natural harmonic at the same pitch;
 * - `fifth-or-fourth`, `third-or-sixth`: with an open neighbour string;
 * - `lower-place`: the same note nearer the nut;
 * - `other-octave`: the note in another octave, in a low place.
 */
export type CheckKind = (typeof CHECK_KINDS)[number];

/** One way to know that a note is right. */
export interface Check {
  /** The kind of the check. */
  readonly kind: CheckKind;
  /** The string with which it is compared, or on which it is looked for. */
  readonly string: StringNumber;
  /** The string's open note, documents' form. */
  readonly open: string;
  /** The ratio of the higher sound to the lower. */
  readonly ratio: Ratio;
  /** Whether the two are bowed together, on neighbouring strings, or one after the other. */
  readonly sounded: 'together' | 'one-after-the-other';
  /**
   * The place where the other finger stops or touches, semitones above its open string (of a harmonic to the nearest) and mm from the nut;
   * null for an open string.
   */
  readonly place: { readonly semitonesAboveOpen: number; readonly mmFromNut: number } | null;
  /**
   * The distance from equal temperament at which the note is right by this check, cents. Null where the check is only as right as the ear.
   */
  readonly pureCents: number | null;
  /** Whether it depends on the tuning system: fourths, fifths, thirds and sixths do; unisons and octaves are the same in all. */
  readonly dependsOnSystem: boolean;
}

/** A note on a string, as checks need it. */
export interface CheckedNote {
  /** The index of the string: 0 for string I. */
  readonly stringIndex: number;
  /** The sounding pitch. */
  readonly pitch: Pitch;
}

/**
 * Lists everything that a stopped note can be compared with, whatever its target (see `offeredChecks`); empty for an open string, which is
 * a reference for other notes.
 */
export function checksOf(instrument: Instrument, note: CheckedNote): readonly Check[] {
  const own = stringOf(instrument, note.stringIndex);
  if (semitonesOf(note.pitch) <= own.semitones) return [];
  const found = [
    ...instrument.strings.flatMap((_, index) => openStringCheck(instrument, note, index)),
    ...instrument.strings.flatMap((_, index) => harmonicCheck(instrument, note, index)),
    ...lowerPlaces(instrument, note),
  ];
  return found.toSorted((one, other) => CHECK_KINDS.indexOf(one.kind) - CHECK_KINDS.indexOf(other.kind));
}

/**
 * Gives how much each open string rings with a note, by string: 2/(p·q) for the ratio p : q in lowest terms, p and q up to 6, so that an
 * octave away is 1 and a unison 2; 0 where there is no such ratio. The figure is our own. Strings under a finger (`stopped`: the one that
 * plays, and in a double stop the other) do not ring.
 */
function ringShares(instrument: Instrument, note: CheckedNote, stopped: readonly number[] = [note.stringIndex]): readonly number[] {
  return instrument.strings.map((string, index) => {
    const ratio = stopped.includes(index) ? null : pureRatio(note.pitch, string.open);
    return ratio ? 2 / (ratio.p * ratio.q) : 0;
  });
}

/** Gives the strength with which all open strings together ring with a note: the sum of `ringShares`. */
export function ringStrength(instrument: Instrument, note: CheckedNote, stopped?: readonly number[]): number {
  return ringShares(instrument, note, stopped).reduce((sum, share) => sum + share, 0);
}

/** The strength from which a note is said to ring: an open string at the unison or the octave, or as much from several. */
export const RINGS_FROM = 1;

/** The share from which a string is named among those that ring with a note: the double octave. */
const NAMED_FROM = 0.5;

/** Lists the open strings that ring with a note, by index, where it rings at all. */
export function ringingStrings(instrument: Instrument, note: CheckedNote, stopped?: readonly number[]): readonly number[] {
  const shares = ringShares(instrument, note, stopped);
  if (shares.reduce((sum, share) => sum + share, 0) < RINGS_FROM) return [];
  return shares.flatMap((share, index) => (share >= NAMED_FROM ? [index] : []));
}

/**
 * Gives the beats a second of a check when the note is `errorCents` off; null for checks by memory (one after the other, with no open
 * string).
 */
export function beatsOff(instrument: Instrument, note: CheckedNote, check: Check, errorCents: number): number | null {
  if (check.pureCents === null) return null;
  const other = instrument.strings.find((string) => string.number === check.string);
  if (!other) return null;
  const otherHz = openStringHz(instrument, other) * (check.kind === 'harmonic' ? partialOf(check) : 1);
  const noteHz = frequencyHz(note.pitch, instrument.a4Hz) * factorOfCents(check.pureCents + errorCents);
  return beatsHz(check.kind === 'harmonic' ? { p: 1, q: 1 } : check.ratio, noteHz, otherHz);
}

/** One finger place that is right for one open string and wrong for another. */
export interface CommaConflict {
  /** The one check. */
  readonly one: Check;
  /** The check that does not agree with it. */
  readonly other: Check;
  /** The distance from the lower of the two right places to the higher, cents. */
  readonly cents: number;
  /** The distance between their places on the string, mm. */
  readonly mm: number;
}

/** Two checks that differ by more than this contradict each other to the ear, cents: nobody hears less than the excess of a pure fifth. */
const CONFLICT_CENTS = 5;

/** Finds checks with open strings that ask for different places of one note: `one` is right with the lower place. */
export function commaConflicts(instrument: Instrument, note: CheckedNote): readonly CommaConflict[] {
  const checks = checksOf(instrument, note).filter((check) => check.place === null && check.pureCents !== null);
  const semitones = semitonesOf(note.pitch) - stringOf(instrument, note.stringIndex).semitones;
  return checks.flatMap((check, index) =>
    checks.slice(index + 1).flatMap((later): CommaConflict[] => {
      const [one, other] = (check.pureCents ?? 0) <= (later.pureCents ?? 0) ? [check, later] : [later, check];
      const cents = (other.pureCents ?? 0) - (one.pureCents ?? 0);
      if (cents < CONFLICT_CENTS) return [];
      const mm = mmOfCents(instrument.stringLengthMm, semitones + (one.pureCents ?? 0) / 100, cents);
      return [{ one, other, cents, mm }];
    }),
  );
}

/** Checks the note with an open string that is not its own: unison, octaves, and with neighbours the other pure intervals. */
function openStringCheck(instrument: Instrument, { stringIndex, pitch }: CheckedNote, index: number): readonly Check[] {
  const string = stringOf(instrument, index);
  const ratio = index === stringIndex ? null : pureRatio(pitch, string.open);
  if (!ratio) return [];
  const kind = kindOfRatio(ratio);
  const neighbours = Math.abs(index - stringIndex) === 1;
  if (!neighbours && kind !== 'unison' && kind !== 'octave') return [];
  return [
    {
      kind,
      string: string.number,
      open: string.name,
      ratio,
      sounded: neighbours ? 'together' : 'one-after-the-other',
      place: null,
      pureCents: pureCentsAgainst(instrument, pitch, string.open, ratio),
      dependsOnSystem: kind !== 'unison' && kind !== 'octave',
    },
  ];
}

function kindOfRatio({ p, q }: Ratio): 'unison' | 'octave' | 'fifth-or-fourth' | 'third-or-sixth' {
  if (p === 1) return 'unison';
  if (p % 5 === 0 || q % 5 === 0) return 'third-or-sixth';
  return p % 3 === 0 || q % 3 === 0 ? 'fifth-or-fourth' : 'octave';
}

/** Gives the distance of the note from equal temperament when its ratio to an open string, tuned as it is, is pure; cents. */
function pureCentsAgainst(instrument: Instrument, pitch: Pitch, open: Pitch, ratio: Ratio): number {
  const semitones = semitonesOf(pitch) - semitonesOf(open);
  return openStringCents(instrument, open) + Math.sign(semitones) * (centsOfRatio(ratio) - 100 * Math.abs(semitones));
}

/** Finds the harmonic of a string that sounds the note's own pitch, touched as near the nut as it can be. */
function harmonicCheck(instrument: Instrument, { pitch }: CheckedNote, index: number): readonly Check[] {
  const string = stringOf(instrument, index);
  const ratio = semitonesOf(pitch) > string.semitones ? pureRatio(pitch, string.open) : null;
  const node = ratio?.q === 1 ? HARMONIC_NODES.find((node) => node.partial === ratio.p) : undefined;
  if (!ratio || !node) return [];
  return [
    {
      kind: 'harmonic',
      string: string.number,
      open: string.name,
      ratio,
      sounded: 'one-after-the-other',
      place: { semitonesAboveOpen: node.touched, mmFromNut: instrument.stringLengthMm * node.share },
      pureCents: pureCentsAgainst(instrument, pitch, string.open, ratio),
      dependsOnSystem: ratio.p % 5 === 0,
    },
  ];
}

function partialOf({ ratio }: Check): number {
  return ratio.p / ratio.q;
}

/** Finds the same note nearer the nut: on the highest string that holds it as a stopped note. */
function lowerPlaces(instrument: Instrument, { stringIndex, pitch }: CheckedNote): readonly Check[] {
  const own = semitonesOf(pitch) - stringOf(instrument, stringIndex).semitones;
  const index = instrument.strings.findIndex((string) => semitonesOf(pitch) > string.semitones);
  const string = instrument.strings[index];
  const semitones = string ? semitonesOf(pitch) - string.semitones : own;
  return !string || semitones >= own ? [] : [rememberedCheck(instrument, { kind: 'lower-place', ratio: { p: 1, q: 1 } }, index, semitones)];
}

/** The half-string harmonic, semitones: no place beyond it is low. */
const LOWEST_OCTAVE = 12;

/** Finds the note in another octave, as near the nut as possible: the last resort where nothing else tells. */
export function otherOctave(instrument: Instrument, pitch: Pitch): Check | null {
  const places = [-3, -2, -1, 1, 2].flatMap((octaves) => {
    const sought = { ...pitch, octave: pitch.octave + octaves };
    return instrument.strings.flatMap((string, index) => {
      const above = semitonesOf(sought) - string.semitones;
      return above >= 0 && above <= LOWEST_OCTAVE ? [{ octaves: Math.abs(octaves), index, above }] : [];
    });
  });
  const [nearest] = places.toSorted((one, other) => one.above - other.above || one.octaves - other.octaves);
  return nearest
    ? rememberedCheck(instrument, { kind: 'other-octave', ratio: { p: 2 ** nearest.octaves, q: 1 } }, nearest.index, nearest.above)
    : null;
}

function rememberedCheck(
  instrument: Instrument,
  { kind, ratio }: { readonly kind: 'lower-place' | 'other-octave'; readonly ratio: Ratio },
  index: number,
  semitones: number,
): Check {
  const string = stringOf(instrument, index);
  return {
    kind,
    string: string.number,
    open: string.name,
    ratio,
    sounded: 'one-after-the-other',
    place: placeAt(instrument, semitones),
    pureCents: null,
    dependsOnSystem: false,
  };
}

function placeAt({ stringLengthMm }: Instrument, semitonesAboveOpen: number): Check['place'] {
  return { semitonesAboveOpen, mmFromNut: mmFromNut(stringLengthMm, semitonesAboveOpen) };
}
