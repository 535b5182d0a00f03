import type { Brief } from '#core/brief';
import { formatPitch, parsePitch } from '#core/pitch';

/** Moves the music by whole octaves, up or (below 0) down, spelled as it was: the notes of a line, the tonic of other material. */
export function withOctavesMoved(brief: Brief, octaves: number): Brief {
  const { material } = brief;
  if (octaves === 0) return brief;
  const move = (text: string): string => {
    const pitch = parsePitch(text);
    return pitch.ok ? formatPitch({ ...pitch.value, octave: pitch.value.octave + octaves }) : text;
  };
  if (material.kind !== 'line') return { ...brief, material: { ...material, tonic: move(material.tonic) } };
  const notes = material.notes.map((note) => ('rest' in note ? note : { ...note, pitches: note.pitches.map(move) }));
  return { ...brief, material: { ...material, notes } };
}
