import type { Brief } from '#core/brief';
import { lineTextOf } from '#core/brief/lines';
import type { SheetChoices } from '#core/paper/choices';
import { DOCUMENT_KINDS, withHead, type Piece } from '#core/documents';

/** The place of a piece in a book of the teacher’s. */
export type PlaceInBook = NonNullable<Piece['inBook']>;

/** The fields of a piece that the bench does not change. */
export interface CarriedAlong {
  /** The words it is found by, given under Pieces. */
  readonly tags: readonly string[];
  /** The origin of a drill; null for any other piece. */
  readonly drill: NonNullable<Piece['drill']> | null;
  /** The place in a book of the teacher's; null for a piece of no book. */
  readonly inBook: PlaceInBook | null;
  /** The choices for its sheet; null for the usual ones. */
  readonly sheet: SheetChoices | null;
}

/** The fields of a piece with nothing to carry along. */
export const NOTHING_ALONG: CarriedAlong = { tags: [], drill: null, inBook: null, sheet: null };

/** Gives the fields that a document carries along. */
export function carriedAlong({ tags = [], drill, inBook, sheet }: Pick<Piece, 'tags' | 'drill' | 'inBook' | 'sheet'>): CarriedAlong {
  return { tags, drill: drill ?? null, inBook: inBook ?? null, sheet: sheet ?? null };
}

/** Makes a document from its parts. */
export function pieceOf(name: string, brief: Brief, lineText: string, { tags, drill, inBook, sheet }: CarriedAlong = NOTHING_ALONG): Piece {
  const told = {
    ...(lineText === '' ? {} : { lineText }),
    ...(tags.length === 0 ? {} : { tags: [...tags] }),
    ...(drill ? { drill } : {}),
    ...(inBook ? { inBook } : {}),
    ...(sheet ? { sheet } : {}),
  };
  return withHead(DOCUMENT_KINDS.piece, { name, brief, ...told });
}

/** Gives the line as typed; written out again for one that came without. */
export function typedLine({ brief, lineText }: Piece): string {
  return lineText ?? (brief.material.kind === 'line' ? lineTextOf(brief) : '');
}
