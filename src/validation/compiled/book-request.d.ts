import type { ValidateFunction } from 'ajv';
import type { BookRequest } from '#core/scale-book';

/** Made by `scripts/compile-validators.ts`: the check of a brief that is sent to the server. */
export const validate: ValidateFunction<BookRequest>;
