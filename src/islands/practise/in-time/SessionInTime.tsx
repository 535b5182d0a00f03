import { DndContext, type DragEndEvent, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { arrayMove, horizontalListSortingStrategy, SortableContext, sortableKeyboardCoordinates } from '@dnd-kit/sortable';
import { useState } from 'react';
import { type PracticeItem, practisedKey } from '#core/practice/item';
import { type ItemSchedule, scheduleItem, sumSchedules } from '#core/practice/session';
import { answerOf } from '../../../engine/index.ts';
import { useTellNote } from '../../../state/note-places.ts';
import { FactRow } from '../../../ui/FactList.tsx';
import {
  lengthenedText,
  MOVE_BY_KEYS,
  movedItemText,
  placeText,
  strainedText,
  sumFacts,
  TIME_LEGEND,
  WIDE_LEGEND,
} from '../../../words/practice/in-time.ts';
import { itemText } from '../../../words/practice/session.ts';
import { spokenMoves } from '../spoken-moves.ts';
import { useLoadedItems } from '../use-loaded-items.ts';
import { ItemBlock } from './ItemBlock.tsx';
import { MinuteAxis } from './MinuteAxis.tsx';
import { timeScale } from './time-geometry.ts';
import { useWidth } from '../../../ui/use-width.ts';

interface SessionInTimeProps {
  readonly items: readonly PracticeItem[];
  /** Changes the items, with the words for it: it can be undone. */
  readonly onChange: (items: readonly PracticeItem[], words: string) => void;
}

/** Shows a session as a line of minutes: items in true length, moved and pulled by pointer or keyboard, and what they add up to. */
export function SessionInTime({ items, onChange }: SessionInTimeProps) {
  const [box, width] = useWidth();
  const [held, setHeld] = useState<number | null>(null);
  const loaded = useLoadedItems(items).map(answerOf);
  const tell = useTellNote();
  const sensors = useMoves();
  const minutes = items.reduce((sum, item) => sum + item.minutes, 0);
  // While an end is pulled the scale stays as it was, so that the end stays under the pointer.
  const scale = timeScale(held ?? minutes, width);
  const ids = idsOf(items);
  const nameOf = (item: PracticeItem | undefined): string => (item ? itemText(item.practised, tell) : '');
  const drop = ({ active, over }: DragEndEvent): void => {
    const [from, to] = [ids.indexOf(String(active.id)), ids.indexOf(String(over?.id ?? active.id))];
    const item = items[from];
    if (item && from !== to && to >= 0) onChange(arrayMove([...items], from, to), movedItemText(nameOf(item), to + 1));
  };
  const spoken = spokenMoves(
    (id) => nameOf(items[ids.indexOf(id)]),
    (id) => placeText(ids.indexOf(id) + 1),
  );
  const schedules = items.map((item, order) => {
    const plan = loaded[order]?.plan;
    return plan ? scheduleItem(plan, item) : null;
  });
  if (items.length === 0) return null;
  return (
    <section aria-label="Items in time" className="mt-3">
      <div ref={box} className="overflow-x-clip" style={{ minHeight: 210 }}>
        <DndContext
          sensors={sensors}
          onDragEnd={drop}
          accessibility={{ screenReaderInstructions: { draggable: MOVE_BY_KEYS }, announcements: spoken }}
        >
          <SortableContext items={[...ids]} strategy={horizontalListSortingStrategy}>
            <ol className="flex">
              {width > 0 &&
                items.map((item, order) => (
                  <ItemBlock
                    key={ids[order]}
                    id={ids[order] ?? ''}
                    item={item}
                    number={order + 1}
                    name={nameOf(item)}
                    loaded={loaded[order] ?? null}
                    schedule={schedules[order] ?? null}
                    pxPerMinute={scale.pxPerMinute}
                    onPull={(asked) => setHeld(asked === null ? null : minutes)}
                    onMinutes={(asked) => onChange(items.with(order, { ...item, minutes: asked }), lengthenedText(nameOf(item), asked))}
                  />
                ))}
            </ol>
          </SortableContext>
        </DndContext>
        <MinuteAxis scale={scale} width={width} />
      </div>
      <Sums schedules={schedules.flatMap((schedule) => schedule ?? [])} />
    </section>
  );
}

/** The ways to move an item: by pointer, once it has moved a little, and by keys. */
function useMoves() {
  return useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
}

/** Tells what the session adds up to, and what the drawing shows. */
function Sums({ schedules }: { readonly schedules: readonly ItemSchedule[] }) {
  const sums = sumSchedules(schedules);
  const strained = strainedText(sums);
  return (
    <>
      <FactRow facts={sumFacts(sums)} />
      <p className="mt-1 text-[14px] text-dove-dark">
        {TIME_LEGEND} {sums.wideReaches > 0 && WIDE_LEGEND}
      </p>
      {strained !== null && <p className="mt-1 text-ochre">{strained}</p>}
    </>
  );
}

/** Gives each item an id that goes with it when it is moved: what is practised and, where it comes more than once, which time it is. */
function idsOf(items: readonly PracticeItem[]): readonly string[] {
  const keys = items.map(({ practised }) => practisedKey(practised));
  return keys.map((key, order) => `${key} ${keys.slice(0, order).filter((before) => before === key).length}`);
}
