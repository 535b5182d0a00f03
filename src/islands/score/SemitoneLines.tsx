import type { Plan } from '#core/plan/describe';
import { type PathScale, semitoneHeights } from '../../path/index.ts';

/** Draws the ground of the path: a line for each semitone, closing up towards the bridge as on the string; the nut below. */
export function SemitoneLines({
  plan,
  scale,
  from,
  to,
}: {
  readonly plan: Plan;
  readonly scale: PathScale;
  readonly from: number;
  readonly to: number;
}) {
  return semitoneHeights(plan, scale).map((y, semitones) => (
    <line
      key={semitones}
      x1={from}
      x2={to}
      y1={y}
      y2={y}
      className={semitones === 0 ? 'stroke-ink' : 'stroke-line'}
      strokeWidth={semitones === 0 ? 2 : 1}
    />
  ));
}
