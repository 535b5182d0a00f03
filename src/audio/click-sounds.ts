import type { Click } from '#core/practice/metronome';

/** The sound of each click: Hz and loudness, 0 to 1. */
export const CLICK_SOUNDS: Readonly<Record<Click['strength'], { readonly hz: number; readonly gain: number }>> = {
  count: { hz: 2093, gain: 0.4 },
  measure: { hz: 1760, gain: 0.5 },
  accent: { hz: 1480, gain: 0.4 },
  beat: { hz: 1175, gain: 0.35 },
  between: { hz: 880, gain: 0.15 },
};
