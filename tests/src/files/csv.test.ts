import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import papaparse from 'papaparse';
import { tableText } from '../../../src/files/csv.ts';

const COLUMNS = ['one', 'other'] as const;
type Row = Readonly<Record<(typeof COLUMNS)[number], string | number>>;

/** Reads a table as a spreadsheet does: an apostrophe before a text only marks it as text. */
function readBack(text: string): readonly Row[] {
  const { data } = papaparse.parse<Row>(text, { header: true, newline: '\n' });
  return data.map((row) => ({ one: withoutMark(row.one), other: withoutMark(row.other) }));
}

function withoutMark(cell: string | number): string {
  return String(cell).replace(/^'(?='*[=+\-@\t\r])/, '');
}

describe('a table', () => {
  it('has no text that a spreadsheet would take for a formula, and is read back as it was', () => {
    const cell = fc.oneof(
      fc.string(),
      fc.tuple(fc.constantFrom('=', '+', '-', '@', '\t', '\r', "'=", "''-"), fc.string()).map((parts) => parts.join('')),
      fc.constantFrom('=HYPERLINK("http://a.example")', '-1+2', '@SUM(A1)', 'a "quoted", text\nof two lines', ''),
    );
    fc.assert(
      fc.property(fc.array(fc.record({ one: cell, other: cell }, { noNullPrototype: true }), { minLength: 1, maxLength: 5 }), (rows) => {
        const text = tableText(COLUMNS, rows);
        assert.deepEqual(readBack(text), rows);
        const cells = papaparse.parse<string[]>(text, { newline: '\n' }).data.flat();
        assert.deepEqual(
          cells.filter((written) => /^[=+\-@\t\r]/.test(written)),
          [],
        );
      }),
    );
  });

  it('has numbers as numbers, below zero, too', () => {
    assert.equal(tableText(COLUMNS, [{ one: -1.5, other: 7 }]), 'one,other\n-1.5,7');
  });
});
