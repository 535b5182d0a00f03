import type { Accent } from '#core/material/line';

/** The signs of a music font for accents below their note. */
export const ACCENT_SIGNS: Readonly<Record<Accent, string>> = { accent: '\uE4A1', marcato: '\uE4AD' };

/** The signs of a music font for ornaments. */
export const ORNAMENT_SIGNS = { trill: '\uE566', mordent: '\uE56D', 'upper-mordent': '\uE56C' } as const;

/** The accidentals at ornaments. */
export const ACCIDENTAL_SIGNS = { flat: '♭', natural: '♮', sharp: '♯' } as const;

/** The signs of a music font for the bow. */
export const BOW_SIGNS = { down: '\uE610', up: '\uE612' } as const;
