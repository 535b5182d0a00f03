import { XMLBuilder } from 'fast-xml-parser';
import type { XmlElement } from '#core/format';
import { plainText } from '../words/plain-text.ts';

/** An element as the builder takes it: its children under its name, its attributes beside them. */
type Built = Readonly<Record<string, unknown>>;

/** Elements keep their order; text is escaped. */
const builder = new XMLBuilder({ preserveOrder: true, ignoreAttributes: false, attributeNamePrefix: '', suppressEmptyNode: true });

/** Writes a tree of elements as an XML document. */
export function xmlText(root: XmlElement): string {
  return plainText(`<?xml version="1.0" encoding="UTF-8"?>\n${String(builder.build([build(root)]))}\n`);
}

function build({ name, attributes, children }: XmlElement): Built {
  const inside = typeof children === 'string' ? (children === '' ? [] : [{ '#text': children }]) : children.map(build);
  return Object.keys(attributes).length === 0 ? { [name]: inside } : { [name]: inside, ':@': attributes };
}
