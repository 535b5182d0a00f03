import { documentToText, toMusicXml } from '#core/format';
import { benchStore } from '../../store/bench-store.ts';
import { pieceOf } from '../../store/pieces.ts';
import { materialLabel } from '../../words/labels.ts';
import { downloadText, fileNameOf } from '../download.ts';

/** Hands out the plan as MusicXML; nothing where there is no plan. */
export function downloadMusicXml(): void {
  const { name, brief, planSet } = benchStore.getState();
  if (!planSet) return;
  const title = name === '' ? materialLabel(brief) : name;
  downloadText(fileNameOf(title, 'musicxml'), 'application/xml', toMusicXml(title, planSet.best));
}

/** Hands out the piece as it stands, planned or not. */
export function downloadJson(): void {
  const { name, brief, lineText } = benchStore.getState();
  downloadText(
    fileNameOf(name === '' ? materialLabel(brief) : name, 'json'),
    'application/json',
    documentToText(pieceOf(name, brief, lineText)),
  );
}
