import { useMemo } from 'react';
import { ofKind, type LogEntry } from '#core/practice/log';
import { practisedKey, type PracticeItem } from '#core/practice/item';
import { type KnownOfItems, MOST_ITEMS, type WeekAsked, type WeekItem, withItems } from '#core/week';
import { countText } from '#core/messages';
import type { PieceRecord } from '../../../records/record.ts';
import { useTellNote } from '../../../state/note-places.ts';
import { Button } from '../../../ui/Button.tsx';
import { CheckField } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { OpenedSection } from '../../../ui/OpenedSection.tsx';
import { itemText, takesNoMoreText } from '../../../words/practice/session.ts';
import { standingText } from '../../../words/practice/week.ts';
import { AddItem } from '../AddItem.tsx';
import { ItemLadder } from '../ItemFields.tsx';
import { newItem } from '../../../state/practice/index.ts';

interface WeekListProps {
  readonly playerId: string | null;
  readonly week: WeekAsked;
  readonly pieces: readonly PieceRecord[];
  readonly entries: readonly LogEntry[];
  readonly known: KnownOfItems;
  readonly onChange: (items: readonly WeekItem[]) => void;
}

/** Lists the things to practise: their time, whether the date asks for them, and the player's standing. */
export function WeekList({ playerId, week: { items, goal }, pieces, entries, known, onChange }: WeekListProps) {
  const isFull = items.length >= MOST_ITEMS;
  const add = (more: readonly PracticeItem[]): void => onChange(withItems(items, more));
  const tried = useMemo(() => practisedParts(entries, pieces), [entries, pieces]);
  const [practised, whole] = [
    missingOf(tried, items),
    missingOf(
      pieces.filter((piece) => piece.playerId === playerId).map((piece) => newItem(piece, WHOLE)),
      items,
    ),
  ];
  return (
    <section aria-label="To be practised" className="mt-5">
      <Heading as="h2">To be practised</Heading>
      <ul>
        {items.map((item, order) => (
          <Row
            key={practisedKey(item.item.practised)}
            entry={item}
            hasGoal={goal !== null}
            known={known}
            onChange={(next) => onChange(items.with(order, next))}
            onRemove={() => onChange(items.toSpliced(order, 1))}
          />
        ))}
      </ul>
      {isFull ? <p>{takesNoMoreText(MOST_ITEMS)}</p> : <AddItem playerId={playerId} pieces={pieces} onAdd={(item) => add([item])} />}
      <p className="mt-2 flex flex-wrap gap-2">
        {practised.length > 0 && !isFull && (
          <Button onClick={() => add(practised)}>
            Put in what was practised before ({countText(practised.length, 'thing', 'things')})
          </Button>
        )}
        {whole.length > 1 && !isFull && (
          <Button onClick={() => add(whole)}>Put in the whole book ({countText(whole.length, 'piece', 'pieces')})</Button>
        )}
      </p>
    </section>
  );
}

const WHOLE = { part: 'whole' } as const;

/** Lists everything that was ever tried of pieces that are still there, the latest first. */
function practisedParts(entries: readonly LogEntry[], pieces: readonly PieceRecord[]): readonly PracticeItem[] {
  const byKey = new Map(ofKind(entries, 'attempt').map(({ practised }) => [practisedKey(practised), practised]));
  return [...byKey.values()].toReversed().flatMap(({ piece, part }) => {
    const record = pieces.find(({ id }) => id === piece);
    return record ? [newItem(record, part)] : [];
  });
}

function missingOf(some: readonly PracticeItem[], items: readonly WeekItem[]): readonly PracticeItem[] {
  const there = new Set(items.map(({ item }) => practisedKey(item.practised)));
  return some.filter(({ practised }) => !there.has(practisedKey(practised)));
}

interface RowProps {
  readonly entry: WeekItem;
  readonly hasGoal: boolean;
  readonly known: KnownOfItems;
  readonly onChange: (item: WeekItem) => void;
  readonly onRemove: () => void;
}

function Row({ entry, hasGoal, known, onChange, onRemove }: RowProps) {
  const { item, asked } = entry;
  const name = itemText(item.practised, useTellNote());
  const standing = known.standing.get(practisedKey(item.practised));
  return (
    <li className="border-b border-line py-1">
      <div className="flex flex-wrap items-center gap-x-4">
        <span className="min-w-0 basis-full">
          <strong>{name}</strong>, {item.minutes} min{' '}
          <span className="text-[14px] text-dove-dark">{standing && standingText(standing)}</span>
        </span>
        {hasGoal && (
          <CheckField
            label={
              <>
                by the date<span className="sr-only">: {name}</span>
              </>
            }
            checked={asked}
            onChange={(next) => onChange({ ...entry, asked: next })}
          />
        )}
        <Button aria-label={`Take out: ${name}`} onClick={onRemove}>
          Take out
        </Button>
      </div>
      <OpenedSection title="Minutes and ladder" className="mt-0">
        {() => <ItemLadder item={item} onChange={(next) => onChange({ ...entry, item: next })} />}
      </OpenedSection>
    </li>
  );
}
