import { useSortable } from '@dnd-kit/sortable';
import { useState } from 'react';
import { ITEM_MINUTES, type PracticeItem } from '#core/practice/item';
import { type ItemSchedule, notesOfPart } from '#core/practice/session';
import type { LoadedItem } from '../../../state/practice/index.ts';
import { SmallPathPicture } from '../../score/index.ts';
import { LadderBars } from './LadderBars.tsx';
import { MinutesHandle } from './MinutesHandle.tsx';

interface ItemBlockProps {
  readonly id: string;
  readonly item: PracticeItem;
  readonly number: number;
  /** The name of the item, with the part that is practised. */
  readonly name: string;
  readonly loaded: LoadedItem | null;
  readonly schedule: ItemSchedule | null;
  /** The width of a minute, px. */
  readonly pxPerMinute: number;
  readonly onPull: (minutes: number | null) => void;
  readonly onMinutes: (minutes: number) => void;
}

/** The heights within a block, px. */
const PATH = { y: 4, height: 44 } as const;

/** The room that the end of a block takes beside its path, px. */
const BESIDE_PATH = 14;
const LADDER = { height: 56, base: 126 } as const;
const BLOCK_HEIGHT = 128;

/** The room for a letter of a name, and beside a name for the number and the minutes, px; a name may take two lines. */
const LETTER = 7.2;
const BESIDE_NAME = 86;

/** An item on the line of a session, as long as its minutes: its path, its tempos, and its end, which can be pulled. */
export function ItemBlock({ id, item, number, name, loaded, schedule, pxPerMinute, onPull, onMinutes }: ItemBlockProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({ id });
  const [pulled, setPulled] = useState<number | null>(null);
  const width = (pulled ?? item.minutes) * pxPerMinute;
  // A block that is too narrow for a name has its number alone; the list below names it.
  const shown = [name, item.practised.title].find(({ length }) => length * LETTER <= 2 * (width - BESIDE_NAME));
  return (
    <li
      ref={setNodeRef}
      className={`relative shrink-0 border-t-2 border-r border-ink border-r-line ${isDragging ? 'z-10 bg-paper-deep opacity-90' : ''}`}
      style={{ width, transform: transform ? `translateX(${transform.x}px)` : undefined, transition }}
    >
      <button
        ref={setActivatorNodeRef}
        type="button"
        aria-label={`Move ${number}. ${name}`}
        className="flex h-13 w-full cursor-grab touch-manipulation items-start gap-1.5 overflow-hidden px-1.5 pt-1 text-left text-[14px] leading-[1.25]"
        {...attributes}
        {...listeners}
      >
        <strong>{number}.</strong>
        {shown !== undefined && <span className="grow">{shown}</span>}
        {shown !== undefined && <span className="shrink-0 text-dove-dark">{pulled ?? item.minutes} min</span>}
      </button>
      <svg width={width} height={BLOCK_HEIGHT} className="drawing block" aria-hidden="true">
        {loaded && (
          <SmallPathPicture
            plan={loaded.plan}
            notes={notesOfPart(loaded.plan, item.practised.part)}
            width={Math.max(1, width - BESIDE_PATH)}
            height={PATH.height}
            y={PATH.y}
          />
        )}
        {schedule && <LadderBars schedule={schedule} pxPerMinute={pxPerMinute} height={LADDER.height} y={LADDER.base} />}
      </svg>
      <MinutesHandle
        label={`Minutes of ${number}. ${name}`}
        minutes={item.minutes}
        {...ITEM_MINUTES}
        pxPerMinute={pxPerMinute}
        onPull={(minutes) => {
          setPulled(minutes);
          onPull(minutes);
        }}
        onChange={onMinutes}
      />
    </li>
  );
}
