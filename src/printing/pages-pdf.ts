import { jsPDF } from 'jspdf';
import { PAPERS, type PrintedPages, type PageShape } from '#core/tapes';

/** Writes pages as a PDF in real millimetres; its content is left uncompressed, so that it can be measured. */
export function pagesPdf({ paper, pages }: PrintedPages): ArrayBuffer {
  const { widthMm, heightMm } = PAPERS[paper];
  const document = new jsPDF({ unit: 'mm', format: [widthMm, heightMm], orientation: 'portrait', compress: false });
  pages.forEach((shapes, index) => {
    if (index > 0) document.addPage([widthMm, heightMm], 'portrait');
    for (const shape of shapes) draw(document, shape);
  });
  // Viewers are told not to scale when they print.
  document.viewerPreferences({ PrintScaling: 'None' });
  return document.output('arraybuffer');
}

function draw(document: jsPDF, shape: PageShape): void {
  switch (shape.kind) {
    case 'line':
      document.setLineWidth(shape.thickMm);
      document.setLineDashPattern(shape.dashed ? [1.5, 1.5] : [], 0);
      document.line(...shape.fromMm, ...shape.toMm);
      return;
    case 'text':
      document.setFontSize(shape.sizePt);
      document.text(printable(shape.text), ...shape.atMm);
      return;
  }
}

/** Writes accidentals as they are typed: the fonts that every PDF reader has do not contain them. */
function printable(text: string): string {
  return text
    .replaceAll('♭', 'b')
    .replaceAll('♯', '#')
    .replaceAll('𝄫', 'bb')
    .replaceAll('𝄪', '##')
    .replaceAll('¼', '1/4')
    .replaceAll('⅛', '1/8')
    .replaceAll('⅞', '7/8')
    .replaceAll('½', '1/2')
    .replaceAll('¾', '3/4')
    .replaceAll('’', "'");
}
