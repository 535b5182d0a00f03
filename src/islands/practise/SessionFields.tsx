import { MOST_IN_SESSION, type PracticeItem } from '#core/practice/item';
import type { PieceRecord, SessionRecord } from '../../records/record.ts';
import { useTellNote } from '../../state/note-places.ts';
import { SuggestedField } from '../../ui/fields/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { AIMS_OFFERED, END_CHECKS_OFFERED, takesNoMoreText } from '../../words/practice/session.ts';
import { AddItem } from './AddItem.tsx';
import { ItemFields } from './ItemFields.tsx';

interface SessionFieldsProps {
  readonly session: SessionRecord;
  readonly pieces: readonly PieceRecord[];
  /** The next aim that the teacher set; null for none. */
  readonly nextAim: string | null;
  readonly onChange: (fields: Partial<SessionRecord['document']>) => void;
}

/** Edits a session: its aim, its items, the check at its end. */
export function SessionFields({ session, pieces, nextAim, onChange }: SessionFieldsProps) {
  const { name, endCheck, items } = session.document;
  const tell = useTellNote();
  const change = (next: readonly PracticeItem[]): void => onChange({ items: [...next] });
  return (
    <section aria-label="The session" className="min-w-0">
      <div className="grid gap-x-4 gap-y-1 sm:grid-cols-2">
        <label className="grid gap-0.5">
          <span className="text-dove-dark">Aim</span>
          <SuggestedField
            key={session.id}
            label="Aim"
            suggestions={[...new Set([...(nextAim === null ? [] : [nextAim]), ...AIMS_OFFERED])]}
            value={name}
            maxLength={80}
            onType={(aim) => onChange({ name: aim })}
          />
        </label>
        <label className="grid gap-0.5">
          <span className="text-dove-dark">Check at the end</span>
          <SuggestedField
            key={session.id}
            label="Check at the end"
            suggestions={END_CHECKS_OFFERED}
            value={endCheck}
            maxLength={160}
            onType={(check) => onChange({ endCheck: check })}
          />
        </label>
      </div>
      <Heading as="h3" className="mt-4">
        Items
      </Heading>
      {items.length === 0 && <p className="text-dove-dark">Nothing yet. Two or three items are enough for ten good minutes.</p>}
      <ol>
        {items.map((item, order) => (
          <ItemFields
            key={`${order} ${JSON.stringify(item.practised)}`}
            item={item}
            number={order + 1}
            tell={tell}
            onChange={(next) => change(items.with(order, next))}
            onRemove={() => change(items.toSpliced(order, 1))}
            onUp={order === 0 ? null : () => change(items.toSpliced(order, 1).toSpliced(order - 1, 0, item))}
          />
        ))}
      </ol>
      {items.length >= MOST_IN_SESSION ? (
        <p>{takesNoMoreText(MOST_IN_SESSION)}</p>
      ) : (
        <AddItem playerId={session.playerId} pieces={pieces} onAdd={(item) => change([...items, item])} />
      )}
    </section>
  );
}
