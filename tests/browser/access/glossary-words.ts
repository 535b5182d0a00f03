import { readFileSync } from 'node:fs';

const GLOSSARY = readFileSync(new URL('../../../docs/glossary.md', import.meta.url), 'utf8');

/** The part of the glossary with the words that have another beside them. */
const NOT_USED = GLOSSARY.slice(GLOSSARY.indexOf('## Words of the field that are not used on the screen'));

/** The words of the field that are not used on the screen, each with the one that is. */
const WORDS: readonly (readonly [string, string])[] = [...NOT_USED.matchAll(/^\| (\w+) +\| (\w+) +\|$/gm)].flatMap(
  ([, not = '', but = '']) => (not === 'not' ? [] : [[not, but] as const]),
);

/** Lists the words of a text for which the glossary has another. */
export function wordsBesideGlossary(text: string): readonly string[] {
  if (WORDS.length === 0) throw new Error('The glossary lists no words that are not used');
  return WORDS.filter(([not]) => new RegExp(`\\b${not}s?\\b`, 'i').test(text)).map(([not, but]) => `“${not}”, and not “${but}”`);
}
