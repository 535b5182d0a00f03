import type { BeatNow, Metronome } from '#core/practice/metronome';

/** The sign of a note of a value: 4 is a quarter. */
const SIGNS: Readonly<Record<number, string>> = { 2: '𝅗𝅥', 4: '♩', 8: '♪' };

/** "♪ = 144": how fast the beats of a meter are. */
export function beatText({ tempo, meter }: Pick<Metronome, 'tempo' | 'meter'>): string {
  return `${SIGNS[meter.beatValue] ?? '♩'} = ${Math.round(tempo)}`;
}

/** What is told while it sounds. */
export function measureText(now: BeatNow | null): string {
  if (now === null) return 'Silent.';
  if (now.measure < 0) return 'The count-in: come in with the next measure.';
  return now.silent ? 'A silent measure: keep counting.' : 'Sounding.';
}

/** What the one button does. */
export const START_WORDS = 'Start';

/** The same while it sounds. */
export const STOP_WORDS = 'Stop';

/** What the keys do. */
export const KEYS_HINT = 'Space starts and stops. Arrows: one beat a minute more or less; page keys: five. T taps the tempo.';
