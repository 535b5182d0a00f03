import type { BeatNow, Metronome } from '#core/practice/metronome';

/** The signs of notes by their value: 4 is a quarter. */
const SIGNS: Readonly<Record<number, string>> = { 2: '𝅗𝅥', 4: '♩', 8: '♪' };

/** Writes how fast the beats of a meter are: "♪ = 144". */
export function beatText({ tempo, meter }: Pick<Metronome, 'tempo' | 'meter'>): string {
  return `${SIGNS[meter.beatValue] ?? '♩'} = ${Math.round(tempo)}`;
}

/** Writes the measure while it sounds. */
export function measureText(now: BeatNow | null): string {
  if (now === null) return 'Silent.';
  if (now.measure < 0) return 'The count-in: come in with the next measure.';
  return now.silent ? 'A silent measure: keep counting.' : 'Sounding.';
}

/** The words of the button in silence. */
export const START_WORDS = 'Start';

/** The words of the button while it sounds. */
export const STOP_WORDS = 'Stop';

/** The words for what the keys do. */
export const KEYS_HINT = 'Space starts and stops. Arrows: one beat a minute more or less; page keys: five. T taps the tempo.';
