/** A thing that can be opened, with what it is in a few words. */
export interface ListEntry {
  /** The id by which it is chosen. */
  readonly id: string;
  readonly name: string;
  readonly what: string;
}

interface ListEntriesProps {
  readonly entries: readonly ListEntry[];
  /** The id of the one that is open; null for none. */
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
}

/** Lists things, each to be opened. */
export function ListEntries({ entries, chosen, onChoose }: ListEntriesProps) {
  return (
    <ul className="mt-1">
      {entries.map(({ id, name, what }) => (
        <li key={id}>
          <button
            type="button"
            aria-current={id === chosen ? 'true' : undefined}
            className={`block w-full border-l-2 px-3 py-1 text-left ${id === chosen ? 'border-ink bg-paper-deep' : 'border-line hover:bg-paper-deep'}`}
            onClick={() => onChoose(id)}
          >
            {name}
            <span className="block text-sm text-dove-dark">{what}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
