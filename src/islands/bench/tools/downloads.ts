import { documentToText } from '#core/documents';
import type { MusicXmlChoice } from '#core/format/musicxml';
import { downloadBlob, downloadText, fileNameOf, musicXmlText } from '../../../files/index.ts';
import { say } from '../../../state/notices.ts';
import { aboutShown } from '../../../state/planning-actions.ts';
import { planShown } from '../../../state/planning.ts';
import { workStore } from '../../../state/bench/index.ts';
import { pieceOf } from '../../../records/piece-documents.ts';
import { pieceTitle } from '../../../words/piece/pieces.ts';
import { LINK_COPIED, linkText } from '../../../words/kept/links.ts';

/** Saves the plan as MusicXML, with the notes that shifts pass where that is wanted; nothing where there is no plan. */
export function downloadMusicXml(choice: MusicXmlChoice = {}): void {
  const { name, brief } = workStore.getState();
  const plan = planShown();
  if (!plan) return;
  const title = pieceTitle({ name, brief });
  downloadText(fileNameOf(title, 'musicxml'), 'application/xml', musicXmlText(title, plan, choice));
}

/** Saves the sound as a MIDI file; nothing where there is no plan. */
export async function downloadMidi(): Promise<void> {
  const plan = planShown();
  if (!plan) return;
  const [{ toMidi }, { midiBytes }] = await Promise.all([import('#core/format/midi'), import('../../../files/midi.ts')]);
  const title = pieceTitle(workStore.getState());
  downloadBlob(fileNameOf(title, 'mid'), new Blob([midiBytes(toMidi(title, plan)).slice()], { type: 'audio/midi' }));
}

/** Saves the plan as a table, a row for each note; nothing where there is no plan. */
export async function downloadCsv(): Promise<void> {
  const plan = planShown();
  if (!plan) return;
  const { csvText } = await import('../../../files/csv.ts');
  downloadText(fileNameOf(pieceTitle(workStore.getState()), 'csv'), 'text/csv', csvText(plan));
}

/** Saves staff and path as pages to print. */
export async function downloadPdf(): Promise<void> {
  const plan = planShown();
  if (!plan) return;
  const [{ paper, sheetPdf }, { WITH_PATH }, { NOTHING_KNOWN }] = await Promise.all([
    import('../../../printing/worker/client.ts'),
    import('../../../printing/with-path.ts'),
    import('#core/drill/hot-spots'),
  ]);
  const title = pieceTitle(workStore.getState());
  const pages = await paper().sheet({ title, plan, choices: WITH_PATH, known: NOTHING_KNOWN, code: null });
  downloadBlob(fileNameOf(title, 'pdf'), await sheetPdf(pages));
}

/** Saves the piece as it stands, planned or not. */
export function downloadJson(): void {
  const { name, brief, lineText, tags, drill, inBook, sheet } = workStore.getState();
  const piece = pieceOf(name, brief, lineText, { tags, drill, inBook, sheet });
  downloadText(fileNameOf(pieceTitle(piece), 'json'), 'application/json', documentToText(piece));
}

/** The pixels of a picture for one of the drawing. */
const PICTURE_SCALE = 2;

/** Saves staff and path of the whole line as a drawing or picture, a very long line as several. */
export async function downloadPath(as: 'svg' | 'png'): Promise<void> {
  const work = workStore.getState();
  const plan = planShown();
  if (!plan) return;
  const [{ scorePagesOf, scoreSvg }, { pngOf }] = await Promise.all([import('./score-svg.tsx'), import('../../../printing/draw/png.ts')]);
  const title = pieceTitle(work);
  const about = await aboutShown(plan);
  const pages = scorePagesOf(plan);
  for (const [index, measures] of pages.entries()) {
    const name = pages.length === 1 ? title : `${title}, page ${index + 1} of ${pages.length}`;
    const svg = await scoreSvg(plan, measures, { title: name, about });
    if (as === 'svg') downloadText(fileNameOf(name, 'svg'), 'image/svg+xml', svg.text);
    else downloadBlob(fileNameOf(name, 'png'), await pngOf(svg, PICTURE_SCALE));
  }
}

/** Copies a link to the clipboard that contains the brief itself; opening it makes a new piece of it. */
export async function copyLink(): Promise<void> {
  const { briefToText } = await import('../../../files/brief-link.ts');
  const link = new URL('/', location.href);
  // The brief stands behind the #, which a browser sends to nobody.
  link.hash = `brief=${await briefToText(workStore.getState().brief)}`;
  const copied = await navigator.clipboard.writeText(link.href).then(
    () => true,
    () => false,
  );
  say(copied ? LINK_COPIED : linkText(link.href));
}
