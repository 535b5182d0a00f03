import type { ItemSchedule } from '#core/practice/session';
import { DrawnText } from '../../../ui/DrawnText.tsx';
import { tempoBars } from './time-geometry.ts';

interface LadderBarsProps {
  readonly schedule: ItemSchedule;
  readonly pxPerMinute: number;
  /** The height of the fastest bar, px. */
  readonly height: number;
  /** The y of the line on which the bars stand, px. */
  readonly y: number;
}

/** Draws the sets of an item as bars as long as they last and as high as they are fast; the gaps between them are the rests. */
export function LadderBars({ schedule, pxPerMinute, height, y }: LadderBarsProps) {
  return (
    <g aria-hidden="true">
      {tempoBars(schedule, pxPerMinute, height).map((bar) => (
        <g key={bar.x}>
          <rect x={bar.x} y={y - bar.height} width={bar.width} height={bar.height} className="fill-dove-light" />
          <line x1={bar.x} x2={bar.x + bar.width} y1={y - bar.height} y2={y - bar.height} strokeWidth={1.5} className="stroke-ink" />
          {bar.wide && <rect x={bar.x} y={y - 4} width={bar.width} height={4} className="fill-ochre" data-wide />}
          {bar.label !== null && (
            <DrawnText look="scale" x={bar.x + 1} y={y - bar.height - 4} className="fill-dove-dark">
              {bar.label}
            </DrawnText>
          )}
        </g>
      ))}
    </g>
  );
}
