import { Metrics, MetricsDefaults } from 'vexflow/core';

/** The music font's name in the style sheet. */
export const MUSIC_FONT = 'Dove Music';

let ready: Promise<void> | null = null;

/** Loads the music font from our own origin (declared in the style sheet) and tells the engraver to use it; once a page. */
export function musicFontReady(): Promise<void> {
  ready ??= document.fonts.load(`30px '${MUSIC_FONT}'`).then(() => {
    MetricsDefaults['fontFamily'] = MUSIC_FONT;
    Metrics.clear();
  });
  return ready;
}
