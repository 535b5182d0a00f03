import type { Brief } from '#core/brief';
import type { PatternMaterial } from '#core/brief/parts/materials';

/** The most fingerings of a line that stand in a book: the teacher’s own, where two are kept. */
const MOST_KEPT = 2;

/**
 * Finds the briefs in which a teacher has kept a line of a book: pieces of the same scale or chord from the same note, in as many octaves
 * and the same direction, on the same instrument, newest first as they are given. They are played in the rhythm of the book.
 */
export function findKept(line: Brief, pieces: readonly Brief[]): readonly Brief[] {
  const { material, instrument } = line;
  if (material.kind === 'line') return [];
  const same = pieces.filter(
    (piece) => piece.instrument.kind === instrument.kind && piece.material.kind !== 'line' && keyOf(piece.material) === keyOf(material),
  );
  return same.slice(0, MOST_KEPT).map(({ rhythm: _, ...piece }) => ({ ...piece, ...(line.rhythm && { rhythm: line.rhythm }) }));
}

function keyOf(material: PatternMaterial): string {
  return JSON.stringify(Object.entries(material).toSorted(([one], [other]) => one.localeCompare(other)));
}
