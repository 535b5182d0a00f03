import { XMLParser } from 'fast-xml-parser';

/** An element of an XML document as it was read. */
export interface ReadElement {
  readonly name: string;
  readonly attributes: Readonly<Record<string, string>>;
  /** What stands in it as text. */
  readonly text: string;
  readonly children: readonly ReadElement[];
}

/** Entities are left as they stand: a file cannot make the reader expand anything. */
const parser = new XMLParser({
  ignoreAttributes: false,
  attributeNamePrefix: '',
  preserveOrder: true,
  processEntities: false,
  parseTagValue: false,
});

/** The elements of an XML text, in their order; throws where it is none. */
export function xmlTree(text: string): readonly ReadElement[] {
  return elementsIn(parser.parse(text, true));
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
    const attributes = Object.fromEntries(Object.entries(node[':@'] ?? {}).map(([key, value]) => [key, String(value)]));
    return [{ name, attributes, text, children: elementsIn(inside) }];
  });
}

/** The first child of a name; undefined where there is none. */
export function childOf(element: ReadElement | undefined, name: string): ReadElement | undefined {
  return element?.children.find((child) => child.name === name);
}

/** The text of a child; undefined where there is none. */
export function textOf(element: ReadElement | undefined, name: string): string | undefined {
  return childOf(element, name)?.text.trim();
}

/** The element at the end of a path of names; undefined where there is none. */
export function at(element: ReadElement | undefined, ...path: readonly string[]): ReadElement | undefined {
  return path.reduce<ReadElement | undefined>((found, name) => childOf(found, name), element);
}
