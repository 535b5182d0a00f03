import type { School } from '#core/brief/parts/school';
import { noteLabel } from '#core/pitch';
import { type Diagonal, type FingerPattern, patternKey } from '#core/plan/describe';

/** Which way a pattern holds, after its string; nothing where it holds both ways. */
export const PATTERN_WAYS: Readonly<Record<FingerPattern['way'], string>> = { up: ', going up', down: ', coming down', both: '' };

/** A finger pattern by what touches: "2 and 3 close", "1 and 2 wide apart"; "all apart" where nothing touches. */
export function touchText({ gaps, places }: FingerPattern): string {
  return gaps.length === 0 ? places.map((place) => `${place.finger} alone`).join('') : gapsText(gaps);
}

/** The distances of a pattern by what touches. */
export function gapsText(gaps: FingerPattern['gaps']): string {
  const close = gaps.filter((gap) => gap.semitones === 1).map((gap) => `${gap.from} and ${gap.to} close`);
  const wide = gaps.filter((gap) => gap.semitones > 2).map((gap) => `${gap.from} and ${gap.to} wide apart`);
  if (close.length === gaps.length && gaps.length > 1) return 'all close';
  const told = [...close, ...wide];
  return told.length === 0 ? 'all apart' : told.join(', ');
}

/** A tritone, semitones. */
const TRITONE = 6;

/** "a semitone lower than on A: a tritone lies between the two". */
export function diagonalText({ open, semitones, apart }: Diagonal): string {
  const where = `a semitone ${semitones > 0 ? 'higher' : 'lower'} than on ${noteLabel(open)}`;
  return apart === TRITONE ? `${where}: a tritone lies between the two` : where;
}

/** A pattern by the teacher's own name, with what touches after it; by what touches alone where it has none. */
export function patternText(pattern: FingerPattern, { patternNames = {} }: School = {}): string {
  const own = patternNames[patternKey(pattern)];
  return own === undefined ? touchText(pattern) : `${own} (${touchText(pattern)})`;
}
