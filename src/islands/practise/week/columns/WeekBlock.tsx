import { useDraggable } from '@dnd-kit/core';
import { type ReactNode, useRef, useState } from 'react';
import { notesOfPart } from '#core/practice/session';
import type { PlannedItem } from '#core/week';
import type { LoadedItem } from '../../../../state/practice/index.ts';
import { useTellNote } from '../../../../state/note-places.ts';
import { Popover } from '../../../../ui/Popover.tsx';
import { itemText } from '../../../../words/practice/session.ts';
import { dayInWeekText, fromMeasureText } from '../../../../words/practice/week.ts';
import { SmallPathPicture } from '../../../score/index.ts';
import { useWidth } from '../../../../ui/use-width.ts';

/** An item on a day, with the explanation why it stands there. */
interface Explained {
  readonly practised: LoadedItem['item']['practised'];
  /** Its length, minutes. */
  readonly minutes: number;
  readonly said: ReactNode;
}

/** Explains why an item stands on a day, and offers the way to another; null for an item that is gone. */
export type Why = (placed: PlannedItem, day: string) => Explained | null;

interface WeekBlockProps {
  readonly placed: PlannedItem;
  readonly day: string;
  readonly pxPerMinute: number;
  readonly loaded: LoadedItem | null;
  readonly why: Why;
}

/** The heights of a line of words in a block, of the smallest path, and of what its frame takes, px. */
const LINE = 15;
const LEAST_PATH = 14;
const FRAME = 5;

/** The room that a letter takes, px. */
const LETTER = 6.6;

/** The room that frame and margin take from the width, px. */
const INSIDE = 10;

/** An item on its day, as high as its minutes, with its name and its path; pressed, it says why it stands there. */
export function WeekBlock({ placed, day, pxPerMinute, loaded, why }: WeekBlockProps) {
  const isAgain = placed.reason === 'again';
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: `${day} ${placed.key}`,
    data: { key: placed.key, day },
    disabled: isAgain,
  });
  const [box, width] = useWidth();
  const [asks, setAsks] = useState(false);
  const button = useRef<HTMLButtonElement | null>(null);
  const tell = useTellNote();
  const about = why(placed, day);
  if (!about) return null;
  const { practised, minutes, said } = about;
  const height = minutes * pxPerMinute;
  return (
    <li ref={box} style={{ height }} className="pb-0.5">
      <button
        ref={(element) => {
          button.current = element;
          setNodeRef(element);
        }}
        type="button"
        className={`relative block size-full border bg-field px-1 text-left text-[12.5px] leading-[15px] ${isAgain ? 'cursor-pointer border-dashed border-dove-light text-dove-dark' : 'cursor-grab touch-manipulation border-dove'} ${isDragging ? 'z-20 shadow-[0_2px_10px_rgb(32_35_42/0.2)]' : ''}`}
        style={{ transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined }}
        {...attributes}
        {...listeners}
        // It cannot be moved, but it says why it stands there.
        aria-disabled={undefined}
        aria-label={`${itemText(practised, tell)}, ${minutes} min, ${dayInWeekText(day)}`}
        aria-expanded={asks}
        onClick={() => setAsks(true)}
      >
        <NameAndPath
          lines={[practised.title, fromMeasureText(practised, tell)]}
          height={height}
          width={Math.max(0, width - INSIDE)}
          loaded={loaded}
        />
      </button>
      {asks && (
        <Popover label="Why it stands here" anchor={button} width="w-80" onClose={() => setAsks(false)}>
          {said}
        </Popover>
      )}
    </li>
  );
}

interface NameAndPathProps extends Pick<WeekBlockProps, 'loaded'> {
  readonly lines: readonly string[];
  /** The height of the block, px. */
  readonly height: number;
  /** The width inside it, px. */
  readonly width: number;
}

/** Breaks words into lines of a number of letters at most; nothing where a word is longer. */
function wrapWords(text: string, most: number): readonly string[] {
  const words = text.split(' ');
  if (words.some(({ length }) => length > most)) return [];
  return words.reduce<readonly string[]>((lines, word) => {
    const last = lines.at(-1);
    return last !== undefined && last.length + word.length < most ? [...lines.slice(0, -1), `${last} ${word}`] : [...lines, word];
  }, []);
}

/** Shows as many lines of the name as fit, and the path in the rest. */
function NameAndPath({ lines, height, width, loaded }: NameAndPathProps) {
  const [title = '', from = ''] = lines.map((line) => wrapWords(line, Math.floor(width / LETTER)).join('\n'));
  const room = Math.max(1, Math.floor((height - FRAME - LEAST_PATH) / LINE));
  // The title stands whole or not at all; where it goes from is added where there is room.
  const fitting = [title, from].reduce<readonly string[]>((all, text) => {
    const next = [...all, ...text.split('\n').filter((line) => line !== '')];
    return next.length <= room ? next : all;
  }, []);
  const pathHeight = height - fitting.length * LINE - FRAME;
  return (
    <>
      {fitting.map((line) => (
        <FittingLine key={line} text={line} width={width} />
      ))}
      {loaded && width > 0 && pathHeight >= LEAST_PATH && (
        <svg width={width} height={pathHeight} className="drawing block" aria-hidden="true">
          <SmallPathPicture
            plan={loaded.plan}
            notes={notesOfPart(loaded.plan, loaded.item.practised.part)}
            width={width}
            height={pathHeight}
          />
        </svg>
      )}
    </>
  );
}

/** Shows a line of words that fits; with wider letters than usual, as a reader may set them, it is left out. */
function FittingLine({ text, width }: { readonly text: string; readonly width: number }) {
  const [into, needed] = useWidth();
  return (
    <span className="block overflow-hidden whitespace-nowrap">
      <span ref={into} className={`inline-block ${needed > width + 1 ? 'invisible' : ''}`}>
        {text}
      </span>
    </span>
  );
}
