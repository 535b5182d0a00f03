import { XMLParser } from 'fast-xml-parser';
import type { ReadElement } from '#core/format';
import { documentIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';

/** Entities are left as they stand, so that a file cannot make the reader expand or fetch anything; namespaces are cut off. */
const parser = new XMLParser({
  ignoreAttributes: false,
  attributeNamePrefix: '',
  preserveOrder: true,
  processEntities: false,
  parseTagValue: false,
  removeNSPrefix: true,
});

/** The limits of a part that anybody fingers: longer texts, or those with more tags or measures, are refused before they are read. */
const MOST = { characters: 30_000_000, tags: 600_000, measures: 50_000 } as const;

/** Reads the elements of an XML text, in order. Refuses a text that is not XML, and one that is too large to be read in a moment. */
export function readXml(text: string): Reading<readonly ReadElement[]> {
  if (text.length > MOST.characters || occurrences(text, '<', MOST.tags) || occurrences(text, '<measure', MOST.measures)) {
    return badReading(documentIssue('score-too-large', {}));
  }
  try {
    return goodReading(xmlTree(text));
  } catch {
    return badReading(documentIssue('not-musicxml', {}));
  }
}

/**
 * Reads the elements of an XML text, in order.
 *
 * @throws where the text is not XML
 */
export function xmlTree(text: string): readonly ReadElement[] {
  return elementsIn(parser.parse(text, true));
}

/** Tells whether something stands in a text more often than a number of times. */
function occurrences(text: string, what: string, most: number): boolean {
  let count = 0;
  for (let at = text.indexOf(what); at >= 0 && count <= most; at = text.indexOf(what, at + what.length)) count += 1;
  return count > most;
}

function elementsIn(nodes: unknown): readonly ReadElement[] {
  if (!Array.isArray(nodes)) return [];
  return nodes.flatMap((node: Readonly<Record<string, unknown>>): readonly ReadElement[] => {
    const name = Object.keys(node).find((key) => key !== ':@' && key !== '#text' && !key.startsWith('?'));
    if (name === undefined) return [];
    const inside = node[name];
    const text = Array.isArray(inside)
      ? inside.map((child: Readonly<Record<string, unknown>>) => String(child['#text'] ?? '')).join('')
      : '';
    const attributes = Object.fromEntries(Object.entries(node[':@'] ?? {}).map(([key, value]) => [key, unescape(String(value))]));
    return [{ name, attributes, text: unescape(text), children: elementsIn(inside) }];
  });
}

/** The five entities that XML defines itself. */
const NAMED: Readonly<Record<string, string>> = { amp: '&', lt: '<', gt: '>', quot: '"', apos: "'" };

/** Replaces the characters that XML writes by name or number; other names stay as they stand. */
function unescape(text: string): string {
  if (!text.includes('&')) return text;
  return text.replace(/&(?:#([0-9]{1,7})|#x([0-9a-fA-F]{1,6})|(amp|lt|gt|quot|apos));/g, (whole, digits, hex, name) => {
    if (typeof name === 'string') return NAMED[name] ?? whole;
    const code = typeof digits === 'string' ? Number(digits) : parseInt(String(hex), 16);
    return code > 0 && code <= 0x10ffff ? String.fromCodePoint(code) : whole;
  });
}
