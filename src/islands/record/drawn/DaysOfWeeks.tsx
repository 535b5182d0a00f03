import { DAYS_A_WEEK } from '#core/calendar';
import type { DayTries } from '#core/trends';
import { DrawnText } from '../../../ui/DrawnText.tsx';
import { weekOfDaysText, weekStartText, weekdayLetter } from '../../../words/practice/record-drawn.ts';
import { useWidth } from '../../../ui/use-width.ts';

interface DaysOfWeeksProps {
  /** The days, the oldest first, whole weeks up to today. */
  readonly days: readonly DayTries[];
  /** The first day of the week that is chosen; null for none. */
  readonly chosen: string | null;
  readonly onChoose: (firstDay: string | null) => void;
}

/** The heights of the drawing, px: of the most good tries of a day, of the most missed ones, and of the words below. */
const GOOD = 84;
const MISSED = 40;
const WORDS = 34;
const TOP = 14;

/** The narrowest day that has its letter, px. */
const LETTERED_FROM = 15;

/** Shows the days of some weeks as stems on a line: up for the good tries of a day, down for the missed ones. A week can be chosen. */
export function DaysOfWeeks({ days, chosen, onChoose }: DaysOfWeeksProps) {
  const [box, width] = useWidth();
  const step = width / Math.max(1, days.length);
  const most = Math.max(1, ...days.map(({ good }) => good), ...days.map(({ missed }) => (missed * GOOD) / MISSED));
  const line = TOP + GOOD;
  const height = line + MISSED + WORDS;
  const weeks = Array.from({ length: Math.ceil(days.length / DAYS_A_WEEK) }, (_, order) =>
    days.slice(order * DAYS_A_WEEK, (order + 1) * DAYS_A_WEEK),
  );
  const stem = Math.max(2, Math.min(10, step * 0.5));
  const middles = days.map((_, order) => (order + 0.5) * step);
  const stemsPath = (heights: readonly number[]): string =>
    heights.map((high, order) => (high === 0 ? '' : `M${(middles[order] ?? 0) - stem / 2} ${line}v${high}h${stem}v${-high}z`)).join('');
  return (
    <div ref={box} className="relative" style={{ height }}>
      <svg width={width} height={height} className="block" aria-hidden="true">
        <path d={stemsPath(days.map(({ good }) => (-good / most) * GOOD))} className="fill-ink" />
        <path d={stemsPath(days.map(({ missed }) => (missed / most) * GOOD))} className="fill-paper stroke-ink" />
        {step >= LETTERED_FROM && (
          <DrawnText look="scale" x={middles.join(' ')} y={line + MISSED + 13} textAnchor="middle" className="fill-dove-dark">
            {days.map(({ day }) => weekdayLetter(day)).join('')}
          </DrawnText>
        )}
        <line x1={0} x2={width} y1={line} y2={line} className="stroke-ink" />
        {weeks.map((week, order) => (
          <g key={week[0]?.day}>
            {order > 0 && (
              <line
                x1={order * DAYS_A_WEEK * step}
                x2={order * DAYS_A_WEEK * step}
                y1={TOP}
                y2={line + MISSED}
                className="stroke-dove-light"
              />
            )}
            <DrawnText look="scale" x={order * DAYS_A_WEEK * step + 2} y={height - 5} className="fill-dove-dark">
              {weekStartText(week[0]?.day ?? '')}
            </DrawnText>
          </g>
        ))}
      </svg>
      <WeekButtons weeks={weeks} width={DAYS_A_WEEK * step} chosen={chosen} onChoose={onChoose} />
    </div>
  );
}

interface WeekButtonsProps extends Pick<DaysOfWeeksProps, 'chosen' | 'onChoose'> {
  readonly weeks: readonly (readonly DayTries[])[];
  /** The width of a week, px. */
  readonly width: number;
}

/** Lies over the drawing: each week is a button. */
function WeekButtons({ weeks, width, chosen, onChoose }: WeekButtonsProps) {
  return weeks.map((week, order) => {
    const first = week[0]?.day ?? '';
    return (
      <button
        key={first}
        type="button"
        aria-label={weekOfDaysText(week)}
        aria-pressed={chosen === first}
        className="absolute inset-y-0 cursor-pointer hover:bg-band aria-pressed:bg-band"
        style={{ left: order * width, width }}
        onClick={() => onChoose(chosen === first ? null : first)}
      />
    );
  });
}
