import type { Instrument } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import { displayPitchClass, noteLabel } from '#core/pitch';
import { type Key, pitchInKey } from '#core/key';
import type { Paper, PaperPages } from '#core/paper';
import { type Tape, tapePages } from '#core/tapes';
import { downloadBlob, fileNameOf } from '../../files/index.ts';
import { paper } from '../../printing/index.ts';
import { exactMmText } from '../../words/intonation/intonation.ts';
import { fingerboardName } from '../../words/studio/instruments.ts';

/** The tapes of one instrument, and the words printed with them. */
export interface TapesOn {
  readonly instrument: Instrument;
  /** The name of the instrument: "Wren’s violin", "¾ violin". */
  readonly name: string;
  /** The key that spells the notes. */
  readonly key: Key;
  /** The places of the tapes, semitones above the open strings, rising. */
  readonly places: readonly number[];
}

/** Draws the strip to print, in true millimetres. */
export function tapePagesOf({ instrument, name, key, places }: TapesOn, paper: Paper): PaperPages {
  const title = [
    `Tapes for ${name}`,
    `${fingerboardName(instrument.kind, instrument.size)}, string ${instrument.stringLengthMm} mm from nut to bridge`,
    'Cut along the dashed lines, lay the thick end at the edge of the nut.',
    'A starting place: the ear decides.',
  ];
  return tapePages(
    title,
    places.map((semitones) => tapeAt(instrument, key, semitones)),
    paper,
  );
}

/** Writes the strip as a file. */
export async function printTapes(tapes: TapesOn, on: Paper): Promise<void> {
  const { instrument } = tapes;
  const name = `tapes ${fingerboardName(instrument.kind, instrument.size)} ${instrument.stringLengthMm} mm`;
  const { pages, ...size } = tapePagesOf(tapes, on);
  const document = { title: `Tapes for ${tapes.name}`, pages: pages.map((shapes) => ({ ...size, shapes })), outline: [], trueToSize: true };
  downloadBlob(fileNameOf(name, 'pdf'), new Blob([await paper().pdf(document)], { type: 'application/pdf' }));
}

function tapeAt({ stringLengthMm, strings }: Instrument, key: Key, semitones: number): Tape {
  const mm = mmFromNut(stringLengthMm, semitones);
  const notes = strings
    .toReversed()
    .map((string) => `${noteLabel(string.name)}: ${displayPitchClass(pitchInKey(string.semitones + semitones, key))}`);
  return { mm, label: `${semitones}: ${exactMmText(mm)}`, notes: notes.join('  ') };
}
