import { type PaperShape, textShape } from '#core/paper';

/** A code to scan: its squares, and the link it carries. */
export interface CodeToScan {
  /** The dark squares, row by row. */
  readonly rows: readonly (readonly boolean[])[];
  /** The link, written beside it. */
  readonly link: string;
  /** The side of the code with the white around it, mm. */
  readonly sideMm: number;
}

/** The white squares that a reader needs around the code. */
const QUIET = 4;

/** Draws the code at the right margin, its squares joined row by row. */
export function codeBlockShapes(
  { rows, sideMm, link }: CodeToScan,
  widthMm: number,
): { readonly shapes: readonly PaperShape[]; readonly heightMm: number } {
  const square = sideMm / (rows.length + 2 * QUIET);
  const left = widthMm - sideMm;
  const d = rows
    .flatMap((row, y) =>
      row.flatMap((dark, x) => {
        if (!dark || row[x - 1] === true) return [];
        const end = row.indexOf(false, x);
        const length = (end === -1 ? row.length : end) - x;
        return [
          `M${at(left + (x + QUIET) * square)} ${at((y + QUIET) * square)}h${at(length * square)}v${at(square)}h${at(-length * square)}Z`,
        ];
      }),
    )
    .join('');
  return {
    shapes: [
      { kind: 'path', d, fill: 'ink', stroke: null },
      textShape([widthMm - sideMm / 2, sideMm + 1.5], 6, hostOf(link), { anchor: 'middle' }),
    ],
    heightMm: sideMm + 3,
  };
}

function at(mm: number): string {
  return mm.toFixed(4);
}

function hostOf(link: string): string {
  return link.replace(/^https?:\/\//, '').replace(/#.*$/, '');
}
