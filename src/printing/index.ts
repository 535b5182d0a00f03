export type { PdfPage } from './draw/pdf.ts';
export { pageFontStyles } from './draw/page-fonts.ts';
export { pngOf, type StandaloneSvg } from './draw/png.ts';
export { FACE_FONTS, svgElement } from './draw/svg-elements.ts';
export type { CodeToScan } from './set/code.ts';
export type { SheetContent, SheetPages } from './sheet-pages.ts';
export { VARIANT_GROUPS } from './variants.ts';
export { paper } from './worker/client.ts';
