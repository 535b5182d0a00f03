import type { ValidateFunction } from 'ajv';
import type { Piece } from '#core/format';
import type { Brief } from '#core/plan';

/** Made by `scripts/compile-validators.ts` from the schemas. */
export const validateBrief: ValidateFunction<Brief>;
export const validatePiece: ValidateFunction<Piece>;
