/** The packages that the PDF writer brings to turn HTML into pages. Pages are drawn here line by line, so nothing calls them. */
const NEVER_CALLED = ['html2canvas', 'dompurify', 'canvg'];

const EMPTY = '\0never-called';

/** Leaves them out of the build: every browser would store them for use without a network. */
export function leanPdf() {
  return {
    name: 'lean-pdf',
    enforce: 'pre',
    resolveId: (id, importer) => (NEVER_CALLED.includes(id) && importer?.includes('/jspdf/') ? EMPTY : null),
    load: (id) => (id === EMPTY ? 'export default null;' : null),
  };
}
