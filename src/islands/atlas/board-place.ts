import { type Instrument, stringOf } from '#core/instrument';
import { formatPitch } from '#core/pitch';
import { keyOfSignature, parseKey, pitchInKey } from '#core/key';

/** A place on the board. */
export interface BoardPlace {
  /** The string, counted from 0, the highest first. */
  readonly stringIndex: number;
  /** The place on it, semitones above the open string. */
  readonly semitonesAboveOpen: number;
}

/** Reads the place that an address names ("1 5": string II, five semitones up); null for none, and for one that is not on the board. */
export function placeOfAddress(text: string | null, { strings, highestSemitone }: Instrument): BoardPlace | null {
  const [stringIndex = -1, semitonesAboveOpen = -1] = (text ?? '').split(' ').map(Number);
  const isThere = strings[stringIndex] !== undefined && Number.isInteger(semitonesAboveOpen);
  return isThere && semitonesAboveOpen >= 1 && semitonesAboveOpen <= highestSemitone ? { stringIndex, semitonesAboveOpen } : null;
}

/** Writes a place for an address. */
export function addressOf({ stringIndex, semitonesAboveOpen }: BoardPlace): string {
  return `${stringIndex} ${semitonesAboveOpen}`;
}

/** Gives the sound of a place, documents' form, as the key spells it. */
export function pitchAtPlace(instrument: Instrument, musicKey: string, { stringIndex, semitonesAboveOpen }: BoardPlace): string | null {
  const read = parseKey(musicKey);
  const key = read.ok ? read.value : keyOfSignature(0, 'major');
  return key && formatPitch(pitchInKey(stringOf(instrument, stringIndex).semitones + semitonesAboveOpen, key));
}
