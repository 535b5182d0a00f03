import type { Brief, Mark } from '#core/brief';

/** The brief with other marks, in the order of the notes. */
export function withMarks(brief: Brief, marks: readonly Mark[]): Brief {
  const { marks: _, ...others } = brief;
  return marks.length === 0 ? others : { ...others, marks: [...marks] };
}

/** The brief with something written at a note, or with null no longer; a mark that says nothing goes. */
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
