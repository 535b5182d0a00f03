import { PAPERS, type PrintedPages, type PageShape } from '#core/tapes';

/** The width of a page on the screen, px. */
const PAGE_WIDTH = 250;

/** The length of one point of print, mm. */
const PT_MM = 25.4 / 72;

/** Shows the pages as they will be printed, small. */
export function PagesPreview({ printed }: { readonly printed: PrintedPages }) {
  const { widthMm, heightMm } = PAPERS[printed.paper];
  return (
    <div className="flex h-fit flex-wrap gap-4">
      {printed.pages.map((shapes, page) => (
        <svg
          key={page}
          width={PAGE_WIDTH}
          height={(PAGE_WIDTH * heightMm) / widthMm}
          viewBox={`0 0 ${widthMm} ${heightMm}`}
          role="img"
          aria-label={`Page ${page + 1} of ${printed.pages.length} of the strip, made smaller`}
          className="light-paper border border-dove-light bg-white"
        >
          {shapes.map((shape, index) => (
            <Shape key={index} shape={shape} />
          ))}
        </svg>
      ))}
    </div>
  );
}

function Shape({ shape }: { readonly shape: PageShape }) {
  switch (shape.kind) {
    case 'line':
      return (
        <line
          x1={shape.fromMm[0]}
          y1={shape.fromMm[1]}
          x2={shape.toMm[0]}
          y2={shape.toMm[1]}
          className="stroke-ink"
          strokeWidth={Math.max(0.6, shape.thickMm)}
          strokeDasharray={shape.dashed ? '1.5 1.5' : undefined}
        />
      );
    case 'text':
      return (
        <text x={shape.atMm[0]} y={shape.atMm[1]} fontSize={shape.sizePt * PT_MM} className="fill-ink">
          {shape.text}
        </text>
      );
  }
}
