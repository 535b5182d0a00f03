import type { ValidateFunction } from 'ajv';
import type { PlayerSheet } from '#core/format';

/** Made by `scripts/compile-validators.ts` from the schema. */
export const validate: ValidateFunction<PlayerSheet>;
