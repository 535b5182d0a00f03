import type { DocumentName, KnownFields } from '#core/documents';

/** Made by `scripts/compile-validators.ts`: by the kind of document, what brings the fields that its schema knows. */
export const known: { readonly [Name in DocumentName]: () => Promise<{ readonly known: KnownFields }> };
