import { Type } from '@sinclair/typebox';
import { listText } from '#core/messages';
import { noteLabel, PitchText } from '#core/pitch';
import { badReading, goodReading } from '#core/result';
import type { LimitPart } from './limit-part.ts';
import { stringIndexOf, unknownString } from './named-strings.ts';
import { everyStop } from './placements.ts';

/** Limits the strings that may be used, named by their open notes. */
export const strings: LimitPart<string[]> = {
  schema: Type.Array(PitchText, { minItems: 1, maxItems: 6 }),
  read: (names, { instrument }) => {
    const indexes = names.flatMap((name) => stringIndexOf(instrument, name) ?? []);
    const wrong = names.findIndex((name) => stringIndexOf(instrument, name) === null);
    if (wrong >= 0) return badReading(unknownString(names[wrong] ?? '', instrument, { pointer: `/limits/strings/${wrong}` }));
    const allowed = new Set(indexes);
    return goodReading({
      keeps: (placement) => everyStop(placement, (stop) => allowed.has(stop.stringIndex)),
      strings: indexes,
    });
  },
  need: (_, { string }) => `the ${string} string`,
  smallerSteps: (names, { instrument }) => ({
    steps: instrument.strings
      .filter(({ name }) => !names.includes(name))
      .map(({ name }) => ({ value: [...names, name], words: `with the ${name.replace(/\d/, '')} string allowed too` })),
    weigh: 'every',
  }),
  words: {
    name: 'Strings',
    none: 'any string',
    inSentence: stringsText,
    asked: (names) => `only ${stringsText(names)}`,
    inPrint: (names) => `strings ${names.map(noteLabel).join(', ')}`,
    leftOut: 'strings allowed',
    whole: 'the limit on strings',
  },
  control: {
    kind: 'subset',
    all: ({ instrument }) => instrument.strings.map(({ name }) => name),
    nameOf: noteLabel,
    chosen: (names) => names ?? null,
    choose: (chosen) => (chosen === null ? null : [...chosen]),
  },
  stands: { in: 'sentence', lead: 'on' },
};

/** Writes strings in words: "the D string", "the D and A strings". */
function stringsText(names: readonly string[]): string {
  return `the ${listText(names.map(noteLabel))} ${names.length === 1 ? 'string' : 'strings'}`;
}
