import type { Brief, Mark } from '#core/brief';
import type { WrittenRows } from './layout.ts';

/** What the teacher has written, by line index, and the letters that refer to the remarks, in the order of the notes. */
export interface WrittenMarks {
  readonly at: ReadonlyMap<number, Mark>;
  readonly letters: ReadonlyMap<number, string>;
  readonly rows: WrittenRows;
}

/** The marks of a brief, ready to be drawn. */
export function writtenMarks({ marks = [], material }: Brief): WrittenMarks {
  const remarked = marks.filter((mark) => mark.remark !== undefined);
  return {
    at: new Map(marks.map((mark) => [mark.note, mark])),
    letters: new Map(remarked.map((mark, order) => [mark.note, letterOf(order)])),
    rows: {
      ornaments: material.kind === 'line' && material.notes.some((note) => !('rest' in note) && note.ornament !== undefined),
      bows: marks.some((mark) => mark.bow !== undefined),
      cues: marks.some((mark) => mark.cue !== undefined || mark.remark !== undefined),
    },
  };
}

/** a … z, aa … */
function letterOf(order: number): string {
  const letter = String.fromCharCode(97 + (order % 26));
  return order < 26 ? letter : letter.repeat(1 + Math.floor(order / 26));
}
