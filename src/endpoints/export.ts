import type { Brief } from '#core/brief';
import { toMidi } from '#core/format/midi';
import { plan } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import { csvText, midiBytes, musicXmlText } from '../files/index.ts';
import type { JobAnswer, ExportAsked, ExportFormat } from './job.ts';
import { answerUnplanned } from './problem.ts';

/** The content type of each format. */
export const CONTENT_TYPES: Readonly<Record<ExportFormat, string>> = {
  musicxml: 'application/xml; charset=utf-8',
  midi: 'audio/midi',
  csv: 'text/csv; charset=utf-8',
};

/** Writes the best plan of a brief as a file. */
export function exportPlan(brief: Brief, asked: ExportAsked): JobAnswer {
  const planned = plan(brief);
  if (!planned.ok) return answerUnplanned(planned.issues, { relaxed: planned.relaxed });
  return { status: 200, contentType: CONTENT_TYPES[asked.format], body: writePlan(planned.value.best, asked) };
}

function writePlan(best: Plan, { format, name, inBetweenNotes }: ExportAsked): JobAnswer['body'] {
  switch (format) {
    case 'musicxml':
      return musicXmlText(name, best, { inBetweenNotes });
    case 'midi':
      return midiBytes(toMidi(name, best)).slice();
    case 'csv':
      return csvText(best);
  }
}
