import type { Instrument } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import { isInKey, type Key, pitchInKey } from '#core/key';
import { type Pitch, stepsOf } from '#core/pitch';
import { RINGS_FROM, ringStrength } from './checks.ts';
import { type Intonation, openTarget, type Target, targetOn } from '#core/intonation';

/** One note of a key on one string. */
export interface KeyPlace {
  /** The index of the string: 0 for string I. */
  readonly stringIndex: number;
  /** The note there, spelled in the key. */
  readonly pitch: Pitch;
  /** The sounding height above the open string, semitones: 0 for the open string. */
  readonly semitonesAboveOpen: number;
  /** The place at equal temperament, mm from the nut. */
  readonly mmFromNut: number;
  /** The target; of an open string, its own sound. */
  readonly target: Target;
  /** The degree: 1 for the tonic … 7. */
  readonly degree: number;
  /** Whether another open string rings with it. */
  readonly rings: boolean;
}

/**
 * Lists every note of a key on the fingerboard, string by string from the highest, each from the nut up; open strings that belong to it
 * first.
 */
export function keyPlaces(instrument: Instrument, key: Key, intonation: Intonation): readonly KeyPlace[] {
  return instrument.strings.flatMap((string, stringIndex) =>
    Array.from({ length: instrument.highestSemitone + 1 }, (_, semitones) => semitones).flatMap((semitonesAboveOpen): KeyPlace[] => {
      if (!isInKey(string.semitones + semitonesAboveOpen, key)) return [];
      const pitch = pitchInKey(string.semitones + semitonesAboveOpen, key);
      return [
        {
          stringIndex,
          pitch,
          semitonesAboveOpen,
          mmFromNut: mmFromNut(instrument.stringLengthMm, semitonesAboveOpen),
          target: semitonesAboveOpen === 0 ? openTarget(instrument, stringIndex) : targetOn(instrument, stringIndex, pitch, intonation),
          degree: 1 + ((((stepsOf(pitch) - stepsOf(key.tonic)) % 7) + 7) % 7),
          rings: ringStrength(instrument, { stringIndex, pitch }) >= RINGS_FROM,
        },
      ];
    }),
  );
}
