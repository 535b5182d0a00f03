import { Bar, CartesianGrid, ComposedChart, Legend, Line, XAxis, YAxis } from 'recharts';
import type { Week } from '#core/trends';
import { weekText } from '../../../words/practice/trends.ts';
import { useWidth } from '../../../ui/use-width.ts';

const HEIGHT = 250;

/** Draws the share of good tries as bars, the fastest good tempo as a line, week by week. */
export default function WeeksChart({ weeks }: { readonly weeks: readonly Week[] }) {
  const [into, width] = useWidth();
  const data = weeks.map((week) => ({
    week: weekText(week),
    good: week.tries === 0 ? null : Math.round((100 * week.good) / week.tries),
    tempo: week.tempo,
  }));
  return (
    <div ref={into} className="overflow-hidden" aria-hidden="true">
      <ComposedChart
        accessibilityLayer={false}
        width={Math.max(240, width)}
        height={HEIGHT}
        data={data}
        margin={{ top: 8, right: 8, bottom: 0, left: 0 }}
      >
        <CartesianGrid vertical={false} className="stroke-line" />
        <XAxis dataKey="week" tick={TICK} />
        <YAxis yAxisId="good" domain={[0, 100]} unit=" %" width={48} tick={TICK} />
        <YAxis yAxisId="tempo" orientation="right" width={40} tick={TICK} />
        <Legend formatter={(name: string) => <span className="text-ink">{name}</span>} />
        <Bar yAxisId="good" dataKey="good" name="good tries, %" fill="var(--color-dove-light)" isAnimationActive={false} />
        <Line
          yAxisId="tempo"
          dataKey="tempo"
          name="fastest good tempo, ♩ ="
          stroke="var(--color-ink)"
          strokeWidth={2}
          connectNulls
          isAnimationActive={false}
        />
      </ComposedChart>
    </div>
  );
}

const TICK = { fontSize: 12, fill: 'var(--color-ink)' } as const;
