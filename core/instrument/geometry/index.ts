export {
  CONTACT_SHARES,
  contactPointMm,
  fingerboardEndSemitones,
  mmFromNut,
  mmPerTenCents,
  placesMm,
  semitonesAtMm,
  semitoneSpaceMm,
  soundingLengthMm,
} from './geometry.ts';
