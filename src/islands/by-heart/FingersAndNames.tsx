import { noteLabel } from '#core/pitch';
import type { Plan, PlannedSound } from '#core/plan/describe';
import type { NoteGroup } from '#core/practice/item';

interface FingersAndNamesProps {
  readonly plan: Plan;
  readonly group: NoteGroup;
  readonly numbers: boolean;
  readonly names: boolean;
  /** Whether it has the page for itself. */
  readonly isLarge: boolean;
}

/** Some notes in a row on one string. */
interface OnString {
  readonly open: string;
  readonly notes: readonly { readonly index: number; readonly note: PlannedSound }[];
}

/** Shows the line without notation: string by string, the fingers, the names, or both. */
export function FingersAndNames({ plan, group, numbers, names, isLarge }: FingersAndNamesProps) {
  return (
    <ol aria-label="Without notation" className={`flex flex-wrap gap-y-3 ${isLarge ? 'gap-x-10 text-[44px]' : 'gap-x-6 text-[24px]'}`}>
      {stringByString(plan, group).map(({ open, notes }) => (
        <li key={notes[0]?.index} className="border-t-2 border-ink pt-1">
          <span className="block text-[16px] text-dove-dark">{noteLabel(open)}</span>
          <span className="flex gap-x-3">
            {notes.map(({ index, note: { stops } }) => (
              <span key={index} className="grid text-center leading-[1.15]">
                {numbers && <span className="font-semibold">{stops.map(({ finger }) => finger).join('+')}</span>}
                {names && <span>{stops.map(({ written }) => noteLabel(written)).join('+')}</span>}
              </span>
            ))}
          </span>
        </li>
      ))}
    </ol>
  );
}

function stringByString({ notes }: Plan, { from, to }: NoteGroup): readonly OnString[] {
  const strings: OnString[] = [];
  for (const [offset, note] of notes.slice(from, to + 1).entries()) {
    if (note.kind === 'rest') continue;
    const [{ open }] = note.stops;
    const last = strings[strings.length - 1];
    const here = { index: from + offset, note };
    if (last?.open === open) strings[strings.length - 1] = { open, notes: [...last.notes, here] };
    else strings.push({ open, notes: [here] });
  }
  return strings;
}
