import { toMusicXml } from '#core/format';
import type { Plan } from '#core/plan/describe';
import { xmlText } from './xml.ts';

/** A plan as the text of a MusicXML file. */
export function musicXmlText(title: string, plan: Plan): string {
  return xmlText(toMusicXml(title, plan));
}
