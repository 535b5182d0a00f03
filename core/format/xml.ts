/** An XML element as a tree: what is in it is text, or other elements. Whoever writes it as text escapes what needs to be. */
export interface XmlElement {
  /** Its name. */
  readonly name: string;
  /** By name, as text or number. */
  readonly attributes: Readonly<Record<string, string | number>>;
  /** Text, or elements in order; nothing for an empty element. */
  readonly children: readonly XmlElement[] | string;
}

/** An XML element. */
export function element(name: string, children: XmlElement['children'] = [], attributes: XmlElement['attributes'] = {}): XmlElement {
  return { name, attributes, children };
}

/** An element of an XML document as it was read, without the prefix of its namespace. */
export interface ReadElement {
  /** Its name. */
  readonly name: string;
  /** By name. */
  readonly attributes: Readonly<Record<string, string>>;
  /** What stands in it as text. */
  readonly text: string;
  /** In order. */
  readonly children: readonly ReadElement[];
}

/** The first child of a name; undefined where there is none. */
export function childOf(parent: ReadElement | undefined, name: string): ReadElement | undefined {
  return parent?.children.find((child) => child.name === name);
}

/** All children of a name, in order. */
export function childrenOf(parent: ReadElement | undefined, name: string): readonly ReadElement[] {
  return parent?.children.filter((child) => child.name === name) ?? [];
}

/** The text of a child; undefined where there is none, or nothing in it. */
export function textOf(parent: ReadElement | undefined, name: string): string | undefined {
  return childOf(parent, name)?.text.trim() || undefined;
}

/** The number in a child; undefined where there is none. */
export function numberOf(parent: ReadElement | undefined, name: string): number | undefined {
  const value = Number(textOf(parent, name) ?? NaN);
  return Number.isFinite(value) ? value : undefined;
}

/** The element at the end of a path of names; undefined where there is none. */
export function at(from: ReadElement | undefined, ...path: readonly string[]): ReadElement | undefined {
  return path.reduce<ReadElement | undefined>((found, name) => childOf(found, name), from);
}
