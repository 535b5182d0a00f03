import type { PlannedDay } from '#core/week';
import { useWidth } from '../../../../ui/use-width.ts';

interface DaysToDateProps {
  readonly days: readonly PlannedDay[];
  /** The first and the last day shown below, counted from the first of the plan, both inclusive. */
  readonly shown: readonly [number, number];
  /** The day of the date; null for none. */
  readonly goal: string | null;
}

const HEIGHT = 30;

/** Draws all days of the plan up to the date as bars as high as what is practised on them; the days shown below have a ground. */
export function DaysToDate({ days, shown: [from, to], goal }: DaysToDateProps) {
  const [box, width] = useWidth();
  const step = width / Math.max(1, days.length);
  const most = Math.max(1, ...days.map(({ taken, minutes }) => Math.max(taken, minutes)));
  const goalAt = days.findIndex(({ day }) => day === goal);
  return (
    <div ref={box} className="no-print relative min-w-40 flex-[1_1_10rem]" style={{ height: HEIGHT }}>
      <svg width={width} height={HEIGHT} className="absolute" aria-hidden="true">
        <rect x={from * step} y={0} width={(Math.min(to, days.length - 1) - from + 1) * step} height={HEIGHT} className="fill-band" />
        {days.map(({ day, taken }, order) => (
          <rect
            key={day}
            x={order * step + Math.min(1, step / 4)}
            y={HEIGHT - 1 - (taken / most) * (HEIGHT - 6)}
            width={Math.max(1, step - Math.min(2, step / 2))}
            height={(taken / most) * (HEIGHT - 6)}
            className={order === goalAt ? 'fill-verdigris' : 'fill-dove'}
          />
        ))}
        <line x1={0} x2={width} y1={HEIGHT - 0.5} y2={HEIGHT - 0.5} className="stroke-ink" />
        {goalAt >= 0 && (
          <path
            d={`M${(goalAt + 0.5) * step} ${HEIGHT}V1l${goalAt * 2 > days.length ? -9 : 9} 4l${goalAt * 2 > days.length ? 9 : -9} 4`}
            className="fill-verdigris stroke-verdigris"
          />
        )}
      </svg>
    </div>
  );
}
