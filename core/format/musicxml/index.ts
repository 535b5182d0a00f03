export { fromMusicXml } from './from-musicxml.ts';
export { type MusicXmlChoice, type ScorePart, toMusicXml, toMusicXmlScore } from './to-musicxml.ts';
