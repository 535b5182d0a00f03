import papaparse from 'papaparse';
import { CSV_COLUMNS, toCsv } from '#core/format';
import type { Plan } from '#core/plan/describe';

/** The beginning of a text that a spreadsheet would take for a formula, or of one that is marked already. */
const LIKE_A_FORMULA = /^'*[=+\-@\t\r]/;

/**
 * Writes rows as the text of a CSV file (RFC 4180); its first row names the columns. Text that a spreadsheet would take for a formula gets an
 * apostrophe before it, which marks it as text; numbers stay numbers, below zero, too.
 */
export function tableText<Column extends string>(
  columns: readonly Column[],
  rows: readonly Readonly<Record<Column, string | number>>[],
): string {
  return papaparse.unparse({ fields: [...columns], data: [...rows] }, { newline: '\n', escapeFormulae: LIKE_A_FORMULA });
}

/** Writes a plan as the text of a CSV file. */
export function csvText(plan: Plan): string {
  return tableText(CSV_COLUMNS, toCsv(plan));
}
