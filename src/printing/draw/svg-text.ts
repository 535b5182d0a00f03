import { XMLBuilder } from 'fast-xml-parser';
import type { PaperShape } from '#core/paper';
import { svgElement } from './svg-elements.ts';

/** A page to be written as a drawing, and the styles that bring its fonts along; empty where the page around it has them. */
export interface DrawnPage {
  readonly title: string;
  /** The width, mm. */
  readonly widthMm: number;
  /** The height, mm. */
  readonly heightMm: number;
  readonly shapes: readonly PaperShape[];
  readonly styles: string;
}

/** Writes a page as SVG in real millimetres, on white. */
export function svgText({ title, widthMm, heightMm, shapes, styles }: DrawnPage): string {
  const builder = new XMLBuilder({ ignoreAttributes: false, attributeNamePrefix: '@', preserveOrder: true, suppressEmptyNode: true });
  const element = (name: string, attributes: Readonly<Record<string, string | number>>, text: string | null) => ({
    [name]: text === null ? [] : [{ '#text': text }],
    ':@': Object.fromEntries(Object.entries(attributes).map(([key, value]) => [`@${key}`, String(value)])),
  });
  const root = {
    svg: [
      element('title', {}, title),
      ...(styles === '' ? [] : [element('style', {}, styles)]),
      element('rect', { width: widthMm, height: heightMm, fill: '#ffffff' }, null),
      ...shapes.map((shape) => {
        const { name, attributes, text } = svgElement(shape);
        return element(name, attributes, text);
      }),
    ],
    ':@': {
      '@xmlns': 'http://www.w3.org/2000/svg',
      '@width': `${widthMm}mm`,
      '@height': `${heightMm}mm`,
      '@viewBox': `0 0 ${widthMm} ${heightMm}`,
      '@style': 'font-kerning: none; font-variant-ligatures: none; text-rendering: geometricPrecision',
    },
  };
  return String(builder.build([root]));
}
