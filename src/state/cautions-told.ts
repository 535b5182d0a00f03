import { type Caution, CAUTIONS } from '#core/fit';

const KEPT_AS = 'cautions-told';

let before: readonly Caution[] | null = null;

/** The cautions told in this tab before the page was opened: one that is told on a page stays there as long as it is open. */
export function cautionsToldBefore(): readonly Caution[] {
  before ??= readTold();
  return before;
}

/** Remembers that these have been told. */
export function tellCautions(cautions: readonly Caution[]): void {
  const known = readTold();
  if (cautions.every((caution) => known.includes(caution))) return;
  try {
    sessionStorage.setItem(KEPT_AS, [...known, ...cautions].join(' '));
  } catch {
    // They are told again where nothing is kept, which does no harm.
  }
}

/** Gives all that has been told since this tab was opened; empty where the browser keeps nothing. */
function readTold(): readonly Caution[] {
  try {
    const kept = sessionStorage.getItem(KEPT_AS)?.split(' ') ?? [];
    return CAUTIONS.filter((caution) => kept.includes(caution));
  } catch {
    return [];
  }
}
