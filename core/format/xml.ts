/** An XML element as a tree: its content is text, or other elements. The code that writes it as text escapes it. */
export interface XmlElement {
  /** The name of the element. */
  readonly name: string;
  /** The attributes by name, as text or number. */
  readonly attributes: Readonly<Record<string, string | number>>;
  /** The text, or the elements in order; empty for an empty element. */
  readonly children: readonly XmlElement[] | string;
}

/** Makes an XML element. */
export function element(name: string, children: XmlElement['children'] = [], attributes: XmlElement['attributes'] = {}): XmlElement {
  return { name, attributes, children };
}

/** An element of an XML document as it was read, without the prefix of its namespace. */
export interface ReadElement {
  /** The name of the element. */
  readonly name: string;
  /** The attributes by name. */
  readonly attributes: Readonly<Record<string, string>>;
  /** The text in the element. */
  readonly text: string;
  /** The child elements in order. */
  readonly children: readonly ReadElement[];
}

/** Finds the first child of a name; undefined where there is none. */
export function childOf(parent: ReadElement | undefined, name: string): ReadElement | undefined {
  return parent?.children.find((child) => child.name === name);
}

/** Finds all children of a name, in order. */
export function childrenOf(parent: ReadElement | undefined, name: string): readonly ReadElement[] {
  return parent?.children.filter((child) => child.name === name) ?? [];
}

/** Reads the text of a child; undefined where there is none, or it is empty. */
export function textOf(parent: ReadElement | undefined, name: string): string | undefined {
  return childOf(parent, name)?.text.trim() || undefined;
}

/** Reads the number in a child; undefined where there is none. */
export function numberOf(parent: ReadElement | undefined, name: string): number | undefined {
  const value = Number(textOf(parent, name) ?? NaN);
  return Number.isFinite(value) ? value : undefined;
}

/** Finds the element at the end of a path of names; undefined where there is none. */
export function at(from: ReadElement | undefined, ...path: readonly string[]): ReadElement | undefined {
  return path.reduce<ReadElement | undefined>((found, name) => childOf(found, name), from);
}
