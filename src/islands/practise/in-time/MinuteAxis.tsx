import { DrawnText } from '../../../ui/DrawnText.tsx';
import { labelledMinutes, type TimeScale } from './time-geometry.ts';

interface MinuteAxisProps {
  readonly scale: TimeScale;
  /** The width of the drawing, px. */
  readonly width: number;
}

/** The minutes under the line of a session. */
export function MinuteAxis({ scale, width }: MinuteAxisProps) {
  const labelled = labelledMinutes(scale);
  const last = labelled.length - 1;
  return (
    <svg width={width} height={24} className="block" aria-hidden="true">
      <line x1={0} x2={width} y1={0.5} y2={0.5} className="stroke-ink" />
      {labelled.map((minute, order) => (
        <g key={minute}>
          <line x1={minute * scale.pxPerMinute} x2={minute * scale.pxPerMinute} y1={0} y2={6} className="stroke-ink" />
          <DrawnText
            look="scale"
            x={minute * scale.pxPerMinute}
            y={19}
            textAnchor={order === 0 ? 'start' : order === last ? 'end' : 'middle'}
            className="fill-dove-dark"
          >
            {order === last ? `${minute} min` : minute}
          </DrawnText>
        </g>
      ))}
    </svg>
  );
}
