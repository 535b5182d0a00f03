import type { BowPlan } from '#core/bow';
import { BOW_LANE, type Head, type StaffLayout } from '../../../engraving/index.ts';
import { DrawnText } from '../../../ui/DrawnText.tsx';
import { BOW_PLACES } from '../../../words/line/bow.ts';
import { bowLinesOf } from './bow-geometry.ts';

interface BowLaneProps {
  readonly bow: BowPlan;
  readonly heads: readonly Head[];
  readonly layout: StaffLayout;
}

/** Draws the place of the bow from note to note, from the frog at the bottom to the tip; shifts and crossings are marked. */
export function BowLane({ bow, heads, layout }: BowLaneProps) {
  const yOf = (place: number): number => layout.bowLaneY + (1 - place) * BOW_LANE;
  const first = Math.min(...heads.map(({ x }) => x));
  const last = Math.max(...heads.map(({ x }) => x));
  if (heads.length === 0) return null;
  return (
    <g data-bow-lane>
      {[0, 1].map((place) => (
        <line key={place} x1={first - 8} x2={last + 16} y1={yOf(place)} y2={yOf(place)} className="stroke-line" />
      ))}
      {(['tip', 'frog'] as const).map((part) => (
        <DrawnText key={part} x={first - 12} y={yOf(part === 'tip' ? 1 : 0) + 4} textAnchor="end" look="small" className="fill-dove-dark">
          {BOW_PLACES[part]}
        </DrawnText>
      ))}
      {bowLinesOf(bow, heads).map((points) => (
        <polyline
          key={points[0]?.x}
          data-bow-drawn
          points={points.map(({ x, place }) => `${x},${yOf(place)}`).join(' ')}
          strokeWidth={1.4}
          className="fill-none stroke-ink"
        />
      ))}
      {bow.moments.map(({ note, shift }) => (
        <Moment
          key={note}
          head={heads.find(({ index, tiedFromBefore }) => index === note && !tiedFromBefore)}
          y={yOf(bow.places[note] ?? 0)}
          shift={shift}
        />
      ))}
    </g>
  );
}

function Moment({ head, y, shift }: { readonly head: Head | undefined; readonly y: number; readonly shift: boolean }) {
  if (!head) return null;
  return <circle cx={head.x} cy={y} r={3.2} strokeWidth={1.2} className={shift ? 'fill-madder stroke-madder' : 'fill-paper stroke-ink'} />;
}
