import type { LineInSearch } from '#core/learning';
import { isFingeredAs, searchLine } from '#core/learning';
import { placementsAt } from '#core/solve';
import type { Weights } from '#core/weights';
import { seeded } from '../../tests/support/seeded.ts';

/** The fingerings among which a wrong answer is drawn. */
const AMONG = 6;

/** Gives lines in which one of the cheapest wrong fingerings stands as the right one: nothing can be learnt from them. */
export function shuffle(lines: readonly LineInSearch[], table: Weights): readonly LineInSearch[] {
  const random = seeded(3);
  return lines.map((line): LineInSearch => {
    const { rivals } = searchLine(line, table, AMONG);
    const wrong = rivals[Math.floor(random() * rivals.length)];
    if (!wrong) return line;
    const placements = placementsAt(line.laid.lattice, wrong.choices);
    return { ...line, line: { ...line.line, right: [(note, order) => isFingeredAs(note, placements[order])] } };
  });
}
