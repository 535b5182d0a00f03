import { ALL_MARKS, fingerFootOf, isMarked, type MarkedStaff, staffMarks } from '../../engraving/index.ts';
import { DrawnMark } from './DrawnMark.tsx';

interface StaffMarksProps extends Omit<MarkedStaff, 'show'> {
  /** The line index of the selected note. */
  readonly selected: number | null;
  /** Whether it is for the stand: larger fingers, without the names of positions and strings. */
  readonly fingersOnly?: boolean;
  /** Selects a note; `extend` selects the passage from the note selected before. */
  readonly onSelect?: (index: number, extend: boolean) => void;
}

const STAND_MARKS = { ...ALL_MARKS, largeFingers: true, strings: false, positions: false };

/** Draws the signs on and around the engraved notes, the selected one marked; each note can be clicked. */
export function StaffMarks({ selected, fingersOnly = false, onSelect, ...staff }: StaffMarksProps) {
  const { heads, layout } = staff;
  const marks = staffMarks({ ...staff, show: fingersOnly ? STAND_MARKS : ALL_MARKS });
  return (
    <g className="on-staff">
      <SelectedHead staff={staff} selected={selected} />
      {marks.map((mark) => (
        <DrawnMark key={mark.key} mark={mark} />
      ))}
      {onSelect &&
        heads
          .filter(isMarked)
          .map((head) => (
            <rect
              key={head.index}
              x={head.x - 12}
              y={layout.positionRowY + 8}
              width={24}
              height={layout.height - layout.positionRowY - 8}
              className="cursor-pointer fill-transparent"
              data-staff-note={head.index}
              data-head-x={head.x}
              onClick={(event) => onSelect(head.index, event.shiftKey)}
            />
          ))}
    </g>
  );
}

/** Marks the selected note from its finger down to its head. */
function SelectedHead({ staff, selected }: { readonly staff: MarkedStaff; readonly selected: number | null }) {
  const { heads, plan } = staff;
  const head = heads.find((candidate) => candidate.index === selected && isMarked(candidate));
  if (!head || plan.notes[head.index]?.kind !== 'note') return null;
  const y = fingerFootOf(staff, head);
  return <rect x={head.x - 12} y={y - 15} width={24} height={head.y - y + 22} rx={4} className="fill-dove/20" />;
}
