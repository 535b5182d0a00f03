export { withLimit, withLimits, withPreference, withPurpose, withRhythm, withSamePattern, withTempo, withWayDown } from './asked-edits.ts';
export { withInstrument, withInstrumentSpec, withIntonation, withSize } from './instrument-edits.ts';
export { withLineKey, withMaterial, withMaterialKind, withPattern, withTonicName } from './material-edits.ts';
export { withHand, withProfile, withSchool } from './player-edits.ts';
export { HIGHEST_OFFERED, tonicNames, tonicOctaves } from './tonics.ts';
