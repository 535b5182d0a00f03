export { folded, unfolded } from './folded.ts';
export { buildLattice, type Lattice, type LatticeNote, type Layer, type Step } from './lattice.ts';
export { restricted } from './restricted.ts';
