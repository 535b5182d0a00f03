import { type Caution, CAUTIONS } from '#core/fit';
import { keepInTab, textOfTab } from '../storage/beside/index.ts';

const KEPT_AS = 'cautions-told';

let before: readonly Caution[] | null = null;

/** The cautions told in this tab before the page was opened: one that is told on a page stays there as long as it is open. */
export function cautionsToldBefore(): readonly Caution[] {
  before ??= readTold();
  return before;
}

/** Remembers that these have been told. Where the browser keeps nothing they are told again, which does no harm. */
export function tellCautions(cautions: readonly Caution[]): void {
  const known = readTold();
  if (cautions.every((caution) => known.includes(caution))) return;
  keepInTab(KEPT_AS, [...known, ...cautions].join(' '));
}

/** Gives all that has been told since this tab was opened; empty where the browser keeps nothing. */
function readTold(): readonly Caution[] {
  const kept = textOfTab(KEPT_AS)?.split(' ') ?? [];
  return CAUTIONS.filter((caution) => kept.includes(caution));
}
