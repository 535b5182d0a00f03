import type { Plan } from '#core/plan/describe';
import { highestMmOf, smallPath, type SmallSpace } from '../../path/index.ts';

interface SmallPathPictureProps extends Omit<SmallSpace, 'highestMm'> {
  readonly plan: Plan;
  /** The y of its upper edge in the drawing around it, px. */
  readonly y?: number;
}

/** Draws the hand's path through some notes, small: a dot for each note, the string from the nut upwards, shifts in red. */
export function SmallPathPicture({ plan, y = 0, ...space }: SmallPathPictureProps) {
  const { dots, shifts } = smallPath(plan, { ...space, highestMm: highestMmOf([plan]) });
  return (
    <g transform={`translate(0 ${y})`} aria-hidden="true">
      <line x1={0} x2={space.width} y1={space.height - 1} y2={space.height - 1} className="stroke-line" />
      <polyline points={dots.map(({ x, y }) => `${x},${y}`).join(' ')} className="fill-none stroke-dove-light" />
      {shifts.map((shift) => (
        <line key={shift.x} x1={shift.x} y1={shift.y} x2={shift.toX} y2={shift.toY} className="stroke-madder" strokeWidth={1.6} />
      ))}
      {dots.map((dot) => (
        <circle key={dot.index} cx={dot.x} cy={dot.y} r={2} className="fill-ink" />
      ))}
    </g>
  );
}
