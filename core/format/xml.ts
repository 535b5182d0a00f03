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
