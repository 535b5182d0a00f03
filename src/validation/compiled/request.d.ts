import type { ValidateFunction } from 'ajv';
import type { Brief } from '#core/brief';

/** Made by `scripts/compile-validators.ts`: the check of a brief that is sent to the server. */
export const validate: ValidateFunction<Brief>;
