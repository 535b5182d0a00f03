/** A difference of cost between two fingerings as words need it. */
export interface CountedDifference {
  readonly one: string;
  readonly many: string;
  /** How many more. */
  readonly times: number;
  readonly thousandths: number;
}

/** "1.4": thousandths of a unit of cost, for reading. */
export function pointsText(thousandths: number): string {
  const points = Math.abs(thousandths) / 1000;
  return points < 0.1 ? points.toFixed(2) : points.toFixed(1);
}

/** How many differences a sentence names. */
const MOST_NAMED = 3;

/** "2 string crossings and 1 reach back more": what a fingering has more than another, dearest first. */
export function differencesText(differences: readonly CountedDifference[]): string {
  return listed(named(differences).map((difference) => moreText(difference)));
}

/** "2 string crossings fewer and a shorter way for the hand": what a fingering saves against another. */
export function savingsText(differences: readonly CountedDifference[]): string {
  return listed(named(differences).map((difference) => fewerText(difference)));
}

/** Counted differences say most; those that are only dearer or cheaper are named when there is room. */
function named(differences: readonly CountedDifference[]): readonly CountedDifference[] {
  const counts = differences.filter(({ times, thousandths }) => times * thousandths > 0 && times !== 0);
  const others = differences.filter((difference) => !counts.includes(difference));
  return [...counts, ...others].slice(0, MOST_NAMED);
}

function moreText({ one, many, times }: CountedDifference): string {
  return times > 0 ? `${times} ${times === 1 ? one : many} more` : `${many} that weigh more`;
}

function fewerText({ one, many, times }: CountedDifference): string {
  return times < 0 ? `${-times} ${times === -1 ? one : many} fewer` : `${many} that weigh less`;
}

/** A choice against the cheapest fingering without it. */
export function dearerText(instead: string, thousandths: number, more: readonly CountedDifference[]): string {
  if (thousandths === 0) return `${instead} would cost the same; of equals the first is taken.`;
  const what = more.length === 0 ? '' : `: ${differencesText(more)}`;
  return `${instead} would cost ${pointsText(thousandths)} more${what}.`;
}

/** A choice that the brief asks for, though without it a cheaper fingering would be had. */
export function askedText(instead: string, thousandths: number): string {
  return `The brief asks for it: ${lowered(instead)} would cost ${pointsText(thousandths)} less, but would not keep all it asks.`;
}

/** A choice without which the line cannot be played. */
export function neededText(note: string, without: string): string {
  return `${note} cannot be played ${without}.`;
}

/** A choice the teacher made. */
export function lockedText(): string {
  return 'You fixed it so.';
}

/** A stretch a fingering would ask for, against the hand's own comfort. */
export function stretchText(needMm: number, comfortMm: number): string {
  return `Its widest reach is ${Math.round(needMm)} mm; this hand is at ease up to ${Math.round(comfortMm)} mm.`;
}

/** A wish that is what the plan has. */
export function isChosenText(): string {
  return 'That is what the plan has.';
}

/** A wish that is cheaper than the plan: only what the brief asks of the whole line keeps it out. */
export function expectedInsteadText(thousandths: number): string {
  return `It would cost ${pointsText(thousandths)} less; what the brief asks of the whole line keeps it out.`;
}

function lowered(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

function listed(parts: readonly string[]): string {
  if (parts.length <= 1) return parts.join('');
  return `${parts.slice(0, -1).join(', ')} and ${parts[parts.length - 1] ?? ''}`;
}
