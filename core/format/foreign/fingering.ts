import type { Brief, GivenFinger } from '#core/brief';
import { lockGiven } from '#core/brief/locks';
import { type Instrument, type InstrumentKind, stringOf } from '#core/instrument';
import { formatPitch } from '#core/pitch';
import type { LeftOut } from './left-out.ts';
import type { ForeignNote, ForeignPart, WrittenPosition, WrittenString } from './score.ts';

/** The uses of the fingering of a score: it is locked and compared, compared only, or left out. */
export const FINGERING_USES = ['locked', 'compared', 'left-out'] as const;

/** The use of the fingering of a score. */
export type FingeringUse = (typeof FINGERING_USES)[number];

/** The fingering of a score as a brief carries it, and the entries that are left out. */
export interface FingeringKept {
  /** The locks and the given fingering. */
  readonly kept: Pick<Brief, 'locks' | 'given'>;
  /** An entry for each note whose fingering is left out. */
  readonly dropped: readonly LeftOut[];
}

/**
 * Keeps the fingering of a score.
 *
 * @param notes the notes of the line; null for a rest
 * @param use `left-out` too where it means nothing on the instrument that was chosen
 */
export function fingeringKept(notes: readonly (ForeignNote | null)[], instrument: Instrument, use: FingeringUse): FingeringKept {
  const given = notes.flatMap((note, index) => (note ? entryAt(note, index, instrument) : []));
  if (given.length === 0) return { kept: {}, dropped: [] };
  switch (use) {
    case 'locked':
      return { kept: { locks: given.map(lockGiven), given }, dropped: [] };
    case 'compared':
      return { kept: { given }, dropped: [] };
    case 'left-out':
      return { kept: {}, dropped: given.map((): LeftOut => 'fingerings') };
  }
}

/** Tells whether fingers, strings or positions are written in a part. */
export function hasFingering({ measures }: ForeignPart): boolean {
  return measures.some(({ events }) => events.some(({ note }) => note && isFingered(note)));
}

/** Tells whether anything of a fingering is written at a note. */
function isFingered({ string, position, fingers }: ForeignNote): boolean {
  return string !== null || position !== null || fingers.some((finger) => finger !== null);
}

function entryAt(note: ForeignNote, index: number, instrument: Instrument): readonly GivenFinger[] {
  if (!isFingered(note)) return [];
  const { alternate, takenOverBy } = note;
  const string = stringNamed(note.string, instrument);
  const position = note.position === null ? null : positionLabel(note.position, instrument.kind);
  const entry: GivenFinger = {
    note: index,
    ...fingersOf(note.fingers),
    ...(string === null ? {} : { string }),
    ...(position === null ? {} : { position }),
    ...(alternate === null ? {} : { alternate }),
    ...(takenOverBy === null ? {} : { takenOverBy }),
  };
  return Object.keys(entry).length > 1 ? [entry] : [];
}

/** Gives the name of a string in documents; null for one that the instrument does not have. */
function stringNamed(written: WrittenString | null, { strings }: Instrument): string | null {
  if (written === null) return null;
  const found =
    'number' in written ? strings[written.number - 1] : strings.find(({ open }) => formatPitch(open).startsWith(written.letter));
  return found?.name ?? null;
}

/** The positions of the double bass by their Roman numbers; of the others by their plain ones. */
const ROMANS = ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII', 'VIII', 'IX', 'X', 'XI', 'XII'];

/** Gives the label of a position as the players of an instrument name it; null where they have no such name. */
function positionLabel(written: WrittenPosition, kind: InstrumentKind): string | null {
  if (written === 'half' || written === 'thumb') return written;
  const { from, to } = written;
  if (kind !== 'bass') return from === to ? String(from) : null;
  const [low, high] = [ROMANS[from - 1], ROMANS[to - 1]];
  if (low === undefined || high === undefined) return null;
  return from === to ? low : `${low}-${high}`;
}

/** Lists the fingers from the lowest note up, as far as they are written without a gap. */
function fingersOf([finger, upperFinger, topFinger]: ForeignNote['fingers']): Pick<GivenFinger, 'finger' | 'upperFinger' | 'topFinger'> {
  if (!finger) return {};
  if (!upperFinger) return { finger };
  return { finger, upperFinger, ...(topFinger ? { topFinger } : {}) };
}

/** Finds the index of the string on which a note is written, for a retuned instrument: as written, or the highest that lies below it. */
export function stringOfWritten(written: WrittenString | null, semitones: number, instrument: Instrument): number {
  const named = stringNamed(written, instrument);
  if (named !== null) return instrument.strings.findIndex(({ name }) => name === named);
  const below = instrument.strings.findIndex((_, index) => stringOf(instrument, index).semitones <= semitones);
  return below < 0 ? instrument.strings.length - 1 : below;
}
