import { Type } from '@sinclair/typebox';
import type { Option } from '#core/brief/parts';
import type { Instrument, OpenString } from '#core/instrument';
import { limitIssue } from '#core/messages';
import { formatPitch, noteLabel, parsePitch, pitchLabel, PitchText, semitonesOf } from '#core/pitch';
import { pitchInKey } from '#core/key';
import { badReading, goodReading, type Reading, readingOf } from '#core/result';
import { type LimitPart, NO_STEPS } from './limit-part.ts';
import { stringIndexOf, unknownString } from './named-strings.ts';
import { everyStop } from './placements.ts';

/** The highest sounding note on one string. */
export interface HighestNote {
  /** The open note of the string. */
  string: string;
  /** The highest sounding note on it. */
  highest: string;
}

/** Limits how high each string may be used; strings that are not named have no such limit. */
export const highestPerString: LimitPart<HighestNote[]> = {
  schema: Type.Array(Type.Object({ string: PitchText, highest: PitchText }, { additionalProperties: false }), {
    maxItems: 6,
    description: 'Highest sounding note on a string.',
  }),
  read: (highest, { instrument }) => {
    const read = highest.map((limit, index) => placeOf(limit, index, instrument));
    const places = new Map(read.flatMap((reading) => (reading.ok ? [reading.value] : [])));
    const [issue] = read.flatMap((reading) => (reading.ok ? [] : reading.issues));
    return readingOf(
      {
        keeps: (placement) => everyStop(placement, (stop) => stop.semitonesAboveOpen <= (places.get(stop.stringIndex) ?? Infinity)),
      },
      issue ? [issue] : [],
    );
  },
  need: (_, { string }) => `a higher place on the ${string} string`,
  smallerSteps: () => NO_STEPS,
  words: {
    name: 'Highest notes',
    none: 'any height',
    inSentence: highestText,
    inPrint: highestText,
    asked: (highest) => highest.map((limit) => `the ${noteLabel(limit.string)} string only up to ${pitchLabel(limit.highest)}`).join(', '),
    leftOut: 'highest note on a string',
    whole: 'the highest note on a string',
  },
  control: {
    kind: 'rows',
    label: 'Highest note on each string',
    rows: ({ instrument }, highest) =>
      instrument.strings.map((string) => ({
        value: string.name,
        name: `${noteLabel(string.name)} string`,
        options: optionsOn(string, instrument.highestSemitone, highest?.find((limit) => limit.string === string.name)?.highest),
      })),
    chosen: (highest, row) => highest?.find((limit) => limit.string === row)?.highest ?? ANY,
    choose: (highest = [], row, chosen) => {
      const others = highest.filter((limit) => limit.string !== row);
      const next = chosen === ANY ? others : [...others, { string: row, highest: chosen }];
      return next.length === 0 ? null : next;
    },
  },
  stands: { in: 'rules' },
};

/** Writes the limit in words: "the D string up to A4". */
function highestText(highest: readonly HighestNote[]): string {
  return highest.map((limit) => `the ${noteLabel(limit.string)} string up to ${pitchLabel(limit.highest)}`).join(', ');
}

/** The option of no limit on a string. */
const ANY = 'any';

/**
 * The lowest limit offered on a string, in semitones: the fifth, which is first position on every instrument; a lower limit gains nothing.
 */
const LOWEST_OFFERED = 5;

/** Lists the notes on a string that may be its highest, in sharps; the one chosen now is among them as it is spelled. */
function optionsOn({ semitones }: OpenString, highestSemitone: number, now: string | undefined): readonly Option[] {
  const places = Array.from({ length: highestSemitone - LOWEST_OFFERED + 1 }, (_, index) => semitones + LOWEST_OFFERED + index);
  const offered = places.map((place) => formatPitch(pitchInKey(place, C_MAJOR)));
  const all = now === undefined || offered.includes(now) ? offered : [now, ...offered];
  return [{ value: ANY, name: 'any height' }, ...all.map((value) => ({ value, name: `up to ${pitchLabel(value)}` }))];
}

const C_MAJOR = { tonic: { letter: 0, alteration: 0, octave: 4 }, mode: 'major', fifths: 0 } as const;

/** Finds the string and the highest place on it, in semitones above its open note. */
function placeOf({ string: name, highest }: HighestNote, index: number, instrument: Instrument): Reading<readonly [number, number]> {
  const pointer = `/limits/highestPerString/${index}`;
  const stringIndex = stringIndexOf(instrument, name);
  if (stringIndex === null) return badReading(unknownString(name, instrument, { pointer: `${pointer}/string` }));
  const pitch = parsePitch(highest);
  if (!pitch.ok) return pitch;
  const above = semitonesOf(pitch.value) - (instrument.strings[stringIndex]?.semitones ?? 0);
  if (above >= 0) return goodReading([stringIndex, above]);
  return badReading(limitIssue('highest-below-string', { pitch: highest, string: name }, { pointer: `${pointer}/highest` }));
}
