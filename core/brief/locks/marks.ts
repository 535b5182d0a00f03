import type { Brief, Mark } from '#core/brief';

/** Replaces the marks, in the order of the notes. */
export function withMarks(brief: Brief, marks: readonly Mark[]): Brief {
  const { marks: _, ...others } = brief;
  return marks.length === 0 ? others : { ...others, marks: [...marks] };
}

/** Sets the mark at a note, or with null removes it; a mark that says nothing is dropped. */
export function withMark(brief: Brief, note: number, change: { readonly [Name in keyof Omit<Mark, 'note'>]?: Mark[Name] | null }): Brief {
  const marks = brief.marks ?? [];
  const merged = { ...marks.find((mark) => mark.note === note), ...change };
  const said = Object.fromEntries(Object.entries(merged).filter(([name, value]) => name !== 'note' && value !== null && value !== ''));
  const others = marks.filter((mark) => mark.note !== note);
  const all = Object.keys(said).length === 0 ? others : [...others, { ...said, note }];
  return withMarks(
    brief,
    all.toSorted((one, other) => one.note - other.note),
  );
}
