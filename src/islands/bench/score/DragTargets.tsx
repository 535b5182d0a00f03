import { DrawnText } from '../../../ui/DrawnText.tsx';
import { wayLabel } from '../../../words/hand/hands.ts';
import { BEAD_RADIUS } from '../../../path/index.ts';
import type { BeadDrag } from './use-bead-drag.ts';

/** Shows where a dragged bead may go: every string and finger for its note, those outside the limits faint, and the bead itself. */
export function DragTargets({ drag }: { readonly drag: BeadDrag }) {
  const { bead, targets, over, x, y } = drag;
  return (
    <g data-drag className="pointer-events-none">
      {targets.map((target) => (
        <g
          key={`${target.way.open} ${wayLabel(target.way)}`}
          opacity={target.way.allowed ? 1 : 0.5}
          data-drop={`${target.way.string} ${wayLabel(target.way)}`}
        >
          <circle
            cx={target.x}
            cy={target.y}
            r={BEAD_RADIUS + 2}
            strokeDasharray="3 2"
            className={target === over ? 'fill-ink stroke-ink' : 'fill-paper stroke-dove-dark'}
          />
          <DrawnText
            x={target.x}
            y={target.y + 4.5}
            textAnchor="middle"
            look="bead"
            className={target === over ? 'fill-paper' : 'fill-ink'}
          >
            {wayLabel(target.way)}
          </DrawnText>
          <DrawnText x={target.x + 13} y={target.y - 8} look="small" className="fill-dove-dark">
            {target.way.string}
          </DrawnText>
        </g>
      ))}
      <circle cx={x} cy={y} r={BEAD_RADIUS} className="fill-paper stroke-ink" strokeWidth={1.5} />
      <DrawnText x={x} y={y + 4.5} textAnchor="middle" look="bead" className="fill-ink">
        {bead.note.stops[0].finger}
      </DrawnText>
    </g>
  );
}
