import type { ValidateFunction } from 'ajv';
import type { Brief } from '#core/brief';
import type { BookRequest } from '#core/scale-book';

/** Made by `scripts/compile-validators.ts`: the check of a brief that is sent to the server. */
export const validateBrief: ValidateFunction<Brief>;

/** Made by `scripts/compile-validators.ts`: the check of a scale book that is asked of the server. */
export const validateBook: ValidateFunction<BookRequest>;
