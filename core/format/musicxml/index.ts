export { fromMusicXml } from './from-musicxml.ts';
export { type MusicXmlChoice, toMusicXml } from './to-musicxml.ts';
