import { defaultSize } from '#core/instrument';
import { noteLabel } from '#core/pitch';
import type { StaffLayout } from '../../engraving/index.ts';
import type { Plan, PlannedSound, Stop } from '#core/plan/describe';
import { DrawnText } from '../../ui/DrawnText.tsx';
import { fingerboardName } from '../../words/studio/instruments.ts';
import { type PathScale, stringStroke, yOfMm } from '../../path/index.ts';

interface FingerboardProps {
  readonly plan: Plan;
  readonly scale: PathScale;
  readonly selected: PlannedSound | null;
}

/** The width of the fingerboard beside the path, px. */
export const FINGERBOARD_WIDTH = 128;

/** Gives the scale with which fingerboard, staff and path stand beside each other on paper, 0 to 1. */
export function onPaper({ offsets }: StaffLayout): number {
  return Math.min(1, PAPER_WIDTH / (FINGERBOARD_WIDTH + (offsets.at(-1) ?? 0)));
}

/** The width of the paper between its margins, px. */
const PAPER_WIDTH = 680;
const BOARD_LEFT = 40;
const BOARD_RIGHT = 116;

/** Draws the fingerboard upright beside the path, nut at the bottom, along the string in the same true millimetres. */
export function Fingerboard({ plan, scale, selected }: FingerboardProps) {
  const { strings } = plan;
  const top = 8;
  const label = `Fingerboard of the ${fingerboardName(plan.brief.instrument.kind, plan.brief.instrument.size ?? defaultSize(plan.brief.instrument.kind))}, string ${plan.stringLengthMm} mm`;
  const xOf = (index: number): number =>
    BOARD_LEFT + 12 + ((strings.length - 1 - index) * (BOARD_RIGHT - BOARD_LEFT - 24)) / Math.max(1, strings.length - 1);
  return (
    <svg width={FINGERBOARD_WIDTH} height={scale.height} role="img" aria-label={label}>
      <path
        d={`M${BOARD_LEFT} ${scale.nutY}L${BOARD_LEFT - 4} ${top}H${BOARD_RIGHT + 4}L${BOARD_RIGHT} ${scale.nutY}Z`}
        className="fill-board stroke-board-edge"
      />
      {ticksOf(scale).map((mm) => (
        <DrawnText key={mm} x={BOARD_LEFT - 8} y={yOfMm(scale, mm) + 4} textAnchor="end" look="scale" className="fill-dove-dark">
          {mm}
        </DrawnText>
      ))}
      <DrawnText x={BOARD_LEFT - 8} y={18} textAnchor="end" look="scale" className="fill-dove-dark">
        mm
      </DrawnText>
      {selected && <HandBand plan={plan} scale={scale} selected={selected} />}
      {strings.map((string, index) => (
        <g key={string.name}>
          <line x1={xOf(index)} x2={xOf(index)} y1={top} y2={scale.nutY} strokeWidth={0.8 + index * 0.7} className="stroke-ink" />
          <DrawnText x={xOf(index)} y={scale.nutY + 14} textAnchor="middle" look="scale" className="fill-ink">
            {noteLabel(string.name)}
          </DrawnText>
          <DrawnText x={xOf(index)} y={scale.nutY + 26} textAnchor="middle" look="small" className="fill-dove-dark">
            {string.number}
          </DrawnText>
        </g>
      ))}
      <line x1={BOARD_LEFT - 2} x2={BOARD_RIGHT + 2} y1={scale.nutY} y2={scale.nutY} strokeWidth={4} className="stroke-ink" />
      {selected?.stops.map((stop, index) => (
        <SelectedStop
          key={stop.string}
          stop={stop}
          stroke={stringStroke(selected, index)}
          scale={scale}
          x={xOf(strings.findIndex((string) => string.number === stop.string))}
        />
      ))}
    </svg>
  );
}

function HandBand({ plan, scale, selected }: { readonly plan: Plan; readonly scale: PathScale; readonly selected: PlannedSound }) {
  const index = plan.notes.indexOf(selected);
  const stay = plan.stays.find((candidate) => index >= candidate.from && index <= candidate.to);
  if (!stay || selected.stops[0].finger === '0') return null;
  const top = yOfMm(scale, stay.highestMm) - 8;
  return (
    <rect
      x={BOARD_LEFT - 2}
      width={BOARD_RIGHT - BOARD_LEFT + 4}
      y={top}
      height={yOfMm(scale, stay.lowestMm) + 8 - top}
      rx={5}
      className="fill-band"
    />
  );
}

interface SelectedStopProps {
  readonly stop: Stop;
  readonly stroke: number;
  readonly scale: PathScale;
  readonly x: number;
}

function SelectedStop({ stop, stroke, scale, x }: SelectedStopProps) {
  const y = yOfMm(scale, stop.mmFromNut);
  return (
    <>
      <line x1={x} x2={FINGERBOARD_WIDTH} y1={y} y2={y} className="stroke-ink" strokeWidth={0.8} />
      <circle cx={x} cy={y} r={9} strokeWidth={stroke} className="fill-ink stroke-ink" />
      <DrawnText x={x} y={y + 4.5} textAnchor="middle" look="bead" className="fill-paper">
        {stop.finger}
      </DrawnText>
    </>
  );
}

/** Lists millimetre marks, round numbers about 40 px apart. */
function ticksOf(scale: PathScale): readonly number[] {
  const steps = [10, 20, 25, 50, 100, 200];
  const step = steps.find((candidate) => candidate * scale.pxPerMm >= 36) ?? 200;
  const most = (scale.nutY - 34) / scale.pxPerMm;
  return Array.from({ length: Math.floor(most / step) }, (_, index) => (index + 1) * step);
}
