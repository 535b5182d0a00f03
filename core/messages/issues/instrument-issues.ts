import { issuesAbout } from '../issue.ts';

/** A measurement that is to lie between two bounds. */
interface Measurement {
  /** The thing measured, as the subject of a sentence. */
  readonly what: string;
  /** The value given. */
  readonly value: number;
  /** The least value that makes sense. */
  readonly least: number;
  /** The greatest value that makes sense. */
  readonly most: number;
  /** The unit of all three. */
  readonly unit: string;
}

/** Reports a fault in an instrument, or in a hand and its school on it. */
export const instrumentIssue = issuesAbout('instrument', {
  /** A size not in the table. */
  'unknown-size': ({ kind, size, known }: { readonly kind: string; readonly size: string; readonly known: readonly string[] }) => ({
    expected: known.join(', '),
    came: size,
    message: `There is no ${kind} of size ${size}.`,
    hint: `Choose one of ${known.join(', ')}, or give the string length in mm.`,
  }),

  /** A tuning that does not go down from string to string. */
  'strings-out-of-order': ({ above, below }: { readonly above: string; readonly below: string }) => ({
    expected: `a string lower than ${above}`,
    came: below,
    message: `The string ${below} is not lower than the string ${above} before it.`,
    hint: 'List the open strings from the highest to the lowest.',
  }),

  /** A measurement that no instrument of its kind has. */
  'measurement-beyond-sense': ({ what, value, least, most, unit }: Measurement) => ({
    expected: `${least} to ${most} ${unit}`,
    came: String(value),
    message: `${what} cannot be ${value} ${unit}.`,
    hint: `Enter a value from ${least} to ${most} ${unit}.`,
  }),

  /** A string tuned as none of its instrument is. */
  'string-beyond-sense': ({ name, kind, usual }: { readonly name: string; readonly kind: string; readonly usual: readonly string[] }) => ({
    expected: usual.join(' '),
    came: name,
    message: `A ${kind} has no string tuned to ${name}.`,
    hint: `Its usual strings are ${usual.join(' ')}; a string lies at most a sixth beyond them.`,
  }),

  /** A school of another instrument. */
  'school-of-another': ({
    school,
    kind,
    known,
  }: {
    readonly school: string;
    readonly kind: string;
    readonly known: readonly string[];
  }) => ({
    expected: known.join(', '),
    came: school,
    message: `The school “${school}” is not taught on the ${kind}.`,
    hint: `Schools for the ${kind}: ${known.join(', ')}.`,
  }),

  /** A span of which one measurement is missing. */
  'span-incomplete': ({ span }: { readonly span: string }) => ({
    expected: 'two measurements in mm, or none',
    came: span,
    message: 'This span needs two measurements in mm.',
    hint: 'Enter the comfortable span and the largest, or leave both empty.',
  }),

  /** A hand that spans nothing. */
  'hand-spans-nothing': ({ mm }: { readonly mm: number }) => ({
    expected: 'more than 0 mm',
    came: `${mm} mm`,
    message: `A hand that spans ${mm} mm cannot hold a finger down.`,
    hint: 'Measure from first to fourth finger at the instrument, in millimetres.',
  }),

  /** A span outside what hands have. */
  'hand-beyond-sense': ({
    mm,
    narrowestMm,
    widestMm,
  }: {
    readonly mm: number;
    readonly narrowestMm: number;
    readonly widestMm: number;
  }) => ({
    expected: `${narrowestMm} to ${widestMm} mm`,
    came: `${mm} mm`,
    message: `No hand spans ${mm} mm.`,
    hint: `Hands span ${narrowestMm} to ${widestMm} mm; measure in millimetres.`,
  }),

  /** A comfortable span above the largest there is. */
  'comfort-above-most': ({ comfortMm, maxMm }: { readonly comfortMm: number; readonly maxMm: number }) => ({
    expected: `at most ${maxMm} mm`,
    came: `${comfortMm} mm`,
    message: `A hand cannot be comfortable at ${comfortMm} mm and reach ${maxMm} mm at most.`,
    hint: `The comfortable span cannot be more than the largest, ${maxMm} mm.`,
  }),

  /** Two fingers nearer together, or further apart, than fingers are. */
  'fingertips-beyond-sense': ({ mm }: { readonly mm: number }) => ({
    expected: '5 to 20 mm',
    came: `${mm} mm`,
    message: `Two fingertips are not ${mm} mm apart.`,
    hint: 'Two fingers pressed together stand 5 to 20 mm apart.',
  }),

  /** Tapes that do not read as places on the fingerboard. */
  'tapes-unreadable': ({ text, most }: { readonly text: string; readonly most: number }) => ({
    expected: `whole semitones from 1 to ${most}`,
    came: text,
    message: `“${text}” is not a place for a tape.`,
    hint: `Write the semitones from the nut, 1 to ${most}, with commas between: 2, 4, 5.`,
  }),

  /** A date of measuring that does not read as one. */
  'day-unreadable': ({ text }: { readonly text: string }) => ({
    expected: 'year-month-day',
    came: text,
    message: `“${text}” cannot be read as the day of measuring.`,
    hint: 'Write year, month and day: 2026-09-01.',
  }),

  /** An arm that no player has. */
  'arm-beyond-sense': ({ text, least, most }: { readonly text: string; readonly least: number; readonly most: number }) => ({
    expected: `${least} to ${most} mm`,
    came: text,
    message: `“${text}” is not the length of an arm.`,
    hint: `From the armpit to the fingertips an arm measures ${least} to ${most.toLocaleString('en')} mm.`,
  }),
});
