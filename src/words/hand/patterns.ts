import type { School } from '#core/brief/parts/school';
import { noteLabel } from '#core/pitch';
import { type Diagonal, type FingerPattern, patternKey } from '#core/plan/describe';

/** The words for the direction in which a pattern holds, after its string; empty where it holds both ways. */
export const PATTERN_WAYS: Readonly<Record<FingerPattern['way'], string>> = { up: ', going up', down: ', coming down', both: '' };

/** Writes a finger pattern by the fingers that touch: "2 and 3 close", "1 and 2 wide apart"; "all apart" where none do. */
export function touchText({ gaps, places }: FingerPattern): string {
  return gaps.length === 0 ? places.map((place) => `${place.finger} alone`).join('') : gapsText(gaps);
}

/** Writes the distances of a pattern by the fingers that touch. */
export function gapsText(gaps: FingerPattern['gaps']): string {
  const close = gaps.filter((gap) => gap.semitones === 1).map((gap) => `${gap.from} and ${gap.to} close`);
  const wide = gaps.filter((gap) => gap.semitones > 2).map((gap) => `${gap.from} and ${gap.to} wide apart`);
  if (close.length === gaps.length && gaps.length > 1) return 'all close';
  const told = [...close, ...wide];
  return told.length === 0 ? 'all apart' : told.join(', ');
}

/** The tritone, semitones. */
const TRITONE = 6;

/** Writes a diagonal finger: "a semitone lower than on A: a tritone lies between the two". */
export function diagonalText({ open, semitones, apart }: Diagonal): string {
  const where = `a semitone ${semitones > 0 ? 'higher' : 'lower'} than on ${noteLabel(open)}`;
  return apart === TRITONE ? `${where}: a tritone lies between the two` : where;
}

/** Writes a pattern by the teacher's own name, followed by the fingers that touch; by these alone where it has none. */
export function patternText(pattern: FingerPattern, { patternNames = {} }: School = {}): string {
  const own = patternNames[patternKey(pattern)];
  return own === undefined ? touchText(pattern) : `${own} (${touchText(pattern)})`;
}
