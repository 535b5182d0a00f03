import type { Edit } from './edit.ts';
import { PIECE_EDITS } from './edits-of-pieces.ts';
import { PRACTICE_EDITS } from './edits-of-practice.ts';
import { STUDIO_EDITS } from './edits-of-studio.ts';

/** The edits that are tried: each kind of document, and each page that keeps something, has one. */
export const EDITS: readonly Edit[] = [...PIECE_EDITS, ...STUDIO_EDITS, ...PRACTICE_EDITS];
