const SIZES = ['unison', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'octave'] as const;

/** The semitones of the major or perfect interval of a number of letters, within the octave. */
const PLAIN = [0, 2, 4, 5, 7, 9, 11, 12] as const;

/** Names an interval by its letters and semitones, both upward: "a minor third", "an octave and a major second". */
export function intervalName(letters: number, semitones: number): string {
  const octaves = letters > 7 ? Math.floor(letters / 7) : 0;
  const name = simpleInterval(letters - 7 * octaves, semitones - 12 * octaves);
  if (octaves === 0) return name;
  return `${octaves === 1 ? 'an octave' : `${octaves} octaves`}${letters % 7 === 0 ? '' : ` and ${name}`}`;
}

function simpleInterval(steps: number, semitones: number): string {
  const isPerfect = [0, 3, 4, 7].includes(steps);
  const off = semitones - (PLAIN[steps] ?? 0);
  const size = SIZES[steps] ?? 'interval';
  if (steps === 7 && off === 0) return 'an octave';
  if (off === 0) return isPerfect ? `a perfect ${size}` : `a major ${size}`;
  if (off > 0) return `an augmented ${size}`;
  return off === -1 && !isPerfect ? `a minor ${size}` : `a diminished ${size}`;
}
