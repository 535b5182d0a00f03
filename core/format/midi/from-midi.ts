import { formatKey, type Key, keyOfSignature, pitchInKey } from '#core/key';
import type { Pitch } from '#core/pitch';
import { addFractions, compareFractions, fraction, type Fraction, subtractFractions, ZERO } from '#core/fraction';
import {
  type LeftOut,
  type ForeignEvent,
  type ForeignMeasure,
  type ForeignNote,
  type ForeignPart,
  type ForeignScore,
  NO_REPEAT,
} from '#core/format/foreign';
import { endOf, type Grid, type GridNote, quantise } from './quantise.ts';
import { MIDI_ABOVE, type MidiSong, type MidiTrack } from './song.ts';

/**
 * Reads a MIDI file as parts that can be chosen from, its notes set to a grid and spelled by the keys that it names, else by the one in
 * which most of its notes lie. A note that still sounds when the next begins ends there; several that begin together are one chord. Music
 * that begins within its first measure begins with a pick-up.
 */
export function fromMidi(song: MidiSong, grid: Grid): ForeignScore {
  const key = keysOf(song);
  return { title: null, parts: song.tracks.map((track) => partOf(track, song, key, grid)) };
}

/** The key that holds at a moment, in whole notes. */
type KeyAt = (moment: Fraction) => Key;

function keysOf(song: MidiSong): KeyAt {
  const begins = keyOf(song);
  const named = song.keys.flatMap(({ at, fifths, minor }) => {
    const key = keyOfSignature(fifths, minor ? 'minor' : 'major');
    return key ? [{ from: fraction(at, 4 * song.ticksPerQuarter), key }] : [];
  });
  return (moment) => named.findLast(({ from }) => compareFractions(from, moment) <= 0)?.key ?? begins;
}

function partOf(track: MidiTrack, song: MidiSong, key: KeyAt, grid: Grid): ForeignPart {
  const notes = track.isPercussion ? [] : quantise(track.notes, song.ticksPerQuarter, grid).notes;
  const { events, overlaps } = oneAfterOther(notes, key);
  const end = events.reduce((latest, event) => later(latest, endsAt(event)), ZERO);
  const bars = barsOf(song, end);
  const inBars = byBar(events, bars);
  const measures = bars.map((bar, order) => {
    const inside = inBars[order] ?? [];
    return measureOf(order === 0 && bars.length > 1 ? fromFirstNote(bar, inside) : bar, { order, inside, key, song });
  });
  const leftOut = Array.from({ length: overlaps }, () => ({ what: 'overlaps' as LeftOut, voice: null }));
  return {
    name: track.name,
    kind: 'violin',
    retuned: new Map(),
    measures: measures.map((measure, order) => (order === 0 ? { ...measure, leftOut: [...measure.leftOut, ...leftOut] } : measure)),
  };
}

/** Shortens a bar to begin with its first note; a silent one stays as it is. */
function fromFirstNote(bar: Bar, [first]: readonly Sounding[]): Bar {
  return first ? { ...bar, from: first.onset, length: subtractFractions(bar.length, first.onset) } : bar;
}

/** Groups events by bar; an event that goes over a bar line is in both. */
function byBar(events: readonly Sounding[], bars: readonly Bar[]): readonly (readonly Sounding[])[] {
  const inside: Sounding[][] = bars.map(() => []);
  let begins = 0;
  for (const event of events) {
    while (begins + 1 < bars.length && isBefore(bars[begins + 1], event.onset, true)) begins += 1;
    for (let at = begins; at < bars.length && isBefore(bars[at], endsAt(event), false); at += 1) inside[at]?.push(event);
  }
  return inside;
}

/** Tells whether a bar begins before a moment, or, where that counts, at it. */
function isBefore(bar: Bar | undefined, moment: Fraction, orAt: boolean): boolean {
  const compared = bar ? compareFractions(bar.from, moment) : 1;
  return compared < 0 || (orAt && compared === 0);
}

function endsAt({ onset, duration }: Sounding): Fraction {
  return addFractions(onset, duration);
}

function later(one: Fraction, other: Fraction): Fraction {
  return compareFractions(one, other) > 0 ? one : other;
}

/** An event before it is cut at the bar lines. */
interface Sounding {
  readonly onset: Fraction;
  readonly duration: Fraction;
  readonly pitches: readonly Pitch[];
}

/** Puts chords one after the other: each ends where the next begins at the latest. */
function oneAfterOther(notes: readonly GridNote[], key: KeyAt): { readonly events: readonly Sounding[]; readonly overlaps: number } {
  const chords: GridNote[][] = [];
  for (const note of notes) {
    const last = chords[chords.length - 1];
    if (last?.[0] && compareFractions(last[0].onset, note.onset) === 0) last.push(note);
    else chords.push([note]);
  }
  let overlaps = 0;
  const events = chords.flatMap((chord, order): readonly Sounding[] => {
    const [first] = chord;
    if (!first) return [];
    const ends = chord.map(endOf).reduce(later, ZERO);
    const next = chords[order + 1]?.[0]?.onset;
    const cut = next !== undefined && compareFractions(ends, next) > 0;
    if (cut) overlaps += 1;
    const duration = subtractFractions(cut ? next : ends, first.onset);
    const pitches = [...new Set(chord.map((note) => note.key))].map((value) =>
      pitchInKey(Math.max(0, value - MIDI_ABOVE), key(first.onset)),
    );
    return [{ onset: first.onset, duration, pitches }];
  });
  return { events, overlaps };
}

/** A measure in its place. */
interface Bar {
  readonly from: Fraction;
  readonly length: Fraction;
  /** The length that its meter gives it. */
  readonly full: Fraction;
  readonly meter: string;
}

/** Lists the measures up to the end, by the meters of the song; a meter that changes within one begins with the next. */
function barsOf({ meters, ticksPerQuarter }: MidiSong, end: Fraction): readonly Bar[] {
  const bars: Bar[] = [];
  let from = ZERO;
  do {
    const now = meters.findLast(({ at }) => compareFractions(fraction(at, 4 * ticksPerQuarter), from) <= 0) ?? { beats: 4, beatValue: 4 };
    const length = fraction(now.beats, now.beatValue);
    bars.push({ from, length, full: length, meter: `${now.beats}/${now.beatValue}` });
    from = addFractions(from, length);
  } while (compareFractions(from, end) < 0 && bars.length < MOST_BARS);
  return bars;
}

/** The largest number of bars in a song. */
const MOST_BARS = 10_000;

interface SongAround {
  readonly order: number;
  /** The events that sound in it. */
  readonly inside: readonly Sounding[];
  readonly key: KeyAt;
  readonly song: MidiSong;
}

function measureOf({ from, length, full, meter }: Bar, { order, inside, key, song }: SongAround): ForeignMeasure {
  const to = addFractions(from, length);
  // A tempo, meter or key given before a pick-up holds for it.
  const [tempo] = song.tempos.filter(({ at }) => isIn(fraction(at, 4 * song.ticksPerQuarter), order === 0 ? ZERO : from, to));
  return {
    label: String(order + 1),
    full,
    length,
    key: formatKey(key(from)),
    meter,
    tempo: tempo ? Math.min(400, Math.max(20, Math.round(tempo.quartersPerMinute))) : null,
    repeat: NO_REPEAT,
    events: inside.map((event) => cutTo(event, from, to)),
    leftOut: song.keys
      .filter(({ at }) => at > 0 && isWithin(fraction(at, 4 * song.ticksPerQuarter), from, to))
      .map(() => ({ what: 'key-changes', voice: null })),
  };
}

function isWithin(moment: Fraction, from: Fraction, to: Fraction): boolean {
  return compareFractions(moment, from) > 0 && compareFractions(moment, to) < 0;
}

function isIn(moment: Fraction, from: Fraction, to: Fraction): boolean {
  return compareFractions(moment, from) >= 0 && compareFractions(moment, to) < 0;
}

/** Cuts an event to the part in a measure; where it goes on, it is tied. */
function cutTo({ onset, duration, pitches }: Sounding, from: Fraction, to: Fraction): ForeignEvent {
  const end = addFractions(onset, duration);
  const [begins, ends] = [later(onset, from), compareFractions(end, to) > 0 ? to : end];
  const note: ForeignNote = { ...PLAIN, pitches, fingers: pitches.map(() => null), tied: compareFractions(end, to) > 0 };
  return { voice: '1', onset: subtractFractions(begins, from), duration: subtractFractions(ends, begins), note, clef: null };
}

const PLAIN: Omit<ForeignNote, 'pitches' | 'fingers' | 'tied'> = {
  alternate: null,
  takenOverBy: null,
  string: null,
  position: null,
  slursBegin: 0,
  slursEnd: 0,
  graceValue: null,
  accent: null,
  articulation: null,
  ornament: null,
  harmonic: null,
  bow: null,
};

/**
 * Finds the key that the song names at its beginning, else the one in which most of its notes lie; of several, the nearest to C.
 *
 * @throws where no signature has a key, which is a bug
 */
function keyOf({ keys, tracks }: MidiSong): Key {
  const [named] = keys;
  const candidates = FIFTHS.flatMap((fifths) => (['major', 'minor'] as const).flatMap((mode) => keyOfSignature(fifths, mode) ?? []));
  const said = named && keyOfSignature(named.fifths, named.minor ? 'minor' : 'major');
  if (said) return said;
  const notes = tracks.filter(({ isPercussion }) => !isPercussion).flatMap((track) => track.notes);
  const [last] = notes.slice(-1);
  const score = (key: Key): number => {
    const inKey = notes.filter((note) => isDegree(note.key, key)).length;
    const ends = last !== undefined && (last.key - MIDI_ABOVE - semitonesAbove(key)) % 12 === 0;
    return inKey + (ends ? 0.5 : 0);
  };
  const [first, ...others] = candidates;
  if (!first) throw new RangeError(`None of these signatures has a key: ${FIFTHS.join(', ')} fifths`);
  return others.reduce((best, key) => (score(key) > score(best) ? key : best), first);
}

const FIFTHS = [0, 1, -1, 2, -2, 3, -3, 4, -4, 5, -5, 6, -6] as const;

function semitonesAbove(key: Key): number {
  return tonicAbove(key.fifths) + (key.mode === 'minor' ? 9 : 0);
}

/** Gives the distance of the tonic of a major key with a number of sharps above C, semitones. */
function tonicAbove(fifths: number): number {
  return (((7 * fifths) % 12) + 12) % 12;
}

/** Tells whether a key on the keyboard is a degree of the signature. */
function isDegree(midiKey: number, { fifths }: Key): boolean {
  const above = (((midiKey - tonicAbove(fifths)) % 12) + 12) % 12;
  return MAJOR.has(above);
}

const MAJOR: ReadonlySet<number> = new Set([0, 2, 4, 5, 7, 9, 11]);
