import type { Placement } from '#core/hand/placement';
import type { Lattice } from './lattice.ts';

/** Leaves candidates out of a lattice; steps are shared, and a layer in which nothing is left out is kept as it is. */
export function restrict(lattice: Lattice, keep: (placement: Placement, layer: number) => boolean): Lattice {
  const layers = lattice.layers.map((layer, index) => {
    if (layer.candidates.every((placement) => keep(placement, index))) return layer;
    return { ...layer, costs: layer.costs.map((cost, place) => (isKept(layer.candidates[place], index, keep) ? cost : Infinity)) };
  });
  return { ...lattice, layers };
}

function isKept(placement: Placement | undefined, layer: number, keep: (placement: Placement, layer: number) => boolean): boolean {
  return placement !== undefined && keep(placement, layer);
}
