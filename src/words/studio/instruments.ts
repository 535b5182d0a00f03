import type { Brief } from '#core/brief';
import { defaultSize, type InstrumentKind, writtenPitch } from '#core/instrument';
import { displayPitch, parsePitch } from '#core/pitch';

/** The names of instruments; sentence, sheet, list and table all take them from here. */
export const INSTRUMENT_LABELS: Readonly<Record<InstrumentKind, string>> = {
  violin: 'violin',
  viola: 'viola',
  cello: 'cello',
  bass: 'double bass',
};

/** Writes a size as it stands before the instrument's name: "¾", "½", "full-size", "16-inch". */
export function sizeLabel(size: string): string {
  const fractions: Readonly<Record<string, string>> = { '4/4': 'full-size', '3/4': '¾', '1/2': '½', '1/4': '¼', '7/8': '⅞', '1/8': '⅛' };
  return fractions[size] ?? size.replace('"', '-inch').replace('.5', '½');
}

/** Names a fingerboard: "¾ violin". */
export function fingerboardName(kind: InstrumentKind, size: string): string {
  return `${sizeLabel(size)} ${INSTRUMENT_LABELS[kind]}`;
}

/** Writes the instrument: "¾ violin"; with the measured string length where there is one. */
export function instrumentLabel(brief: Brief): string {
  const { kind, size, stringLengthMm } = brief.instrument;
  const measured = stringLengthMm === undefined ? '' : `, string ${stringLengthMm} mm`;
  return `${fingerboardName(kind, size ?? defaultSize(kind))}${measured}`;
}

/** Writes a sounding pitch text as this instrument's player reads it. */
export function writtenLabel(kind: InstrumentKind, text: string): string {
  const pitch = parsePitch(text);
  return pitch.ok ? displayPitch(writtenPitch(kind, pitch.value)) : text;
}
