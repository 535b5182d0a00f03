import type { ValidateFunction } from 'ajv';
import type { Brief } from '#core/plan';

/** Made by `scripts/compile-validators.ts` from the schema. */
export const validate: ValidateFunction<Brief>;
