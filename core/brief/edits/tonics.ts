import type { Brief } from '#core/brief';
import { materialPart } from '#core/brief/parts/materials';
import { type InstrumentKind, TUNINGS } from '#core/instrument';
import { KEY_MODES, type KeyMode, keyOfTonic } from '#core/key';
import { LETTERS, parsePitch, semitonesOf } from '#core/pitch';

/** Lists the octave numbers (sounding) in which the tonic can begin so that the whole lies on the instrument; empty for a line. */
export function tonicOctaves({ material, instrument }: Brief): readonly number[] {
  const part = materialPart(material.kind);
  const octaves = part.octaves(material);
  if (octaves === null) return [];
  const [lowest, highest] = soundingRange(instrument.kind);
  return Array.from({ length: 8 }, (_, octave) => octave).filter((octave) => {
    const tonic = parsePitch(`${part.tonicName(material)}${octave}`);
    if (!tonic.ok) return false;
    const bottom = semitonesOf(tonic.value) + octaves.lowestAbove;
    return bottom >= lowest && bottom + 12 * octaves.count + octaves.highestFurther <= highest;
  });
}

/** Lists the note names that make a key of at most seven accidentals, along the line of fifths from C♭ or A♭ on. */
export function tonicNames(mode: KeyMode): readonly string[] {
  const pitches = LETTERS.flatMap((letter) => ['', '#', 'b'].map((accidental) => `${letter}${accidental}`));
  return pitches.filter((name) => {
    const pitch = parsePitch(`${name}4`);
    return pitch.ok && keyOfTonic(pitch.value, mode) !== null;
  });
}

/** All keys, in documents' form: the major keys, then the minor. */
export const KEYS_OFFERED: readonly string[] = /* @__PURE__ */ KEY_MODES.flatMap((mode) =>
  tonicNames(mode).map((name) => `${name} ${mode}`),
);

/** Gives the range of an instrument, in semitones above C0: the lowest open string, and the highest note of the usual hand. */
function soundingRange(kind: InstrumentKind): readonly [number, number] {
  const strings = TUNINGS[kind].flatMap((text) => {
    const pitch = parsePitch(text);
    return pitch.ok ? [semitonesOf(pitch.value)] : [];
  });
  return [Math.min(...strings), Math.max(...strings) + HIGHEST_OFFERED[kind]];
}

/**
 * The height to which scales are offered above the highest open string, in semitones: the highest anchor of the usual hand and the last
 * useful finger above it. It is a table so that the sentence does not load the hand models; a test compares it with them.
 */
export const HIGHEST_OFFERED: Readonly<Record<InstrumentKind, number>> = { violin: 27, viola: 27, cello: 20, bass: 14 };
