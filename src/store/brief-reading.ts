import { type InstrumentKind, TUNINGS } from '#core/instrument';
import type { Material } from '#core/material';
import { type KeyMode, keyOfTonic, LETTERS, parsePitch, semitonesOf } from '#core/pitch';
import type { Brief } from '#core/plan';

/** Note values and meter where the brief does not say them. */
export const DEFAULT_RHYTHM = { noteValue: '1/8', meter: '4/4', notesPerBow: 1 } as const;

/** A first brief for a new piece. */
export const FIRST_BRIEF: Brief = {
  instrument: { kind: 'violin', size: '4/4' },
  material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 2, direction: 'up' },
  rhythm: { ...DEFAULT_RHYTHM },
};

/** Octave numbers (sounding) in which the tonic can begin, so that the whole lies on the instrument. */
export function tonicOctaves(brief: Brief): readonly number[] {
  const { material } = brief;
  if (material.kind === 'line') return [];
  const [lowest, highest] = soundingRange(brief.instrument.kind);
  return Array.from({ length: 8 }, (_, octave) => octave).filter((octave) => {
    const tonic = parsePitch(`${tonicName(material)}${octave}`);
    return tonic.ok && semitonesOf(tonic.value) >= lowest && semitonesOf(tonic.value) + 12 * material.octaves <= highest;
  });
}

/** Note names that make a key of at most seven accidentals, along the line of fifths from C♭ or A♭ on. */
export function tonicNames(mode: KeyMode): readonly string[] {
  const pitches = LETTERS.flatMap((letter) => ['', '#', 'b'].map((accidental) => `${letter}${accidental}`));
  return pitches.filter((name) => {
    const pitch = parsePitch(`${name}4`);
    return pitch.ok && keyOfTonic(pitch.value, mode) !== null;
  });
}

/** The mode of material: all minor scales are minor. */
export function modeOf(material: Material): KeyMode {
  const text = material.kind === 'line' ? (material.key ?? 'C major') : material.type;
  return text.endsWith('minor') ? 'minor' : 'major';
}

/** The tonic's note name: "Ab". */
export function tonicName(material: Material): string {
  if (material.kind === 'line') return (material.key ?? 'C major').split(' ')[0] ?? 'C';
  return material.tonic.replace(/-?[0-9]$/, '');
}

/** Semitones above C0: the lowest open string, and what the usual hand reaches on the highest. */
function soundingRange(kind: InstrumentKind): readonly [number, number] {
  const strings = TUNINGS[kind].flatMap((text) => {
    const pitch = parsePitch(text);
    return pitch.ok ? [semitonesOf(pitch.value)] : [];
  });
  return [Math.min(...strings), Math.max(...strings) + HIGHEST_OFFERED[kind]];
}

/**
 * How far above the highest open string scales are offered, semitones: the highest anchor of the usual hand and the last
 * useful finger above it. A table, so that the sentence does not bring the hands themselves along; a test holds it to them.
 */
export const HIGHEST_OFFERED: Readonly<Record<InstrumentKind, number>> = { violin: 27, viola: 27, cello: 20, bass: 14 };
