import type { Side } from '#core/listening/report';

/** The ways to listen while a line is played. */
export const LIVE_MODES = {
  show: 'each note and its miss are shown at once',
  ear: 'the ear judges first',
  sure: 'you say before each note whether you are sure of it',
} as const;

/** A way to listen while a line is played. */
export type LiveMode = keyof typeof LIVE_MODES;

/** The words for listening while a line is played. */
export const LIVE = {
  title: 'Listening while you play',
  choice: 'While you play',
  begin: 'Listen live',
  stop: 'Stop listening',
  waiting: 'Play the line.',
  scale: 'How far the note lies from its place',
  failed: 'The browser did not start to listen. Try it again.',
  never: 'This school leaves the tuner off while a line is played: record the line, and look at it afterwards.',
} as const;

/** The words for the ear that judges first. */
export const EAR_FIRST = { hold: 'Hold a note until you are asked.', asks: 'Flat, in tune or sharp?' } as const;

/** The words for saying before whether one is sure. */
export const SURE_BEFORE = {
  asks: 'The next note:',
  play: 'Now play it, and hold it.',
  sure: 'I am sure of it',
  unsure: 'I am unsure',
} as const;

/** Writes a miss as it is heard: "12 cents flat", "in tune". */
export function liveMissText(cents: number, side: Side): string {
  return side === 'in tune' ? 'in tune' : `${Math.round(Math.abs(cents))} cents ${side}`;
}

/** Writes how a note lay, after the ear has judged: "It was 12 cents flat. The ear was right." */
export function earJudgedText(cents: number, side: Side, right: boolean): string {
  return `It was ${liveMissText(cents, side)}. The ear was ${right ? 'right' : 'wrong'}.`;
}

/** Writes how often the ear was right: "The ear was right 7 times of 9." */
export function earRightText(right: number, of: number): string {
  return `The ear was right ${right} ${right === 1 ? 'time' : 'times'} of ${of}.`;
}

/** Notes of which something was said before, and those of them that were in tune. */
interface Followed {
  /** The number of notes that were in tune. */
  readonly inTune: number;
  /** The number of all of them. */
  readonly of: number;
}

/** The notes before which a player was sure or unsure. */
export interface SureTally {
  readonly sure: Followed;
  readonly unsure: Followed;
}

/** Writes what followed: "Sure: 4 of 5 in tune. Unsure: 2 of 3 in tune." */
export function sureBeforeText({ sure, unsure }: SureTally): string {
  return `Sure: ${sure.inTune} of ${sure.of} in tune. Unsure: ${unsure.inTune} of ${unsure.of} in tune.`;
}
