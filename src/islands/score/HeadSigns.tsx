import { articulationY } from '../../engraving/articulations.ts';
import type { Head } from '../../engraving/draw-measures.ts';
import type { StaffLayout } from '../../engraving/layout.ts';
import { ACCENT_SIGN } from '../../engraving/signs.ts';
import { footOf } from '../../engraving/tuplets.ts';
import { DrawnText } from '../../ui/DrawnText.tsx';

interface HeadSignProps {
  readonly head: Head;
  readonly layout: StaffLayout;
}

/** A dot or a line at the head, on the side away from the stem. */
export function ArticulationSign({ head, layout: { staffTopY } }: HeadSignProps) {
  if (head.articulation === null) return null;
  const y = articulationY(head, staffTopY);
  return head.articulation === 'staccato' ? (
    <circle cx={head.x} cy={y} r={2} className="fill-ink" data-articulation={head.index} />
  ) : (
    <line x1={head.x - 6} x2={head.x + 6} y1={y} y2={y} strokeWidth={1.8} className="stroke-ink" data-articulation={head.index} />
  );
}

/** An accent below its note. */
export function AccentSign({ head, layout }: HeadSignProps) {
  if (!head.accent) return null;
  return (
    <DrawnText x={head.x} y={footOf(head, layout) + 9} textAnchor="middle" look="sign" className="fill-ink" data-accent={head.index}>
      {ACCENT_SIGN}
    </DrawnText>
  );
}
