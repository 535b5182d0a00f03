/** An XML element as text: attributes and children are escaped or already elements. */
export function element(
  name: string,
  children: readonly string[] | string,
  attributes: Readonly<Record<string, string | number>> = {},
): string {
  const written = Object.entries(attributes).map(([key, value]) => ` ${key}="${escaped(String(value))}"`);
  const inside = typeof children === 'string' ? escaped(children) : children.join('');
  return inside === '' ? `<${name}${written.join('')}/>` : `<${name}${written.join('')}>${inside}</${name}>`;
}

function escaped(text: string): string {
  return text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');
}
