import { format } from 'date-fns/format';
import { useState } from 'react';
import { CartesianGrid, ComposedChart, Line, Scatter, XAxis, YAxis, ZAxis } from 'recharts';
import { dayNumber, dayOfNumber } from '#core/calendar';
import type { DayTries, PieceTempos } from '#core/trends';
import { Button } from '../../../ui/Button.tsx';
import { dateOf } from '../../../words/practice/record.ts';
import { useWidth } from '../../../ui/use-width.ts';

const HEIGHT = 150;
const TICK = { fontSize: 12, fill: 'var(--color-ink)' } as const;

/** The number of pieces shown at first. */
const SHOWN = 4;

/** The areas of a point without tries, and of the one with the most, px². */
const AREAS: [number, number] = [0, 170];

/** The distances between tempos that are written beside the chart. */
const STEPS = [10, 20, 50] as const;

/** The most tempos that are written. */
const MOST_TICKS = 5;

/** Lists the round tempos from just below the slowest to just above the fastest. */
function roundTempos(tempos: readonly number[]): number[] {
  const [least, most] = [Math.min(...tempos), Math.max(...tempos)];
  const step = STEPS.find((step) => Math.ceil(most / step) - Math.floor(least / step) < MOST_TICKS) ?? STEPS[2];
  const [from, to] = [Math.floor(least / step), Math.max(Math.floor(least / step) + 1, Math.ceil(most / step))];
  return Array.from({ length: to - from + 1 }, (_, order) => (from + order) * step);
}

interface TempoChartsProps {
  readonly pieces: readonly PieceTempos[];
  /** The days of the calendar, the oldest first: all charts have them in common. */
  readonly days: readonly DayTries[];
}

/** Draws the ladder of each piece: the tempos at which it was tried, day by day, good and missed. */
export default function TempoCharts({ pieces, days }: TempoChartsProps) {
  const [shown, setShown] = useState(SHOWN);
  return (
    <>
      {pieces.slice(0, shown).map((piece) => (
        <TempoChart key={piece.piece} piece={piece} days={days} />
      ))}
      {shown < pieces.length && <Button onClick={() => setShown(pieces.length)}>All pieces</Button>}
    </>
  );
}

function TempoChart({ piece: { title, tries }, days }: { readonly piece: PieceTempos; readonly days: readonly DayTries[] }) {
  const [into, width] = useWidth();
  const points = tries.map(({ day, tempo, good, missed }) => ({ at: dayNumber(day), tempo, good, missed }));
  const [first, last] = [dayNumber(days[0]?.day ?? '1970-01-01'), dayNumber(days.at(-1)?.day ?? '1970-01-01')];
  const fastest = fastestByDay(points);
  const tens = roundTempos(points.map(({ tempo }) => tempo));
  return (
    <figure className="min-w-0">
      <figcaption className="text-[15px] font-semibold">{title}</figcaption>
      <div ref={into} className="overflow-hidden" style={{ height: HEIGHT }} aria-hidden="true">
        {width > 0 && (
          <ComposedChart accessibilityLayer={false} width={width} height={HEIGHT} margin={{ top: 8, right: 8, bottom: 0, left: 0 }}>
            <CartesianGrid vertical={false} className="stroke-line" />
            <XAxis
              type="number"
              dataKey="at"
              domain={[first, last]}
              allowDataOverflow
              ticks={[0, 2, 4, 6].map((week) => first + week * 7)}
              tickFormatter={(at: number) => format(dateOf(dayOfNumber(at)), 'd MMM')}
              tick={TICK}
            />
            <YAxis type="number" dataKey="tempo" domain={[tens[0] ?? 0, tens.at(-1) ?? 0]} ticks={tens} width={40} tick={TICK} />
            <ZAxis type="number" dataKey="count" domain={[0, 'dataMax']} range={AREAS} />
            <Line data={fastest} dataKey="tempo" stroke="var(--color-dove)" dot={false} isAnimationActive={false} />
            <Scatter
              data={points.map((point) => ({ ...point, count: point.good + point.missed }))}
              fill="var(--color-paper)"
              stroke="var(--color-ink)"
              isAnimationActive={false}
            />
            <Scatter data={points.map((point) => ({ ...point, count: point.good }))} fill="var(--color-ink)" isAnimationActive={false} />
          </ComposedChart>
        )}
      </div>
    </figure>
  );
}

interface Point {
  /** The number of the day. */
  readonly at: number;
  readonly tempo: number;
  readonly good: number;
}

function fastestByDay(points: readonly Point[]): { readonly at: number; readonly tempo: number }[] {
  const byDay = new Map<number, number>();
  for (const { at, tempo, good } of points) if (good > 0) byDay.set(at, Math.max(byDay.get(at) ?? 0, tempo));
  return [...byDay].map(([at, tempo]) => ({ at, tempo }));
}
