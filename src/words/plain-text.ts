/**
 * The characters that no XML file may contain, in any form, and that nobody reads: controls, halves of characters. (XML 1.0, production 2,
 * Char.)
 */
const FORBIDDEN = /[^\t\n\r\u0020-\uD7FF\uE000-\uFFFD\u{10000}-\u{10FFFF}]/gu;

/** Removes from a text the characters that would spoil every file it goes into. */
export function plainText(text: string): string {
  return text.replace(FORBIDDEN, '');
}
