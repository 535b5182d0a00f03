import type { Brief } from '#core/brief';
import { WRITTEN_OCTAVES_ABOVE } from '#core/instrument';
import { formatLineText, type LineNoteDocument, parseLineText } from '#core/material/typed';
import type { Reading } from '#core/result';
import { DEFAULT_RHYTHM } from './first-brief.ts';

/** Reads the line that the teacher typed, in the pitch the player reads. */
export function readLineText(brief: Brief, text: string): Reading<readonly LineNoteDocument[]> {
  return parseLineText(text, noteValueOf(brief), WRITTEN_OCTAVES_ABOVE[brief.instrument.kind]);
}

/** Writes a line that came without its typed form as it would be typed; empty for other material. */
export function lineTextOf(brief: Brief): string {
  const { material, instrument } = brief;
  return material.kind === 'line' ? formatLineText(material.notes, noteValueOf(brief), WRITTEN_OCTAVES_ABOVE[instrument.kind]) : '';
}

function noteValueOf({ rhythm }: Brief): string {
  return rhythm?.noteValue ?? DEFAULT_RHYTHM.noteValue;
}
