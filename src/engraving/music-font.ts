import { Metrics, MetricsDefaults } from 'vexflow/core';

let ready: Promise<void> | null = null;

/** Loads the music font from our own origin (declared in the style sheet) and tells the engraver to use it; once a page. */
export function musicFontReady(): Promise<void> {
  ready ??= document.fonts.load('30px Bravura').then(() => {
    MetricsDefaults['fontFamily'] = 'Bravura';
    Metrics.clear();
  });
  return ready;
}
