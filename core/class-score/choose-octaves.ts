/** A choice for a note of a part: the octaves by which it is moved; null for a rest. */
export type NoteChoice = number | null;

/** A note for which octaves are to be chosen. */
export interface NoteToChoose {
  /** The semitones at which it would sound unmoved. */
  readonly sound: number;
  /** The octaves that may be chosen. */
  readonly octaves: readonly number[];
  /** The octaves in which it is better played: those of an open string, for whoever needs time; empty where all are alike. */
  readonly better: readonly number[];
  /** The place at which another octave would begin there: after the tonic, where a measure begins, or in the middle of one. */
  readonly seam: Seam;
}

/** A place between two notes at which the octave may change. */
export type Seam = 'tonic' | 'measure' | 'within';

/** The costs of a part note by note, in one scale: what the ear of a class minds least comes cheapest. */
const COSTS = {
  /** Another octave than that in which most of the line lies. */
  elsewhere: 1,
  /** A change of octave after the tonic, where a measure begins or after a rest, and within a measure. */
  change: { tonic: 5, measure: 10, within: 30 } satisfies Record<Seam, number>,
  /** A finger where an open string would give time: worth more than a smooth line to a player who needs it. */
  stopped: 60,
  /** A leap of more than an octave between two notes. */
  leap: 20,
  /** A note that is left out. */
  rest: 100,
};

const OCTAVE = 12;

/** A way through the notes so far. */
interface Way {
  readonly cost: number;
  readonly choices: readonly NoteChoice[];
  /** The octaves of the last note that was played; null before the first. */
  readonly octaves: number | null;
  /** The sound of that note, semitones. */
  readonly sound: number;
  /** Whether the note before was a rest. */
  readonly rested: boolean;
}

/**
 * Chooses for each note the octave in which it is played, or a rest where there is none: as few rests as can be, then as few changes of
 * octave and as few leaps, in the octave where most of the line lies. The cheapest way for these costs is found exactly, by dynamic
 * programming over the octave of the last note that was played.
 */
export function chooseOctaves(notes: readonly NoteToChoose[]): readonly NoteChoice[] {
  const usual = commonest(notes.flatMap(({ octaves }) => octaves));
  let ways: readonly Way[] = [{ cost: 0, choices: [], octaves: null, sound: 0, rested: true }];
  for (const note of notes) {
    const next = new Map<string, Way>();
    for (const way of ways) {
      for (const choice of [...note.octaves, null]) {
        const gone = goOn(way, note, choice, usual);
        const key = `${gone.octaves} ${gone.sound} ${gone.rested}`;
        const known = next.get(key);
        if (!known || gone.cost < known.cost) next.set(key, gone);
      }
    }
    ways = [...next.values()];
  }
  const [best] = ways.toSorted((one, other) => one.cost - other.cost);
  return best?.choices ?? [];
}

function goOn(way: Way, { sound, seam, better }: NoteToChoose, choice: NoteChoice, usual: number): Way {
  const choices = [...way.choices, choice];
  if (choice === null) return { ...way, cost: way.cost + COSTS.rest, choices, rested: true };
  const there = sound + OCTAVE * choice;
  const isFirst = way.octaves === null;
  const changes = isFirst || way.octaves === choice ? 0 : COSTS.change[way.rested ? 'measure' : seam];
  const leaps = !isFirst && Math.abs(there - way.sound) > OCTAVE ? COSTS.leap : 0;
  const worse = better.length > 0 && !better.includes(choice) ? COSTS.stopped : 0;
  const cost = way.cost + changes + leaps + worse + (choice === usual ? 0 : COSTS.elsewhere);
  return { cost, choices, octaves: choice, sound: there, rested: false };
}

/** Finds the octaves that occur most often, of equals the nearest to the line as it is asked for; 0 where there are none. */
export function commonest(octaves: readonly number[]): number {
  const counts = new Map<number, number>();
  for (const octave of octaves) counts.set(octave, (counts.get(octave) ?? 0) + 1);
  const [usual] = [...counts].toSorted(([one, often], [other, seldom]) => seldom - often || Math.abs(one) - Math.abs(other));
  return usual?.[0] ?? 0;
}
