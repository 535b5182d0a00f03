import type { Accent } from '#core/material/line';

/** The signs of a music font for accents below their note. */
export const ACCENT_SIGNS: Readonly<Record<Accent, string>> = { accent: '\uE4A1', marcato: '\uE4AD' };
