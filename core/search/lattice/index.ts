export { fold, unfold } from './folded.ts';
export { buildLattice, type Lattice, type LatticeNote, type Layer, type Step, stepSetting } from './lattice.ts';
export { costOfThree, pricingThree, threesOn } from './pricing-three.ts';
export { asItIs, type Derived, type Forbidden, originalChoices, remembering } from './remembering.ts';
export { restrict } from './restricted.ts';
