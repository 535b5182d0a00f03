import type { FingerPattern } from '#core/plan/describe';

/** A finger pattern by what touches: "2 and 3 close", "1 and 2 wide apart"; "all apart" where nothing touches. */
export function touchText({ gaps, places }: FingerPattern): string {
  if (gaps.length === 0) return places.map((place) => `${place.finger} alone`).join('');
  const close = gaps.filter((gap) => gap.semitones === 1).map((gap) => `${gap.from} and ${gap.to} close`);
  const wide = gaps.filter((gap) => gap.semitones > 2).map((gap) => `${gap.from} and ${gap.to} wide apart`);
  if (close.length === gaps.length && gaps.length > 1) return 'all close';
  const told = [...close, ...wide];
  return told.length === 0 ? 'all apart' : told.join(', ');
}
