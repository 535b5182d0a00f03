export { toMusicXml } from './to-musicxml.ts';
export type { XmlElement } from './xml.ts';
