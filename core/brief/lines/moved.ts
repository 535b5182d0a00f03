import type { Brief } from '#core/brief';
import { formatPitch, parsePitch } from '#core/pitch';

/** A line moved by whole octaves, up or (below 0) down, spelled as it was; other material stays as it is. */
export function withLineMoved(brief: Brief, octaves: number): Brief {
  const { material } = brief;
  if (material.kind !== 'line' || octaves === 0) return brief;
  const moved = (text: string): string => {
    const pitch = parsePitch(text);
    return pitch.ok ? formatPitch({ ...pitch.value, octave: pitch.value.octave + octaves }) : text;
  };
  const notes = material.notes.map((note) => ('rest' in note ? note : { ...note, pitches: note.pitches.map(moved) }));
  return { ...brief, material: { ...material, notes } };
}
