import type { LucideIcon } from 'lucide-react';
import { Columns2, Copy, Pencil, Tag, Trash2 } from '../../ui/icons.ts';
import { type FormEvent, useState } from 'react';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { TextField } from '../../ui/fields/index.ts';
import { type LibraryRow, tagsOf } from '../../words/piece/library.ts';

interface PieceRowProps {
  readonly row: LibraryRow;
  /** Whether its player or instrument was changed since the teacher last looked. */
  readonly changed: boolean;
  readonly onRename: (name: string) => void;
  readonly onTag: (tags: readonly string[]) => void;
  /** Receives text that is typed and not left yet; null when it was given up. */
  readonly onTyping: (change: { name?: string; tags?: string[] } | null) => void;
  readonly onDuplicate: () => void;
  readonly onDelete: () => void;
}

const WHEN = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** Shows one piece of the list; its name or its tags become a field while they are changed. */
export function PieceRow({ row, changed, onRename, onTag, onTyping, onDuplicate, onDelete }: PieceRowProps) {
  const [typing, setTyping] = useState<'name' | 'tags' | null>(null);
  const { title, tags } = row;
  const leave = (): void => {
    setTyping(null);
    onTyping(null);
  };
  const rename = (name: string): void => {
    leave();
    if (name.trim() !== '' && name.trim() !== title) onRename(name.trim());
  };
  const tag = (text: string): void => {
    leave();
    if (tagsOf(text).join() !== tags.join()) onTag(tagsOf(text));
  };
  return (
    <tr>
      <td className="min-w-36 font-serif">
        {typing === 'name' ? (
          <NameField
            label="New name"
            text={title}
            onType={(name) => onTyping(name.trim() === '' ? null : { name: name.trim() })}
            onDone={rename}
            onLeave={leave}
          />
        ) : (
          <a href={`/?piece=${row.id}`} className="text-ink">
            {title}
          </a>
        )}
        {typing === 'tags' ? (
          <NameField
            label="Tags, with commas between"
            text={tags.join(', ')}
            onType={(text) => onTyping({ tags: [...tagsOf(text)] })}
            onDone={tag}
            onLeave={leave}
          />
        ) : (
          tags.length > 0 && <span className="block font-sans text-sm text-dove-dark">{tags.join(' · ')}</span>
        )}
        {changed && <span className="block font-sans text-sm text-dove-dark">changed in the Studio: open it to see what</span>}
      </td>
      <td>{row.what}</td>
      <td className="whitespace-nowrap">{row.key}</td>
      <td>{row.on}</td>
      <td>{row.player}</td>
      <td className="whitespace-nowrap">{WHEN.format(row.changedAt)}</td>
      <td>
        <RowActions row={row} onType={setTyping} onDuplicate={onDuplicate} onDelete={onDelete} />
      </td>
    </tr>
  );
}

interface RowActionsProps extends Pick<PieceRowProps, 'row' | 'onDuplicate' | 'onDelete'> {
  readonly onType: (what: 'name' | 'tags') => void;
}

function RowActions({ row: { id, title }, onType, onDuplicate, onDelete }: RowActionsProps) {
  return (
    <span className="flex gap-1">
      <RowButton does="Rename" title={title} icon={Pencil} onClick={() => onType('name')} />
      <RowButton does="Tag" title={title} icon={Tag} onClick={() => onType('tags')} />
      <RowButton does="Duplicate" title={title} icon={Copy} onClick={onDuplicate} />
      <RowButton does="Delete" title={title} icon={Trash2} onClick={onDelete} />
      <ButtonLink href={`/compare?piece=${id}`} aria-label={`Compare ${title}`} title="Compare">
        <Columns2 size={15} aria-hidden="true" />
      </ButtonLink>
    </span>
  );
}

interface RowButtonProps {
  readonly does: string;
  readonly title: string;
  readonly icon: LucideIcon;
  readonly onClick: () => void;
}

function RowButton({ does, title, icon: Icon, onClick }: RowButtonProps) {
  return (
    <Button aria-label={`${does} ${title}`} title={does} onClick={onClick}>
      <Icon size={15} aria-hidden="true" />
    </Button>
  );
}

interface NameFieldProps {
  readonly label: string;
  readonly text: string;
  readonly onType: (name: string) => void;
  readonly onDone: (name: string) => void;
  readonly onLeave: () => void;
}

function NameField({ label, text: before, onType, onDone, onLeave }: NameFieldProps) {
  const [text, setText] = useState(before);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    onDone(text);
  };
  return (
    <form onSubmit={submit}>
      <TextField
        aria-label={label}
        value={text}
        maxLength={120}
        autoFocus
        onChange={(event) => {
          setText(event.target.value);
          onType(event.target.value);
        }}
        onBlur={() => onDone(text)}
        onKeyDown={(event) => event.key === 'Escape' && onLeave()}
      />
    </form>
  );
}
