export { briefFromText } from './brief-link.ts';
export { blobOfDataUrl, dataUrlOf } from './data-url.ts';
export { csvText, tableText } from './csv.ts';
export { deflate, inflate } from './deflate.ts';
export { readStudioFile } from './document-files.ts';
export { downloadBlob, downloadText, fileNameOf } from './download.ts';
export { midiBytes } from './midi.ts';
export { musicXmlScoreText, musicXmlText } from './musicxml.ts';
