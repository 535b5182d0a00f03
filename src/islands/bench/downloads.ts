import { documentToText, toMusicXml } from '#core/format';
import { benchStore } from '../../store/bench-store.ts';
import { pieceOf } from '../../store/pieces.ts';
import { materialLabel } from '../../words/labels.ts';
import { downloadBlob, downloadText, fileNameOf } from '../download.ts';

/** Hands out the plan as MusicXML; nothing where there is no plan. */
export function downloadMusicXml(): void {
  const { name, brief, planSet } = benchStore.getState();
  if (!planSet) return;
  const title = name === '' ? materialLabel(brief) : name;
  downloadText(fileNameOf(title, 'musicxml'), 'application/xml', toMusicXml(title, planSet.best));
}

/** Hands out the piece as it stands, planned or not. */
export function downloadJson(): void {
  const { name, brief, lineText, tags } = benchStore.getState();
  downloadText(
    fileNameOf(name === '' ? materialLabel(brief) : name, 'json'),
    'application/json',
    documentToText(pieceOf(name, brief, lineText, tags)),
  );
}

/** Hands out staff and path of the whole line as one drawing or picture. */
export async function downloadPath(as: 'svg' | 'png'): Promise<void> {
  const { name, brief, planSet } = benchStore.getState();
  if (!planSet) return;
  const { pngOf, scoreSvg } = await import('./score-svg.tsx');
  const title = name === '' ? materialLabel(brief) : name;
  const svg = await scoreSvg(planSet.best, title);
  if (as === 'svg') return downloadText(fileNameOf(title, 'svg'), 'image/svg+xml', svg.text);
  downloadBlob(fileNameOf(title, 'png'), await pngOf(svg));
}

/** Puts a link into the clipboard that holds the brief itself; whoever opens it gets a new piece of it. */
export async function copyLink(): Promise<void> {
  const { briefToText } = await import('../../store/brief-link.ts');
  const link = new URL('/', location.href);
  link.searchParams.set('brief', await briefToText(benchStore.getState().brief));
  const copied = await navigator.clipboard.writeText(link.href).then(
    () => true,
    () => false,
  );
  benchStore.setState({
    notice: copied ? 'The link is copied. Whoever opens it gets a piece of this brief.' : `Copy this link: ${link.href}`,
  });
}
