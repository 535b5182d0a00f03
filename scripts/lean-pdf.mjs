/** What the PDF writer brings for pages of HTML, and what cleans them: pages are drawn here line by line, and nothing calls it. */
const NEVER_CALLED = ['html2canvas', 'dompurify', 'canvg'];

const EMPTY = '\0never-called';

/** Leaves out of the PDF writer what every browser would keep for the time without a network, and nothing calls. */
export function leanPdf() {
  return {
    name: 'lean-pdf',
    enforce: 'pre',
    resolveId: (id, importer) => (NEVER_CALLED.includes(id) && importer?.includes('/jspdf/') ? EMPTY : null),
    load: (id) => (id === EMPTY ? 'export default null;' : null),
  };
}
