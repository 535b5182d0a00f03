import type { Head, StaffLayout } from '../../engraving/index.ts';
import { DrawnText } from '../../ui/DrawnText.tsx';

interface MissTintProps {
  readonly heads: readonly Head[];
  /** The number of tries that missed at each note, by line index. */
  readonly missed: ReadonlyMap<number, number>;
  readonly layout: StaffLayout;
  /** The height of staff and path together, px. */
  readonly height: number;
}

/** The opacity of the ground of the note that was missed most; the others have their share of it. */
const DARKEST = 0.34;

/** The room on either side of a head, px. */
const BESIDE = 5;

/** Tints notes by how often they were missed, from the staff down through the path, with the number of misses between the two. */
export function MissTint({ heads, missed, layout, height }: MissTintProps) {
  const most = Math.max(1, ...missed.values());
  return heads.map((head) => {
    const times = missed.get(head.index) ?? 0;
    if (times === 0 || head.tiedFromBefore) return null;
    const [left, right] = [head.left - BESIDE, head.right + BESIDE];
    return (
      <g key={`${head.index} ${head.x}`} data-missed={head.index}>
        <rect
          x={left}
          y={layout.positionRowY}
          width={right - left}
          height={height - layout.positionRowY}
          className="fill-ink"
          fillOpacity={(times / most) * DARKEST}
        />
        <DrawnText look="landmark" x={head.x} y={layout.stringRowY + 20} textAnchor="middle" className="fill-ink">
          {times}
        </DrawnText>
      </g>
    );
  });
}
