export { withLimit, withLimits, withPurpose, withRhythm, withSamePattern, withTempo, withWayDown } from './asked-edits.ts';
export { withInstrument, withInstrumentSpec, withIntonation, withSize } from './instrument-edits.ts';
export { withLineKey, withMaterial, withMaterialKind, withPattern, withTonicName } from './material-edits.ts';
export { briefOfNobody, withHand, withHandSchool, withProfile, withSchool } from './player-edits.ts';
export { differingWays, withPreference, withWay } from './school-edits.ts';
export { HIGHEST_OFFERED, KEYS_OFFERED, tonicNames, tonicOctaves } from './tonics.ts';
