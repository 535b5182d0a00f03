import type { HotSpot } from '#core/drill/hot-spots';
import { displayPitchClass, parsePitch } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import { DrawnText } from '../../ui/DrawnText.tsx';
import { hotSpotText } from '../../words/explain/hot-spots.ts';
import { noteText } from '../../words/plan-words.ts';
import { type Bead, BEAD_RADIUS, ghostsOf, LANES, linksOf, type PathScale, slopesOf } from '../../path/index.ts';

interface LandmarksProps {
  readonly plan: Plan;
  readonly beads: readonly Bead[];
  readonly scale: PathScale;
}

/** Marks where the tonic lies: a hairline down to its name. */
export function Landmarks({ plan, beads, scale }: LandmarksProps) {
  return plan.landmarks.map(({ note, pitch }) => {
    const bead = beads.find((bead) => bead.index === note && bead.stop === 0);
    const tonic = parsePitch(pitch);
    if (!bead || !tonic.ok) return null;
    return (
      <g key={note} data-landmark={note}>
        <line x1={bead.x} x2={bead.x} y1={bead.y} y2={scale.nutY} className="stroke-dove" strokeDasharray="1 4" />
        <DrawnText x={bead.x} y={scale.nutY + LANES.landmarks} textAnchor="middle" look="landmark" className="fill-ink">
          {displayPitchClass(tonic.value)}
        </DrawnText>
      </g>
    );
  });
}

interface HotSpotMarksProps {
  readonly plan: Plan;
  readonly beads: readonly Bead[];
  readonly hotSpots: readonly HotSpot[];
  readonly scale: PathScale;
}

/** Marks the places that ask most of the player: pointed at from below, with the order. */
export function HotSpotMarks({ plan, beads, hotSpots, scale }: HotSpotMarksProps) {
  return hotSpots.map((spot, order) => {
    const bead = beads.find((bead) => bead.index === spot.note && bead.stop === 0);
    if (!bead) return null;
    const y = bead.y + BEAD_RADIUS + 4;
    return (
      <g key={spot.note} data-hot-spot={spot.note} aria-label={`Hot spot ${order + 1}`}>
        <title>{hotSpotText(spot, plan)}</title>
        <path d={`M${bead.x - 5} ${y + 8}L${bead.x} ${y}L${bead.x + 5} ${y + 8}Z`} className="fill-ink" />
        <DrawnText x={bead.x + 8} y={Math.min(y + 10, scale.nutY + 12)} look="small" className="fill-ink">
          {order + 1}
        </DrawnText>
      </g>
    );
  });
}

interface OverlaidProps {
  readonly plan: Plan;
  readonly beads: readonly Bead[];
  readonly others: readonly Bead[];
  readonly differsAt: readonly number[];
  readonly scale: PathScale;
}

/** Draws another fingering over this one: dashed beads where it differs, thin strokes for its way and its shifts. */
export function Overlaid({ plan, beads, others, differsAt, scale }: OverlaidProps) {
  const apart = new Set(differsAt);
  const near = (index: number): boolean => apart.has(index);
  return (
    <g data-laid-over className="pointer-events-none">
      {linksOf(others)
        .filter(({ from, to }) => near(from.index) || near(to.index))
        .map(({ from, to }) => (
          <line key={to.index} x1={from.x} y1={from.y} x2={to.x} y2={to.y} className="stroke-ink" strokeWidth={1} strokeDasharray="2 3" />
        ))}
      {slopesOf(plan, others, scale).map(({ shift, fromX, fromY, toX, toY }) => (
        <path
          key={shift.to}
          d={`M${fromX + BEAD_RADIUS} ${fromY}C${(fromX + toX) / 2} ${fromY} ${(fromX + toX) / 2} ${toY} ${toX - BEAD_RADIUS} ${toY}`}
          className="fill-none stroke-madder"
          strokeWidth={1.4}
          strokeDasharray="4 3"
        />
      ))}
      {ghostsOf(beads, others, apart).map(({ bead, x, y }) => (
        <g key={`${bead.index} ${bead.stop}`} data-ghost={bead.index}>
          <title>{noteText(bead.note)}</title>
          <circle cx={x} cy={y} r={BEAD_RADIUS - 1} className="fill-paper-deep stroke-ink" strokeWidth={1.2} strokeDasharray="3 2" />
          <DrawnText x={x} y={y + 4.5} textAnchor="middle" look="bead" className="fill-ink">
            {(bead.note.stops[bead.stop] ?? bead.note.stops[0]).finger}
          </DrawnText>
        </g>
      ))}
    </g>
  );
}
