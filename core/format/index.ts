export { toMusicXml } from './to-musicxml.ts';
export { element, type XmlElement } from './xml.ts';
