import { type MusicXmlChoice, toMusicXml } from '#core/format/musicxml';
import type { Plan } from '#core/plan/describe';
import { xmlText } from './xml.ts';

/** Writes a plan as the text of a MusicXML file. */
export function musicXmlText(title: string, plan: Plan, choice: MusicXmlChoice = {}): string {
  return xmlText(toMusicXml(title, plan, choice));
}
