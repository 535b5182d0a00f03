import { jsPDF } from 'jspdf';
import type { AboutPath } from '#core/drill/hot-spots';
import { engravingOfPlan } from '#core/notation';
import type { Plan } from '#core/plan/describe';
import { systemsOf } from '../../../engraving/index.ts';
import { pngOf, type StandaloneSvg } from '../../../printing/index.ts';
import { scoreSvg } from './score-svg.tsx';

/** A sheet of A4 with its margins, mm. */
const PAGE = { width: 210, height: 297, margin: 12 } as const;

/** The width of a system, px of the drawing. */
const SYSTEM_WIDTH = 760;

/** The distance between two systems, mm. */
const BETWEEN = 6;

/** The pixels of the pictures for one of the drawing: about 250 to the inch on paper. */
const SHARPNESS = 3;

/** Writes staff and path of a plan as pages of A4, system under system; the music font cannot be embedded in PDFs, so they are pictures. */
export async function scorePdf(plan: Plan, title: string, about: AboutPath): Promise<ArrayBuffer> {
  const engraving = engravingOfPlan(plan);
  const drawings: StandaloneSvg[] = [];
  for (const [order, measures] of systemsOf(engraving, SYSTEM_WIDTH).entries()) {
    drawings.push(await scoreSvg(plan, measures, { title: order === 0 ? title : '', about, onWhite: true }));
  }
  const room = PAGE.width - 2 * PAGE.margin;
  const scale = room / Math.max(...drawings.map(({ width }) => width));
  const pdf = new jsPDF({ unit: 'mm', format: 'a4', orientation: 'portrait', compress: true });
  pdf.setProperties({ title });
  let y: number = PAGE.margin;
  for (const drawing of drawings) {
    const [width, height] = [drawing.width * scale, drawing.height * scale];
    if (y > PAGE.margin && y + height > PAGE.height - PAGE.margin) {
      pdf.addPage('a4', 'portrait');
      y = PAGE.margin;
    }
    const picture = new Uint8Array(await (await pngOf(drawing, SHARPNESS)).arrayBuffer());
    pdf.addImage(picture, 'PNG', PAGE.margin, y, width, height, undefined, 'FAST');
    y += height + BETWEEN;
  }
  return pdf.output('arraybuffer');
}
