import type { RepeatSigns } from './score.ts';

/** The largest number of measures a score may have when its repeats are written out. */
const MOST_MEASURES = 20_000;

/**
 * Lists the measures in the order in which they are played, by index: each repeat with its endings. A repeat without a beginning goes back
 * to the end of the one before, or to the first measure. Jumps to a sign are not followed. At most 20,000 measures.
 */
export function playingOrder(measures: readonly RepeatSigns[]): readonly number[] {
  const order: number[] = [];
  let [from, pass] = [0, 1];
  for (let index = 0; index < measures.length && order.length < MOST_MEASURES;) {
    const here = measures[index];
    if (!here) break;
    if (beginsAgain(measures, index, from)) [from, pass] = [index, 1];
    const played = here.endings.length === 0 || here.endings.includes(pass);
    if (played) order.push(index);
    if (played && goesBack(measures, index, pass)) [index, pass] = [from, pass + 1];
    else index += 1;
  }
  return order;
}

/** Tells whether a repeat begins here, or the last one has ended: with its last ending, or with its sign. */
function beginsAgain(measures: readonly RepeatSigns[], index: number, from: number): boolean {
  const [before, here] = [measures[index - 1], measures[index]];
  if (index === from || !here) return false;
  if (here.begins) return true;
  return here.endings.length === 0 && before !== undefined && (before.endings.length > 0 || before.times > 0);
}

/** Tells whether it is played once more: as often as the sign says, or as there are endings left. */
function goesBack(measures: readonly RepeatSigns[], index: number, pass: number): boolean {
  const here = measures[index];
  if (!here || here.times === 0) return false;
  if (here.endings.length === 0) return pass < here.times;
  const next = measures[index + 1];
  return here.endings.includes(pass + 1) || (next?.endings.includes(pass + 1) ?? false);
}
