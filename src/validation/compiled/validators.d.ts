import type { ValidateFunction } from 'ajv';
import type { Checked } from '#core/documents';

/** Made by `scripts/compile-validators.ts`: by its name, what brings the check of a schema. */
export const validators: { readonly [Name in keyof Checked]: () => Promise<{ readonly validate: ValidateFunction<Checked[Name]> }> };
