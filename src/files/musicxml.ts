import { type MusicXmlChoice, type ScorePart, toMusicXml, toMusicXmlScore } from '#core/format/musicxml';
import type { Plan } from '#core/plan/describe';
import { xmlText } from './xml.ts';

/** Writes a plan as the text of a MusicXML file. */
export function musicXmlText(title: string, plan: Plan, choice: MusicXmlChoice = {}): string {
  return xmlText(toMusicXml(title, plan, choice));
}

/** Writes the parts of a class as the text of one MusicXML file. */
export function musicXmlScoreText(title: string, parts: readonly ScorePart[]): string {
  return xmlText(toMusicXmlScore(title, parts));
}
