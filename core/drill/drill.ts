import type { Brief, Lock } from '#core/brief';
import type { Finger } from '#core/hand/placement';
import type { LineNoteDocument } from '#core/material/typed';

/** One element of a drill, as it is to be played: a single note or a double stop with its fingers, or a rest. */
export type DrillNote =
  | {
      /** The sounding pitches, documents' form, the lower first. */
      readonly pitches: readonly string[];
      /** The string, the finger and, where it matters, the position to be used. */
      readonly fingered: Omit<Lock, 'note'>;
      /** The length as a share of a whole note: "1/4". */
      readonly duration: string;
      /** Whether the next note is played in the same bow. */
      readonly slur?: true;
    }
  | { readonly rest: true; readonly duration: string };

/** A drill: a line like any other, its fingers locked, and what had to be altered. */
export interface Drill {
  /** The brief for the instrument and the player it is written for. */
  readonly brief: Brief;
  /** The differences from what was asked for. */
  readonly altered: readonly Alteration[];
}

/** The music of a drill: measures that can be played one by one (a rest fills a short one), and what had to be altered. */
export interface Written {
  /** The measures, each in one hand, or from one hand to another. */
  readonly measures: readonly (readonly DrillNote[])[];
  /** The key of each measure, documents' form, where they are not all in the key that is asked for. */
  readonly keys?: readonly string[];
  /** The differences from what was asked for. */
  readonly altered: readonly Alteration[];
}

/** A difference between a drill and what was asked for, with its reason. */
export type Alteration =
  /** The note of this finger is not in the key; it is put in so that the finger occurs. */
  | { readonly what: 'note-inserted'; readonly finger: Finger; readonly pitch: string; readonly label: string }
  /** At these positions the fingers do not occur in the key. */
  | { readonly what: 'positions-left-out'; readonly labels: readonly string[] }
  /** The position does not hold these notes of the key. */
  | { readonly what: 'not-in-position'; readonly pitches: readonly string[] }
  /** This number of measures is played by no hand and left out. */
  | { readonly what: 'measures-left-out'; readonly count: number }
  /** The drill does not go on into the measures of the piece, because no hand plays both in a row. */
  | { readonly what: 'without-the-piece' }
  /** The thing asked for does not occur at all; another finger, distance or string is used. */
  | { readonly what: 'other-fingers'; readonly fromFinger: Finger; readonly toFinger: Finger }
  /** The distance that is taken, a number of positions or of semitones. */
  | { readonly what: 'other-distance'; readonly by: 'positions' | 'semitones'; readonly steps: number }
  | { readonly what: 'other-string'; readonly string: string }
  /** Nothing sounds to check this note with. */
  | { readonly what: 'no-check'; readonly pitch: string };

/** The player and the way of playing for which a drill is written: the brief of a piece without what belongs to its notes. */
export type DrillFor = Pick<Brief, 'instrument' | 'player' | 'school' | 'ways' | 'intonation' | 'tempo' | 'purpose'>;

/** Keeps the parts of a brief that its drills need. */
export function drillFor({ instrument, player, school, ways, intonation, tempo, purpose }: Brief): DrillFor {
  return {
    instrument,
    ...(player ? { player } : {}),
    ...(school ? { school } : {}),
    ...(ways ? { ways } : {}),
    ...(intonation ? { intonation } : {}),
    ...(tempo === undefined ? {} : { tempo }),
    ...(purpose ? { purpose } : {}),
  };
}

/** Makes the brief of a drill in a key (documents' form), with every finger locked. */
export function drillBrief(player: DrillFor, key: string, notes: readonly DrillNote[]): Brief {
  const locks = notes.flatMap((note, index): Lock[] => ('rest' in note ? [] : [{ note: index, ...note.fingered }]));
  return {
    ...player,
    material: { kind: 'line', key, notes: notes.map(lineNote) },
    locks,
  };
}

function lineNote(note: DrillNote): LineNoteDocument {
  if ('rest' in note) return { rest: true, duration: note.duration };
  return { pitches: [...note.pitches], duration: note.duration, ...(note.slur ? { slur: true } : {}) };
}
