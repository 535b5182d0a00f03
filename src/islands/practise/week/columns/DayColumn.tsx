import { useDroppable } from '@dnd-kit/core';
import type { PlannedDay } from '#core/week';
import type { LoadedItem } from '../../../../state/practice/index.ts';
import { dayInWeekText, minutesText, shortDayText } from '../../../../words/practice/week.ts';
import { WeekBlock, type Why } from './WeekBlock.tsx';

interface DayColumnProps {
  readonly day: PlannedDay;
  readonly isGoal: boolean;
  readonly pxPerMinute: number;
  /** The height of the column, px. */
  readonly height: number;
  readonly loaded: ReadonlyMap<string, LoadedItem>;
  readonly why: Why;
}

/** A day as a column: a frame as high as its minutes, filled by what is practised. */
export function DayColumn({ day: { day, minutes, taken, items }, isGoal, pxPerMinute, height, loaded, why }: DayColumnProps) {
  const { setNodeRef, isOver } = useDroppable({ id: day });
  const [name, date] = splitDay(shortDayText(day));
  return (
    <li aria-label={dayInWeekText(day)} className={`min-w-0 border-t-2 ${isGoal ? 'border-verdigris' : 'border-ink'}`}>
      <p className="flex flex-wrap gap-x-1 leading-[1.3]">
        <strong>{name}</strong> <span>{date}</span>
      </p>
      <p className={`min-h-[2.6em] text-[12.5px] leading-[1.3] sm:min-h-[1.3em] ${taken > minutes ? 'text-ochre' : 'text-dove-dark'}`}>
        {minutesText(taken, minutes)}
      </p>
      <div ref={setNodeRef} className={`relative mt-0.5 ${isOver ? 'bg-band' : ''}`} style={{ height }}>
        <div
          className={`pointer-events-none absolute inset-x-0 top-0 border-x border-b border-line ${minutes === 0 ? 'hidden' : ''}`}
          style={{ height: minutes * pxPerMinute }}
        />
        <ul>
          {items.map((placed) => (
            <WeekBlock
              key={placed.key}
              placed={placed}
              day={day}
              pxPerMinute={pxPerMinute}
              loaded={loaded.get(placed.key) ?? null}
              why={why}
            />
          ))}
        </ul>
      </div>
    </li>
  );
}

/** Splits a day in two: "Mon" and "9 Mar". */
function splitDay(day: string): readonly [string, string] {
  const space = day.indexOf(' ');
  return [day.slice(0, space), day.slice(space + 1)];
}
