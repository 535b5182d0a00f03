import type { Checkpoint, Pair } from '#core/fit/intoned';
import type { Check, CommaConflict } from '#core/intonation/checks';
import type { Intonation, IntonationSystem, Ratio } from '#core/intonation';
import { displayPitchClass, noteLabel } from '#core/pitch';
import { mmText } from '../plan-words.ts';

/** The names of the systems that notes aim at, in the sentence. */
export const SYSTEM_LABELS: Readonly<Record<IntonationSystem, string>> = {
  equal: 'equal, as a piano',
  linear: 'linear, with open fifths',
  pure: 'pure to the tonic',
  'quarter-comma': 'quarter-comma',
  melodic: 'melodic, leading notes raised',
};

/** Writes cents: "+2.0 cents", "−13.7 cents", "0 cents". */
export function centsText(cents: number): string {
  const rounded = Math.round(cents * 10) / 10;
  return rounded === 0 ? '0 cents' : `${withSign(rounded.toFixed(1))} cents`;
}

/** Writes a distance with its direction, towards the bridge positive: "+0.4 mm". */
export function signedMmText(mm: number): string {
  const rounded = Math.round(mm * 10) / 10;
  return rounded === 0 ? '0 mm' : `${withSign(rounded.toFixed(1))} mm`;
}

/** Writes a frequency: "442.5 Hz". */
export function hzText(hz: number): string {
  return `${hz.toFixed(1)} Hz`;
}

/** Writes millimetres to the tenth, for the place of a finger. */
export function exactMmText(mm: number): string {
  return `${mm.toFixed(1)} mm`;
}

function withSign(text: string): string {
  return text.startsWith('-') ? `−${text.slice(1)}` : `+${text}`;
}

/** Writes the effect of a system, in a clause. */
export function systemReason({ system, tonic, leadingCents }: Intonation): string {
  switch (system) {
    case 'equal':
      return 'every semitone is the same, 100 cents';
    case 'linear':
      return 'each fifth counted from A is pure, 2.0 cents wider than on a piano';
    case 'pure':
      return `the ratio to the tonic ${displayPitchClass(tonic)} is made of small whole numbers; the tonic stands on the chain of pure fifths through A`;
    case 'quarter-comma':
      return 'each fifth counted from A is 3.4 cents narrower than on a piano, so that major thirds are pure';
    case 'melodic':
      return `as linear, and the leading note to ${displayPitchClass(tonic)} raised by ${leadingCents} cents`;
  }
}

const RATIO_NAMES: Readonly<Record<string, string>> = {
  '1:1': 'unison',
  '6:5': 'minor third',
  '5:4': 'major third',
  '4:3': 'fourth',
  '3:2': 'fifth',
  '5:3': 'major sixth',
  '2:1': 'octave',
  '5:2': 'major tenth',
  '3:1': 'twelfth',
  '4:1': 'double octave',
  '5:1': 'double octave and major third',
  '6:1': 'double octave and fifth',
  '8:1': 'triple octave',
};

/** Names the interval of a small ratio: "fifth". */
export function ratioName({ p, q }: Ratio): string {
  return RATIO_NAMES[`${p}:${q}`] ?? `${p} : ${q}`;
}

/** Writes a check in a few words: "octave with open D". */
export function checkText(check: Check): string {
  const string = noteLabel(check.open);
  switch (check.kind) {
    case 'harmonic':
      return `the same pitch as the harmonic on ${string}${check.place ? `, touched ${mmText(check.place.mmFromNut)} from the nut` : ''}`;
    case 'lower-place':
      return `the same note ${isOpen(check) ? 'as' : 'lower, on'} ${placeText(check)}`;
    case 'other-octave':
      return `the ${ratioName(check.ratio)} on ${placeText(check)}`;
    case 'unison':
    case 'octave':
    case 'fifth-or-fourth':
    case 'third-or-sixth':
      return `${ratioName(check.ratio)} with open ${string}`;
  }
}

function isOpen({ place }: Check): boolean {
  return place === null || place.semitonesAboveOpen === 0;
}

/** Names the place of a check: "open A", "D at 72 mm". */
function placeText(check: Check): string {
  const string = noteLabel(check.open);
  return check.place === null || isOpen(check) ? `open ${string}` : `${string} at ${mmText(check.place.mmFromNut)}`;
}

/** Writes how a check is played. */
export function soundedText({ sounded }: Check): string {
  return sounded === 'together' ? 'bowed together' : 'one after the other';
}

/** Writes what a check asks of the note against the target: nothing where they agree. */
export function checkAgainstTarget({ pureCents, dependsOnSystem }: Check, targetCents: number): string {
  if (pureCents === null) return 'as right as the ear';
  const apart = pureCents - targetCents;
  if (Math.abs(apart) < PURE_CENTS) return 'agrees with the target';
  return `${dependsOnSystem ? 'pure' : 'right'} ${Math.abs(apart).toFixed(1)} cents ${apart > 0 ? 'above' : 'below'} the target`;
}

/** Writes a conflict: "A place right for open E is 22 cents below the one for open D: 2.3 mm." */
export function conflictText({ one, other, cents, mm }: CommaConflict): string {
  return `The place that is pure with open ${noteLabel(other.open)} (${ratioName(other.ratio)}) lies ${cents.toFixed(1)} cents, ${mmText(mm)}, higher than the one for open ${noteLabel(one.open)} (${ratioName(one.ratio)}).`;
}

/** Writes the check at a checkpoint. */
export function checkpointText({ pair, check, substitute }: Checkpoint): string {
  if (pair) return pairText(pair);
  if (substitute) return `find ${checkText(substitute)} first, then this`;
  return check ? `${checkText(check)}, ${soundedText(check)}` : 'nothing to check it against';
}

/** Writes how the two notes of a double stop are heard together: "fifth together, pure at these pitches". */
export function pairText({ ratio, beatsHz, upperToPureCents }: Pair): string {
  const name = `${ratioName(ratio)} together`;
  if (Math.abs(upperToPureCents) < PURE_CENTS) return `${name}, pure at these pitches`;
  const way = upperToPureCents > 0 ? 'higher' : 'lower';
  return `${name}: ${beatsHz.toFixed(1)} beats a second at these pitches; pure with the upper note ${Math.abs(upperToPureCents).toFixed(1)} cents ${way}`;
}

/** A difference smaller than this is not heard, cents. */
const PURE_CENTS = 0.5;

/** The words for the reason of a checkpoint. */
export const CHECKPOINT_REASONS: Readonly<Record<Checkpoint['why'], string>> = { arrival: 'a shift arrives', long: 'a long note' };
