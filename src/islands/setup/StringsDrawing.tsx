import type { Instrument } from '#core/instrument';
import { noteLabel } from '#core/pitch';
import { DrawnText } from '../../ui/DrawnText.tsx';

const WIDTH = 360;
const LEFT = 30;
const RIGHT = 52;

/** Draws nut, bridge and strings in true proportion along the string, twice as wide across, with the measurements. */
export function StringsDrawing({ instrument, measured }: { readonly instrument: Instrument; readonly measured: boolean }) {
  const { strings, stringLengthMm, outerSpacingMm } = instrument;
  const pxPerMm = (WIDTH - LEFT - RIGHT) / stringLengthMm;
  const across = ACROSS * pxPerMm;
  const middle = 20 + (outerSpacingMm.bridge * across) / 2;
  const height = 2 * middle + 62;
  const at = (index: number, spacing: number): number =>
    middle + (index / Math.max(1, strings.length - 1) - 0.5) * spacing * across * (strings.length > 1 ? 1 : 0);
  const end = WIDTH - RIGHT;
  return (
    <figure>
      <svg
        width={WIDTH}
        height={height}
        viewBox={`0 0 ${WIDTH} ${height}`}
        className="h-auto max-w-full"
        role="img"
        aria-label={`Strings of the instrument: ${stringLengthMm} mm from nut to bridge`}
      >
        {strings.map((string, index) => (
          <g key={string.name}>
            <line
              x1={LEFT}
              y1={at(index, outerSpacingMm.nut)}
              x2={end}
              y2={at(index, outerSpacingMm.bridge)}
              className="stroke-ink"
              strokeWidth={0.8 + index * 0.6}
            />
            <DrawnText x={end + 8} y={at(index, outerSpacingMm.bridge) + 4} look="scale" className="fill-ink">
              {noteLabel(string.name)}
            </DrawnText>
          </g>
        ))}
        <line
          x1={LEFT}
          x2={LEFT}
          y1={at(0, outerSpacingMm.nut) - 6}
          y2={at(strings.length - 1, outerSpacingMm.nut) + 6}
          strokeWidth={4}
          className="stroke-ink"
        />
        <line
          x1={end}
          x2={end}
          y1={at(0, outerSpacingMm.bridge) - 6}
          y2={at(strings.length - 1, outerSpacingMm.bridge) + 6}
          strokeWidth={2}
          className="stroke-dove-dark"
        />
        <Dimension y={2 * middle + 12} from={LEFT} to={end} />
        <Sizes instrument={instrument} y={2 * middle} end={end} measured={measured} />
      </svg>
      <figcaption className="text-sm text-dove-dark">Across the strings drawn {ACROSS} times wider.</figcaption>
    </figure>
  );
}

interface SizesProps {
  readonly instrument: Instrument;
  readonly y: number;
  /** The x of the bridge, px. */
  readonly end: number;
  readonly measured: boolean;
}

/** Shows the string length and the distances of the outer strings, below the drawing. */
function Sizes({ instrument, y, end, measured }: SizesProps) {
  const { stringLengthMm, outerSpacingMm } = instrument;
  return (
    <>
      <DrawnText x={(LEFT + end) / 2} y={y + 32} textAnchor="middle" look="scale" className="fill-ink">
        {stringLengthMm} mm from nut to bridge, {measured ? 'measured' : 'typical for the size'}
      </DrawnText>
      <DrawnText x={LEFT} y={y + 52} look="scale" className="fill-dove-dark">
        nut {outerSpacingMm.nut.toFixed(1)} mm
      </DrawnText>
      <DrawnText x={end} y={y + 52} textAnchor="end" look="scale" className="fill-dove-dark">
        bridge {outerSpacingMm.bridge.toFixed(1)} mm
      </DrawnText>
    </>
  );
}

/** The factor by which the drawing is wider across. */
const ACROSS = 2;

function Dimension({ y, from, to }: { readonly y: number; readonly from: number; readonly to: number }) {
  return (
    <path
      d={`M${from} ${y - 5}v10M${to} ${y - 5}v10M${from} ${y}H${to}M${from + 6} ${y - 3}l-6 3l6 3M${to - 6} ${y - 3}l6 3l-6 3`}
      className="fill-none stroke-dove-dark"
    />
  );
}
