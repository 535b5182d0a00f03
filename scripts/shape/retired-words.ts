import type { Source } from './sources.ts';

/** The words that were replaced; their replacements are in docs/glossary.md. */
const RETIRED = [
  'dear(?:er|est)?',
  'at ease',
  'too far',
  'let go',
  'lets go',
  'again and again',
  'behind it',
  'out of the line',
  'way of the hand',
  'lay over',
  'laid over',
  'come about',
  'comes about',
  'anew',
  'no set purpose',
  'special wishes',
  'name without a move',
  'others are checked against',
  'down for itself',
  'in the neck hand',
  'reckoned',
  'otherwise than',
  'it belongs with',
  'the line without it',
  'that is not extended',
  'drawn-in fingers?',
  'harder weaker',
] as const;

const RETIRED_WORDS = new RegExp(`\\b(?:${RETIRED.join('|')})\\b`, 'gi');

/** Finds where a retired word still stands: in strings, comments, and names written as one word. */
export function retiredWords(sources: readonly Pick<Source, 'path' | 'text'>[]): readonly string[] {
  return sources
    .filter(({ path }) => !path.endsWith('/retired-words.ts'))
    .flatMap(({ path, text }) =>
      text.split('\n').flatMap((line, index) => (asWords(line).match(RETIRED_WORDS) ?? []).map((word) => `${path}:${index + 1}: ${word}`)),
    );
}

/** A side of a question has kept this name in documents. */
const IN_DOCUMENTS = /\banew: |\banew small\b|(['"])anew\1/g;

/** Splits a name into words: "laidOver" as "laid Over". */
function asWords(line: string): string {
  return line.replace(IN_DOCUMENTS, '').replace(/([a-z])([A-Z])/g, '$1 $2');
}
