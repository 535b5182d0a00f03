import type { Bow } from '#core/bow';
import type { Brief, Mark } from '#core/brief';
import type { WrittenRows } from './layout.ts';

/** The marks of the teacher, by line index, and the letters that refer to the remarks, in the order of the notes. */
export interface WrittenMarks {
  /** The marks, by line index. */
  readonly at: ReadonlyMap<number, Mark>;
  /** The letters of the remarks, by line index. */
  readonly letters: ReadonlyMap<number, string>;
  readonly rows: WrittenRows;
}

/** Prepares the marks of a brief for drawing; where its bows are shown, each has its sign. */
export function writtenMarks({ marks = [], material }: Brief, bows: readonly Bow[] = []): WrittenMarks {
  const remarked = marks.filter((mark) => mark.remark !== undefined);
  return {
    at: new Map<number, Mark>([
      ...bows.map(({ from, direction }) => [from, { note: from, bow: direction }] as const),
      ...marks.map((mark) => signMark(mark, bows)),
    ]),
    letters: new Map(remarked.map((mark, order) => [mark.note, letterOf(order)])),
    rows: {
      ornaments: material.kind === 'line' && material.notes.some((note) => !('rest' in note) && note.ornament !== undefined),
      bows: marks.some((mark) => mark.bow !== undefined),
      cues: marks.some((mark) => mark.cue !== undefined || mark.remark !== undefined),
    },
  };
}

/** Gives the teacher's mark at a note; one without a bow sign keeps that of the bow. */
function signMark(mark: Mark, bows: readonly Bow[]): readonly [number, Mark] {
  const bow = mark.bow ?? bows.find(({ from }) => from === mark.note)?.direction;
  return [mark.note, bow ? { ...mark, bow } : mark];
}

/** Gives the letter of an index: a … z, aa … */
function letterOf(order: number): string {
  const letter = String.fromCharCode(97 + (order % 26));
  return order < 26 ? letter : letter.repeat(1 + Math.floor(order / 26));
}
