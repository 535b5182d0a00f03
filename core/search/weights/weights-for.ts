import type { InstrumentKind } from '#core/instrument';
import { bassWeights } from './bass.ts';
import { celloWeights } from './cello.ts';
import type { Weights } from './types.ts';
import { violaWeights, violinWeights } from './violin.ts';

/** The weights of an instrument's hand. */
export function weightsFor(kind: InstrumentKind): Weights {
  return { violin: violinWeights, viola: violaWeights, cello: celloWeights, bass: bassWeights }[kind];
}
