import { type Caution, CAUTIONS } from '#core/fit';

const KEPT_AS = 'cautions-told';

/** What has been told since this tab was opened; nothing where the browser keeps nothing. */
export function cautionsTold(): readonly Caution[] {
  try {
    const told = sessionStorage.getItem(KEPT_AS)?.split(' ') ?? [];
    return CAUTIONS.filter((each) => told.includes(each));
  } catch {
    return [];
  }
}

/** Remembers that these have been told. */
export function tellCautions(cautions: readonly Caution[]): void {
  const before = cautionsTold();
  if (cautions.every((each) => before.includes(each))) return;
  try {
    sessionStorage.setItem(KEPT_AS, [...before, ...cautions].join(' '));
  } catch {
    // Where nothing is kept they are told again, which does no harm.
  }
}
