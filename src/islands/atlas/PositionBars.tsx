import type { PositionMap } from '#core/atlas';
import { DrawnText } from '../../ui/DrawnText.tsx';
import { positionName } from '../../words/names/atlas.ts';
import { mmText } from '../../words/plan-words.ts';
import { type BoardScale, boardX } from '../measurements/board-geometry.ts';

interface PositionBarsProps {
  readonly maps: readonly PositionMap[];
  readonly chosen: string;
  readonly scale: BoardScale;
  readonly onChoose: (position: string) => void;
}

/** The height of a line, px, and the least distance of two that would run into each other. */
const LINE = 17;
const BETWEEN = 6;

/** The width of a letter of their names, px. */
const LETTER = 6;

/** Draws every position of a key as a line under the fingerboard, from its lowest to its highest finger: it shows how the hand narrows. */
export function PositionBars({ maps, chosen, scale, onChoose }: PositionBarsProps) {
  return (
    <svg width={scale.width} height={maps.length * LINE + BETWEEN} role="group" aria-label="All positions">
      {maps.map(({ position, frame, octaveMm }, order) => {
        const y = order * LINE + LINE / 2 + BETWEEN;
        const [from, to] = [boardX(scale, frame.fromMm), boardX(scale, frame.toMm)];
        const isChosen = position === chosen;
        const octave = octaveMm === null ? '' : `, octave ${mmText(octaveMm)}`;
        const text = `${positionName(position)}, ${mmText(frame.toMm - frame.fromMm)}${octave}`;
        const fits = to + 8 + text.length * LETTER < scale.width;
        return (
          <g
            key={position}
            role="button"
            tabIndex={0}
            aria-label={text}
            aria-pressed={isChosen}
            className="cursor-pointer"
            onClick={() => onChoose(position)}
            onKeyDown={(event) => (event.key === 'Enter' || event.key === ' ') && onChoose(position)}
          >
            <rect x={0} y={y - LINE / 2} width={scale.width} height={LINE} className="fill-transparent" />
            <line x1={from} x2={to} y1={y} y2={y} strokeWidth={isChosen ? 6 : 4} className={isChosen ? 'stroke-ink' : 'stroke-dove'} />
            <DrawnText
              x={fits ? to + 8 : from - 8}
              y={y + 4}
              textAnchor={fits ? 'start' : 'end'}
              look="small"
              className={isChosen ? 'fill-ink' : 'fill-dove-dark'}
            >
              {text}
            </DrawnText>
          </g>
        );
      })}
    </svg>
  );
}
