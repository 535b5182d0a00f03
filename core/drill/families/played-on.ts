import type { Finger } from '#core/hand/placement';
import type { InstrumentKind } from '#core/instrument';
import { THUMB } from '#core/drill/position';
import type { FamilyName } from './request.ts';

/**
 * Tells whether a family is played on an instrument at all. One finger plays both sevenths of the melodic minor
 * only where fingers stand on letters (violin, viola); and no finger of the double bass moves a semitone while the others stay.
 */
export function isPlayedOn(family: FamilyName, kind: InstrumentKind, setsThumb = false): boolean {
  if (family === 'lift-and-replace') return kind === 'violin' || kind === 'viola';
  return family !== 'two-places' || kind !== 'bass' || setsThumb;
}

/**
 * Lists the fingers that move a semitone while another stays: the inner ones of violin and viola; on the cello the first, which reaches
 * back, and the second, with which the hand opens; none on the bass, whose fingers stand a semitone apart. The thumb carries them all.
 */
export function movableFingers(kind: InstrumentKind, position: string, fingers: readonly Finger[]): readonly Finger[] {
  if (position === THUMB) return fingers.filter((finger) => finger !== '4');
  switch (kind) {
    case 'violin':
    case 'viola':
      return fingers.slice(1, -1);
    case 'cello':
      return fingers.slice(0, 2);
    case 'bass':
      return [];
  }
}
