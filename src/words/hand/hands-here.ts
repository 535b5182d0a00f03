import type { BowNeed, HandsHere } from '#core/fit';
import { exactMmText } from '../intonation/intonation.ts';

/** The sentence for what the bow needs beside its contact point. */
const BOW_NEEDS: Readonly<Record<BowNeed, string>> = {
  'short-string': 'The string is short here: a slower bow, and only as much weight as makes it speak.',
  'thick-string': 'The string is thick: more weight, set before the bow moves.',
  'thick-and-short': 'The string is thick, and short here: more weight, set before the bow moves, and a slower bow.',
};

/** Writes what the bow needs at a note: "The bow 18.2 mm from the bridge; in first position 26.5 mm. The string is short here: …" */
export function handsHereText({ contactMm, homeContactMm, bow }: HandsHere): string {
  const contact = `The bow ${exactMmText(contactMm)} from the bridge; in first position ${exactMmText(homeContactMm)}.`;
  return bow === null ? contact : `${contact} ${BOW_NEEDS[bow]}`;
}

/** The part of the finger that is set where semitones are narrow, by the side the school takes on pad and tip. */
const FINGER_PARTS: Readonly<Record<string, string>> = {
  both: 'The tip takes the least room; the pad covers a thick string and sounds rounder.',
  tip: 'Set the tip of the finger: it takes the least room.',
  pad: 'Set the pad of the finger, and let its neighbour give way.',
};

/** Writes that two fingertips have no room for a semitone, and which part of the finger is set; `side` is the school's on pad and tip. */
export function crowdedText(side: string): string {
  return `A semitone here is narrower than two fingertips: lift one finger to set the next. ${FINGER_PARTS[side] ?? ''}`.trim();
}
