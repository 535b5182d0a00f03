import {
  DndContext,
  type DragEndEvent,
  KeyboardCode,
  type KeyboardCoordinateGetter,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { useMemo } from 'react';
import { type PracticeItem, practisedKey } from '#core/practice/item';
import type { PlannedDay } from '#core/week';
import { answerOf } from '../../../../engine/index.ts';
import type { LoadedItem } from '../../../../state/practice/index.ts';
import { dayInWeekText, WEEK_WORDS } from '../../../../words/practice/week.ts';
import { spokenMoves } from '../../spoken-moves.ts';
import { useIdle } from '../../../../ui/use-idle.ts';
import { useLoadedItems } from '../../use-loaded-items.ts';
import { DayColumn } from './DayColumn.tsx';
import type { Why } from './WeekBlock.tsx';

interface WeekColumnsProps {
  readonly days: readonly PlannedDay[];
  readonly items: readonly PracticeItem[];
  /** Explains why an item stands on a day. */
  readonly why: Why;
  /** The day of the date; null for none. */
  readonly goal: string | null;
  /** Names an item by its key. */
  readonly nameOf: (key: string) => string;
  readonly onMove: (key: string, day: string) => void;
}

/** The height of the fullest day, px. */
const COLUMN_HEIGHT = 306;

/** The fewest minutes that a column is high. */
const LEAST_MINUTES = 15;

const NO_DAYS: readonly PlannedDay[] = [];

const KEYS = { start: [KeyboardCode.Space], cancel: [KeyboardCode.Esc], end: [KeyboardCode.Space] };

/** Shows days as columns as high as their minutes, with what is practised as blocks that can be moved to another day. */
export function WeekColumns({ days, items, why, goal, nameOf, onMove }: WeekColumnsProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { keyboardCodes: KEYS, coordinateGetter: aColumnAtATime }),
  );
  // The columns stand before the engine is asked for the paths in them.
  const idle = useIdle(true);
  const loaded = useLoadedByKey(idle ? days : NO_DAYS, items);
  const most = Math.max(LEAST_MINUTES, ...days.flatMap(({ minutes, taken }) => [minutes, taken]));
  const drop = ({ active, over }: DragEndEvent): void => {
    const [key, from] = [String(active.data.current?.['key']), active.data.current?.['day']];
    if (over && over.id !== from) onMove(key, String(over.id));
  };
  return (
    <DndContext
      sensors={sensors}
      onDragEnd={drop}
      accessibility={{
        screenReaderInstructions: { draggable: WEEK_WORDS.moveByKeys },
        announcements: spokenMoves((id) => nameOf(id.slice(id.indexOf(' ') + 1)), dayInWeekText),
      }}
    >
      <ol className="no-print mt-1 grid gap-x-1.5 sm:gap-x-3" style={{ gridTemplateColumns: `repeat(${days.length}, minmax(0, 1fr))` }}>
        {days.map((day) => (
          <DayColumn
            key={day.day}
            day={day}
            isGoal={day.day === goal}
            pxPerMinute={COLUMN_HEIGHT / most}
            height={COLUMN_HEIGHT}
            loaded={loaded}
            why={why}
          />
        ))}
      </ol>
    </DndContext>
  );
}

/** Moves what is lifted by a column with the left and the right arrow. */
const aColumnAtATime: KeyboardCoordinateGetter = (event, { currentCoordinates: { x, y }, context: { droppableRects } }) => {
  if (event.code !== KeyboardCode.Right && event.code !== KeyboardCode.Left) return undefined;
  event.preventDefault();
  const [first = 0, second = 0] = [...droppableRects.values()].map(({ left }) => left).toSorted((one, other) => one - other);
  return { x: x + (event.code === KeyboardCode.Right ? second - first : first - second), y };
};

/** Gives the items of some days with their plans, by key, as soon as they are there. */
function useLoadedByKey(days: readonly PlannedDay[], items: readonly PracticeItem[]): ReadonlyMap<string, LoadedItem> {
  const wanted = useMemo(() => {
    const keys = new Set(days.flatMap((day) => day.items.map(({ key }) => key)));
    return items.filter(({ practised }) => keys.has(practisedKey(practised)));
  }, [days, items]);
  const loaded = useLoadedItems(wanted).map(answerOf);
  return new Map(loaded.flatMap((item) => (item ? [[practisedKey(item.item.practised), item] as const] : [])));
}
