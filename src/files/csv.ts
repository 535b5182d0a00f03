import papaparse from 'papaparse';
import { CSV_COLUMNS, toCsv } from '#core/format';
import type { Plan } from '#core/plan/describe';

/** Writes a plan as the text of a CSV file: its first row names the columns. */
export function csvText(plan: Plan): string {
  return papaparse.unparse([...toCsv(plan)], { columns: [...CSV_COLUMNS], newline: '\n' });
}
