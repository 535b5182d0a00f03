interface PlacesNavProps {
  /** The name of the list, for a screen reader. */
  readonly label: string;
  /** The line indexes of the notes, in the order of the list. */
  readonly notes: readonly number[];
  readonly chosen: number;
  readonly nameOf: (note: number) => string;
  readonly onChoose: (note: number) => void;
}

/** Lists places of a piece to choose from. */
export function PlacesNav({ label, notes, chosen, nameOf, onChoose }: PlacesNavProps) {
  return (
    <nav aria-label={label}>
      <ol className="grid gap-1 text-[15px]">
        {notes.map((note) => (
          <li key={note}>
            <button
              type="button"
              aria-current={note === chosen ? 'true' : undefined}
              className={`w-full cursor-pointer rounded px-2 py-1 text-left ${note === chosen ? 'bg-band font-semibold' : ''}`}
              onClick={() => onChoose(note)}
            >
              {nameOf(note)}
            </button>
          </li>
        ))}
      </ol>
    </nav>
  );
}
