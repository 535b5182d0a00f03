import { handOfPlan } from '#core/fit/sizes';
import { instrumentOf, type IntonedStop } from '#core/fit/intoned';
import { lowestCrowded } from '#core/hand/reach';
import { contactPointMm, mmFromNut, soundingLengthMm } from '#core/instrument/geometry';
import type { InstrumentKind } from '#core/instrument';
import type { Intonation } from '#core/intonation';
import { pitchLabel } from '#core/pitch';
import type { Plan, PlannedReach, Shift, Stay, Stop } from '#core/plan/describe';
import { centsText, exactMmText, hzText, systemReason } from '../intonation/intonation.ts';
import { REACH_LABELS } from '../hand/hands.ts';
import { mmText, semitonesText } from '../plan-words.ts';

/** The words for counting letters, which two derivations share. */
const LETTERS_COUNTED =
  'Counted by letter names from the open string to the letter under finger 1; low or high says that in this key the finger stands a semitone lower or higher.';

/** Explains the place on the string, semitones above the open string. */
export function placeDerivation(semitones: number, lengthMm: number): string {
  return `String length × (1 − 2^(−semitones/12)): ${lengthMm} mm × (1 − 2^(−${semitones}/12)) = ${exactMmText(mmFromNut(lengthMm, semitones))}, at equal temperament on a stiff string. A real string is stretched by pressing: the ear decides.`;
}

/** Explains the height of a stop above its open string. */
export function semitonesDerivation(stop: Stop): string {
  return `From open ${pitchLabel(stop.open)} to ${pitchLabel(stop.pitch)}, sounding: ${semitonesText(stop.semitonesAboveOpen)}.`;
}

/** Explains the demand of a note on the hand, and the span with which it is compared. */
export function reachDerivation({ need, needMm, judged }: PlannedReach, lengthMm: number): string {
  const fingers = `From the lowest to the highest finger that must stand at once: ${need.lowest} to ${need.highest} semitones above the nut, on a string of ${lengthMm} mm`;
  const across = need.acrossStrings ? ', and across to the neighbour string: √(along² + across²)' : '';
  const judgement =
    judged === null
      ? 'No hand is measured for this player, so it is not judged.'
      : `Of the largest span of this hand that is ${Math.round(judged.shareOfLargest * 100)} %: ${REACH_LABELS[judged.verdict]}.`;
  return `${fingers}${across} = ${mmText(needMm)}. ${judgement}`;
}

/** Explains the distance of the target of a note from equal temperament. */
export function centsDerivation({ target }: IntonedStop, intonation: Intonation): string {
  return `${centsText(target.cents)} from equal temperament: ${systemReason(intonation)}.`;
}

/** Explains where an open string or a harmonic sounds. */
export function ringingDerivation(): string {
  return 'An open string or harmonic sounds where the string is tuned: pure fifths (double bass: fourths) counted from A, unless the instrument is tuned equally.';
}

/** Explains the target frequency of a note. */
export function hzDerivation({ target, stop }: IntonedStop, a4Hz: number): string {
  return `${pitchLabel(stop.pitch)} in equal temperament from A = ${a4Hz} Hz, times 2^(cents/1200) with ${centsText(target.cents)}: ${hzText(target.hz)}.`;
}

/** Explains the place on the string that is the target of a note. */
export function targetPlaceDerivation({ target }: IntonedStop, lengthMm: number, openHz: number, pressingMm: number): string {
  const pressing = pressingMm === 0 ? '' : `, less ${pressingMm} mm that pressing adds`;
  return `String length × (1 − frequency of the open string / frequency of the note): ${lengthMm} mm × (1 − ${openHz.toFixed(2)}/${target.hz.toFixed(2)})${pressing} = ${exactMmText(target.mmFromNut)}.`;
}

/** Explains the length of ten cents there. */
export function tenCentsDerivation(semitones: number, lengthMm: number): string {
  return `Sounding length × ln 2 / 120: ${exactMmText(soundingLengthMm(lengthMm, semitones))} × 0.00578.`;
}

/** Explains the length of string that sounds. */
export function soundingDerivation(semitones: number, lengthMm: number): string {
  return `From the finger to the bridge: ${lengthMm} mm × 2^(−${semitones}/12) = ${exactMmText(soundingLengthMm(lengthMm, semitones))}.`;
}

/** Explains where the bow meets the string. */
export function contactDerivation(semitones: number, lengthMm: number, share: number): string {
  return `${Math.round(share * 100)} % of the sounding length, ${exactMmText(contactPointMm(lengthMm, semitones, share))}. The bow works by where it lies between the nodes of the overtones, and these shrink with the sounding length: so it moves towards the bridge as the hand goes up, by the same fraction.`;
}

/** Explains how quickly an error beats. */
export function beatsDerivation(ratioText: string, errorCents: number): string {
  return `The partials that should coincide, ${ratioText}: |q · higher − p · lower| with the note ${errorCents} cents off the pure interval.`;
}

/** Explains the distance that the hand moves in a shift. */
export function travelDerivation(shift: Shift): string {
  return `How far finger 1 moves along the string: ${semitonesText(shift.handSemitones)} of the hand. The notes may move by another distance when the finger changes.`;
}

/** Explains the speed of the hand in a shift: the way, and the time there is for it. */
export function speedDerivation(shift: Shift): string {
  const seconds = shift.seconds === null ? '' : `: ${mmText(shift.handMm)} in ${shift.seconds.toFixed(2)} s`;
  return `The hand’s travel divided by the time from the beginning of the last note before the shift to the arrival, at this tempo${seconds}.`;
}

/** Explains the name of a position. */
export function positionDerivation({ brief }: Plan, { position, firstFingerSemitone, firstFingerMm }: Stay): string {
  if (position.label === 'thumb') return 'The thumb lies on the string; the position is named after the note under it.';
  const home = `Finger 1 is at home ${mmText(firstFingerMm)} from the nut, ${semitonesText(firstFingerSemitone)} above the open string.`;
  return `${home} ${POSITIONS_COUNTED[brief.instrument.kind]}`;
}

/** The rules by which players of an instrument count its positions. */
const POSITIONS_COUNTED: Readonly<Record<InstrumentKind, string>> = {
  violin: LETTERS_COUNTED,
  viola: LETTERS_COUNTED,
  cello:
    'Counted as on the A string, where the natural notes name the positions: B first, C second, D third, E fourth. A place between two names is called high or low.',
  bass: 'Each position lies a semitone above the one before: half, I, II, II–III, III and so on.',
};

/** Explains the room that two fingertips have. */
export function roomDerivation(plan: Plan, semitones: number): string {
  const { hand } = handOfPlan(plan);
  const from = lowestCrowded(instrumentOf(plan), hand.fingerDistanceMm);
  const begins = from === null ? '' : ` On this string it begins ${from} semitones above the open string.`;
  return `Sounding length × (1 − 2^(−1/12)): ${exactMmText(soundingLengthMm(plan.stringLengthMm, semitones))} × 0.0561.${begins}`;
}

/** Explains the strength with which open strings answer. */
export function ringDerivation(): string {
  return 'Sum over the other open strings of 2/(p·q) for the ratio p : q to the note, with p and q up to 6: an open string an octave away counts 1. The figure is our own.';
}
