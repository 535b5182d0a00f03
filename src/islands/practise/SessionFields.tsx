import type { PracticeItem } from '#core/practice';
import type { PieceRecord, SessionRecord } from '../../storage/database.ts';
import { TextField } from '../../ui/fields/Field.tsx';
import { Heading } from '../../ui/Heading.tsx';
import { AIMS_OFFERED, END_CHECKS_OFFERED } from '../../words/practice/session.ts';
import { AddItem } from './AddItem.tsx';
import { ItemFields } from './ItemFields.tsx';

interface SessionFieldsProps {
  readonly session: SessionRecord;
  readonly pieces: readonly PieceRecord[];
  /** What the teacher set as the next aim; null for nothing. */
  readonly nextAim: string | null;
  readonly onChange: (fields: Partial<SessionRecord['document']>) => void;
}

/** A session as it is put together: its aim, its items, the check at its end. */
export function SessionFields({ session, pieces, nextAim, onChange }: SessionFieldsProps) {
  const { name, endCheck, items } = session.document;
  const put = (next: readonly PracticeItem[]): void => onChange({ items: [...next] });
  return (
    <section aria-label="The session" className="mt-3 max-w-3xl">
      <label className="grid gap-0.5">
        <span className="text-dove-dark">Aim</span>
        <TextField
          key={session.id}
          aria-label="Aim"
          list="aims"
          maxLength={80}
          defaultValue={name}
          onChange={({ target }) => onChange({ name: target.value })}
        />
        <datalist id="aims">
          {[...(nextAim === null ? [] : [nextAim]), ...AIMS_OFFERED].map((aim) => (
            <option key={aim} value={aim} />
          ))}
        </datalist>
      </label>
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
            onChange={(next) => put(items.with(order, next))}
            onRemove={() => put(items.toSpliced(order, 1))}
            onUp={order === 0 ? null : () => put(items.toSpliced(order, 1).toSpliced(order - 1, 0, item))}
          />
        ))}
      </ol>
      <AddItem pieces={pieces} onAdd={(item) => put([...items, item])} />
      <label className="mt-4 grid gap-0.5">
        <span className="text-dove-dark">Check at the end</span>
        <TextField
          key={session.id}
          aria-label="Check at the end"
          list="end-checks"
          maxLength={160}
          defaultValue={endCheck}
          onChange={({ target }) => onChange({ endCheck: target.value })}
        />
        <datalist id="end-checks">
          {END_CHECKS_OFFERED.map((check) => (
            <option key={check} value={check} />
          ))}
        </datalist>
      </label>
    </section>
  );
}
