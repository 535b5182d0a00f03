import type { PaperPages } from '#core/paper';
import { PaperPage } from '../paper/index.ts';

/** Shows the pages as they will be printed, small. */
export function PagesPreview({ printed: { pages, widthMm, heightMm } }: { readonly printed: PaperPages }) {
  return (
    <div className="flex h-fit flex-wrap gap-4">
      {pages.map((shapes, page) => (
        <div key={page} className="w-[250px]">
          <PaperPage
            widthMm={widthMm}
            heightMm={heightMm}
            shapes={shapes}
            label={`Page ${page + 1} of ${pages.length} of the strip, made smaller`}
          />
        </div>
      ))}
    </div>
  );
}
