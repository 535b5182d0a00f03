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
        {notes.map((each) => (
          <li key={each}>
            <button
              type="button"
              aria-current={each === chosen ? 'true' : undefined}
              className={`w-full cursor-pointer rounded px-2 py-1 text-left ${each === chosen ? 'bg-band font-semibold' : ''}`}
              onClick={() => onChoose(each)}
            >
              {nameOf(each)}
            </button>
          </li>
        ))}
      </ol>
    </nav>
  );
}
