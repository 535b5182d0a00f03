import { type MidiData, type MidiEvent, parseMidi } from 'midi-file';
import { bestGrid, fromMidi, type Grid, type MidiNote, type MidiSong, type MidiTrack, quantise } from '#core/format/midi';
import { documentIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import type { ReadScore } from './score-read.ts';

/** The channel of drums, counted from 0. */
const DRUMS = 9;

/** The largest number of notes that anybody fingers. */
const MOST_NOTES = 100_000;
const MOST_QUARTERS = 20_000;

/** Reads a MIDI file as a score, set to the nearest grid, or to the one that is asked for. */
export function readMidi(bytes: Uint8Array, grid: Grid | null = null): Reading<ReadScore> {
  const song = readSong(bytes);
  if (!song.ok) return song;
  const { tracks, ticksPerQuarter } = song.value;
  const notes = tracks.filter(({ isPercussion }) => !isPercussion).flatMap((track) => track.notes);
  const set = grid ?? bestGrid(notes, ticksPerQuarter);
  const { error } = quantise(notes, ticksPerQuarter, set);
  return goodReading({ score: fromMidi(song.value, set), played: { grid: set, error } });
}

/** Reads the sound of a MIDI file. Refuses a file of another kind, and one whose time is not counted in beats. */
export function readSong(bytes: Uint8Array): Reading<MidiSong> {
  const data = dataOf(bytes);
  const ticksPerQuarter = data?.header.ticksPerBeat ?? 0;
  if (!data || !(ticksPerQuarter > 0)) return badReading(documentIssue('not-midi', {}));
  const timed = data.tracks.map(withTimes);
  const tracks = timed.flatMap(tracksOf);
  if (isEndless(tracks, ticksPerQuarter)) return badReading(documentIssue('score-too-large', {}));
  const all = timed.flat();
  return goodReading({
    ticksPerQuarter,
    tracks,
    tempos: all.flatMap(({ at, event }) =>
      event.type === 'setTempo' ? [{ at, quartersPerMinute: 60_000_000 / event.microsecondsPerBeat }] : [],
    ),
    meters: all.flatMap(({ at, event }) => (event.type === 'timeSignature' ? meterAt(at, event) : [])),
    keys: all.flatMap(({ at, event }) => (event.type === 'keySignature' ? [{ at, fifths: event.key, minor: event.scale === 1 }] : [])),
  });
}

function isEndless(tracks: readonly MidiTrack[], ticksPerQuarter: number): boolean {
  const notes = tracks.reduce((sum, track) => sum + track.notes.length, 0);
  return notes > MOST_NOTES || tracks.some((track) => track.notes.some(({ at, ticks }) => at + ticks > MOST_QUARTERS * ticksPerQuarter));
}

function dataOf(bytes: Uint8Array): MidiData | null {
  try {
    const data = parseMidi(bytes);
    return data.tracks.some((events) => events.length > 0) ? data : null;
  } catch {
    return null;
  }
}

interface Timed {
  readonly at: number;
  readonly event: MidiEvent;
}

function withTimes(events: readonly MidiEvent[]): readonly Timed[] {
  let at = 0;
  return events.map((event) => {
    at += event.deltaTime;
    return { at, event };
  });
}

function meterAt(at: number, { numerator, denominator }: { readonly numerator: number; readonly denominator: number }): MidiSong['meters'] {
  const isMeter = numerator >= 1 && numerator <= 64 && [1, 2, 4, 8, 16, 32].includes(denominator);
  return isMeter ? [{ at, beats: numerator, beatValue: denominator }] : [];
}

/** Splits a track by channel; a note ends where its key comes up, or at the end. */
function tracksOf(events: readonly Timed[]): readonly MidiTrack[] {
  const name = events.map(({ event }) => (event.type === 'trackName' ? event.text : '')).find((text) => text !== '') ?? '';
  const byChannel = new Map<number, { readonly notes: MidiNote[]; readonly open: Map<number, number> }>();
  for (const { at, event } of events) {
    if (event.type !== 'noteOn' && event.type !== 'noteOff') continue;
    const channel = byChannel.get(event.channel) ?? { notes: [], open: new Map<number, number>() };
    byChannel.set(event.channel, channel);
    const begun = channel.open.get(event.noteNumber);
    if (begun !== undefined && at > begun) channel.notes.push({ at: begun, ticks: at - begun, key: event.noteNumber });
    channel.open.delete(event.noteNumber);
    if (event.type === 'noteOn' && event.velocity > 0) channel.open.set(event.noteNumber, at);
  }
  return [...byChannel].map(([channel, { notes }]) => ({
    name: byChannel.size > 1 ? `${name} ${channel + 1}`.trim() : name,
    isPercussion: channel === DRUMS,
    notes: notes.toSorted((one, other) => one.at - other.at || one.key - other.key),
  }));
}
