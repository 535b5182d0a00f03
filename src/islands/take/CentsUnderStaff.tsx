import type { NoteMiss } from '#core/listening/report';
import type { Head } from '../../engraving/index.ts';
import { DrawnText } from '../../ui/DrawnText.tsx';
import { signedCents } from '../../words/intonation/takes.ts';

interface CentsUnderStaffProps {
  readonly heads: readonly Head[];
  /** The baseline, px. */
  readonly y: number;
  readonly misses: readonly NoteMiss[];
}

/** Writes under the staff by how many cents each note lay outside the tolerance; of two voices the one that lay further out. */
export function CentsUnderStaff({ heads, y, misses }: CentsUnderStaffProps) {
  return heads.map((head) => {
    const off = misses.filter(
      ({ note, side, heard, doubtful }) => note === head.index && !heard.again && !doubtful && side !== null && side !== 'in tune',
    );
    const furthest = off.reduce<number | null>((most, { cents }) => (Math.abs(cents ?? 0) > Math.abs(most ?? 0) ? cents : most), null);
    if (furthest === null || head.tiedFromBefore) return null;
    return (
      <DrawnText key={`${head.index} ${head.x}`} look="remark" x={head.x} y={y} textAnchor="middle" className="fill-ochre">
        {signedCents(furthest)}
      </DrawnText>
    );
  });
}
