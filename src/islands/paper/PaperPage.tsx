import './faces.css';
import { createElement } from 'react';
import type { PaperShape } from '#core/paper';
import { svgElement } from '../../printing/index.ts';

interface PaperPageProps {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly shapes: readonly PaperShape[];
  /** The words that name the page for a screen reader. */
  readonly label: string;
}

/** Shows a page at its own size, or as small as the window needs; on paper it is the page itself. */
export function PaperPage({ widthMm, heightMm, shapes, label }: PaperPageProps) {
  return (
    <svg
      className="paper-page light-paper block h-auto max-w-full border border-line bg-white print:border-0"
      viewBox={`0 0 ${widthMm} ${heightMm}`}
      width={`${widthMm}mm`}
      height={`${heightMm}mm`}
      role="group"
      aria-label={label}
    >
      {shapes.map((shape, index) => {
        const { name, attributes, text } = svgElement(shape);
        return createElement(name, { key: index, ...inReact(attributes) }, text);
      })}
    </svg>
  );
}

/** Writes the names of attributes as React has them: "stroke-width" is strokeWidth. */
function inReact(attributes: Readonly<Record<string, string | number>>): Record<string, string | number> {
  return Object.fromEntries(
    Object.entries(attributes).map(([name, value]) => [name.replace(/-(\w)/g, (_, letter: string) => letter.toUpperCase()), value]),
  );
}
