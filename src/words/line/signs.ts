import type { Accent, Articulation, OrnamentKind, OrnamentSign } from '#core/material/line';

/** The names of ornaments at a note. */
export const ORNAMENT_LABELS: Readonly<Record<OrnamentKind, string>> = {
  trill: 'trill',
  mordent: 'mordent',
  'upper-mordent': 'upper mordent',
};

/** The names for the other note of an ornament: the key's own, or with an accidental at the sign. */
export const ORNAMENT_SIGN_LABELS: Readonly<Record<OrnamentSign | 'key', string>> = {
  key: 'with the note of the key',
  flat: 'with a flat at it',
  natural: 'with a natural at it',
  sharp: 'with a sharp at it',
};

/** The names of articulation at a note. */
export const ARTICULATION_LABELS: Readonly<Record<'none' | Articulation, string>> = {
  none: 'none',
  staccato: 'staccato',
  staccatissimo: 'staccatissimo',
  tenuto: 'tenuto',
  'detached-legato': 'tenuto with a dot',
};

/** The names of accents at a note. */
export const ACCENT_KIND_LABELS: Readonly<Record<'none' | Accent, string>> = {
  none: 'no accent',
  accent: 'accent',
  marcato: 'marcato',
};

/** The names of harmonics at a note. */
export const HARMONIC_LABELS: Readonly<Record<'none' | 'natural' | 'stopped', string>> = {
  none: 'none',
  natural: 'natural',
  stopped: 'stopped',
};
