import type { FingerOn, FingersAt } from '#core/fit';
import { listText } from '#core/messages';
import { gapsText } from './patterns.ts';

/** Writes what the fingers do at a note, a sentence each; empty where only the one that plays does anything. */
export function fingerWorkText({ playing, held, set, lifted, hovering }: FingersAt): readonly string[] {
  return [
    ...(held.length > 0 ? [`${fingersText(held)} ${held.length === 1 ? 'stays' : 'stay'} down.`] : []),
    ...(set.length > 0 ? [`${fingersText([...playing, ...set])} are set down together${spacing([...playing, ...set])}.`] : []),
    ...(lifted.length > 0 ? [`${fingersText(lifted)} ${lifted.length === 1 ? 'lifts' : 'lift'}.`] : []),
    ...hovering.map((finger) => `${fingersText([finger])} hovers over ${finger.string}, ready for its next note.`),
  ];
}

/** Writes fingers, with the string where they stand on another than the first: "1 and 2". */
function fingersText(fingers: readonly FingerOn[]): string {
  const strings = new Set(fingers.map(({ string }) => string));
  const names = listText(inOrder(fingers).map(({ finger }) => (finger === 'T' ? 'The thumb' : finger)));
  return strings.size === 1
    ? `${names} on ${[...strings][0] ?? ''}`
    : listText(inOrder(fingers).map(({ finger, string }) => `${finger} on ${string}`));
}

/** Writes how far fingers that are set down together stand apart: ": 2 and 3 close". */
function spacing(fingers: readonly FingerOn[]): string {
  const places = inOrder(fingers);
  const gaps = places.slice(1).flatMap((place, index) => {
    const below = places[index];
    return below ? [{ from: below.finger, to: place.finger, semitones: place.semitonesAboveOpen - below.semitonesAboveOpen }] : [];
  });
  return `: ${gapsText(gaps)}`;
}

function inOrder(fingers: readonly FingerOn[]): readonly FingerOn[] {
  return fingers.toSorted((one, other) => one.semitonesAboveOpen - other.semitonesAboveOpen);
}
