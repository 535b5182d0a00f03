import { type FormEvent, useState } from 'react';
import type { PieceRecord } from '../../store/database.ts';

interface PieceRowProps {
  readonly record: PieceRecord;
  readonly title: string;
  readonly what: string;
  readonly on: string;
  readonly onRename: (name: string) => void;
  readonly onDuplicate: () => void;
  readonly onDelete: () => void;
}

const WHEN = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** One piece of the list; its name becomes a field while it is renamed. */
export function PieceRow({ record, title, what, on, onRename, onDuplicate, onDelete }: PieceRowProps) {
  const [renaming, setRenaming] = useState(false);
  const rename = (name: string): void => {
    setRenaming(false);
    if (name.trim() !== '') onRename(name.trim());
  };
  return (
    <tr>
      <td className="font-serif">
        {renaming ? (
          <NameField name={title} onDone={rename} onLeave={() => setRenaming(false)} />
        ) : (
          <a href={`/?piece=${record.id}`} className="text-ink">
            {title}
          </a>
        )}
        {record.changed && <span className="block font-sans text-sm text-dove-dark">changed under Set up: open it to see what</span>}
      </td>
      <td>{what}</td>
      <td>{on}</td>
      <td className="whitespace-nowrap">{WHEN.format(record.updatedAt)}</td>
      <td>
        <span className="flex gap-2">
          <button type="button" className="quiet-button" aria-label={`Rename ${title}`} onClick={() => setRenaming(true)}>
            Rename
          </button>
          <button type="button" className="quiet-button" aria-label={`Duplicate ${title}`} onClick={onDuplicate}>
            Duplicate
          </button>
          <button type="button" className="quiet-button" aria-label={`Delete ${title}`} onClick={onDelete}>
            Delete
          </button>
        </span>
      </td>
    </tr>
  );
}

interface NameFieldProps {
  readonly name: string;
  readonly onDone: (name: string) => void;
  readonly onLeave: () => void;
}

function NameField({ name, onDone, onLeave }: NameFieldProps) {
  const [text, setText] = useState(name);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    onDone(text);
  };
  return (
    <form onSubmit={submit}>
      <input
        aria-label="New name"
        className="field"
        value={text}
        maxLength={120}
        autoFocus
        onChange={(event) => setText(event.target.value)}
        onBlur={() => onDone(text)}
        onKeyDown={(event) => event.key === 'Escape' && onLeave()}
      />
    </form>
  );
}
