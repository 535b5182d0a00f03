import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  type SortingState,
  type Table as RowTable,
  useReactTable,
} from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from '../../ui/icons.ts';
import { useMemo, useState } from 'react';
import type { Piece } from '#core/documents';
import type { PieceRecord } from '../../records/record.ts';
import type { PieceList } from '../../state/reading/index.ts';
import { excerptOf, withPlace } from '../../state/books/index.ts';
import { newPieceRecord } from '../../records/new-records.ts';
import { giveUpAhead, keepAhead, keepOrThrow } from '../../state/keeping/index.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { EmptyState } from '../../ui/states/index.ts';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { OptionChoice, TextField } from '../../ui/fields/index.ts';
import { Table } from '../../ui/Table.tsx';
import { libraryRow, type LibraryRow, searchFor } from '../../words/piece/library.ts';
import { PieceRow } from './PieceRow.tsx';
import type { Run } from '../parts/index.ts';
import { changedInBothText } from '../../words/kept/other-tabs.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';

interface ListProps {
  readonly records: readonly PieceRecord[];
  readonly run: Run;
  readonly onDelete: (record: PieceRecord) => void;
}

const column = createColumnHelper<LibraryRow>();
import { SheetsLink } from '../parts/index.ts';

/** The columns by which rows can be sorted. */
const COLUMN_NAMES = ['title', 'what', 'key', 'on', 'player', 'changedAt'] as const;

const HEADERS: Readonly<Record<(typeof COLUMN_NAMES)[number], string>> = {
  title: 'Name',
  what: 'What',
  key: 'Key',
  on: 'On',
  player: 'For',
  changedAt: 'Changed',
};

const COLUMNS = COLUMN_NAMES.map((name) => column.accessor(name, { header: HEADERS[name] }));

/**
 * The number of pieces with which the list begins and by which it grows, twenty: more than a window shows, and few enough to be drawn again
 * with each letter of a search.
 */
export const LISTED = 20;

type LibraryProps = Omit<ListProps, 'records'> & { readonly list: PieceList };

/** The features to which the library can be narrowed down. */
const NARROWS = ['player', 'instrument', 'key', 'tag'] as const;
type Narrow = (typeof NARROWS)[number];

/** The features it is narrowed down to; empty or absent for all. */
type Narrowed = Readonly<Partial<Record<Narrow, string>>>;

const NARROW_LABELS: Readonly<Record<Narrow, string>> = {
  player: 'any player',
  instrument: 'any instrument',
  key: 'any key',
  tag: 'any tag',
};

/** Lists all pieces: searched by typing, narrowed down by player, instrument, key or tag, sorted by any column; the last changed first. */
export function Library({ list: { records, whole }, run, onDelete }: LibraryProps) {
  const rows = useMemo(() => records.map((record) => libraryRow(record.id, record.document, record.updatedAt)), [records]);
  const [search, setSearch] = useState('');
  const [narrowed, setNarrowed] = useState<Narrowed>({});
  const shown = useMemo(() => {
    const matches = searchFor(search);
    // The pieces of books stand under Books; here they are found by searching.
    const isSearched = search.trim() !== '';
    return rows.filter((row) => (isSearched || !row.inBook) && matches(row) && isWithin(row, narrowed));
  }, [rows, search, narrowed]);
  if (records.length === 0) return <NoPieces />;
  return (
    <>
      <search aria-label="Find a piece" className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-2">
        <TextField
          type="search"
          aria-label="Search"
          placeholder="Search: name, key, player, tag …"
          className="w-72"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
        />
        {NARROWS.map((by) => (
          <NarrowChoice
            key={by}
            by={by}
            rows={rows}
            value={narrowed[by] ?? ''}
            onChange={(value) => setNarrowed({ ...narrowed, [by]: value })}
          />
        ))}
        <span role="status" className="text-sm text-dove-dark">
          {whole && countedText(shown.length, rows)}
        </span>
        {whole && <SheetsLink pieces={shown.map(({ id }) => id)}>Print these together</SheetsLink>}
      </search>
      <SortedTable rows={shown} records={records} run={run} onDelete={onDelete} />
      {whole && shown.length === 0 && (
        <p className="mt-4">
          No piece matches. Remove a word, or choose any player, instrument, key or tag.{' '}
          <Button
            onClick={() => {
              setSearch('');
              setNarrowed({});
            }}
          >
            Show all pieces
          </Button>
        </p>
      )}
    </>
  );
}

/** Tells how many pieces are shown, of how many, and how many more stand in books. */
function countedText(shown: number, rows: readonly LibraryRow[]): string {
  const inBooks = rows.filter(({ inBook }) => inBook).length;
  const all = rows.length - inBooks;
  const more = inBooks === 0 ? '' : `, ${inBooks} more in your books`;
  return shown === all ? `${all} pieces${more}` : `${shown} of ${rows.length} pieces`;
}

function NoPieces() {
  return (
    <div className="mt-6">
      <EmptyState title="Your pieces">
        Scales, arpeggios and lines with their fingerings stand here. Start one, open a file, or restore the demo pieces below.
      </EmptyState>
      <NextSteps>
        <ButtonLink href="/?new">Start a piece</ButtonLink>
      </NextSteps>
    </div>
  );
}

/** Shows the rows in the order asked for, the last changed first. */
function SortedTable({ rows, records, run, onDelete }: ListProps & { readonly rows: LibraryRow[] }) {
  const [sorting, setSorting] = useState<SortingState>([{ id: 'changedAt', desc: true }]);
  const [most, setMost] = useState(LISTED);
  const listed = useMemo(() => rows.toSorted(inOrder(sorting)).slice(0, most), [rows, sorting, most]);
  const byId = useMemo(() => new Map(records.map((record) => [record.id, record])), [records]);
  // eslint-disable-next-line react-hooks/incompatible-library -- the table is made again with every drawing, and nothing of it is kept.
  const table = useReactTable({
    data: listed,
    columns: COLUMNS,
    state: { sorting },
    onSortingChange: setSorting,
    manualSorting: true,
    getCoreRowModel: getCoreRowModel(),
  });
  const keep = (record: PieceRecord, change: Change): void =>
    run(async () => {
      const { joined } = await keepOrThrow('piece', applyChange(record, change), record);
      return joined ? changedInBothText(pieceTitle(record.document)) : null;
    });
  const copy = (record: PieceRecord, title: string): void =>
    run(async () => {
      const twin = withPlace(record, excerptOf(record.document.inBook)).document;
      await keepOrThrow('piece', newPieceRecord({ ...twin, name: `${title} (copy)`.slice(0, 120) }));
    });
  const more = Math.min(LISTED, rows.length - most);
  return (
    <>
      <Table className="mt-2">
        <Head table={table} />
        <tbody>
          {table.getRowModel().rows.flatMap(({ original: row }) => {
            const record = byId.get(row.id);
            if (!record) return [];
            return [
              <PieceRow
                key={row.id}
                row={row}
                changed={record.changed !== null}
                onRename={(name) => keep(record, { name })}
                onTag={(tags) => keep(record, { tags: [...tags] })}
                onTyping={(change) => (change ? keepAhead(applyChange(record, change), record) : giveUpAhead(record.id))}
                onDuplicate={() => copy(record, row.title)}
                onDelete={() => onDelete(record)}
              />,
            ];
          })}
        </tbody>
      </Table>
      {more > 0 && (
        <p className="mt-3 flex items-center gap-3">
          The first {most} of {rows.length} are listed.
          <Button onClick={() => setMost(most + LISTED)}>Show {more} more</Button>
        </p>
      )}
    </>
  );
}

/** A change that can be made in the list itself. */
type Change = Partial<Pick<Piece, 'name' | 'tags'>>;

function applyChange(record: PieceRecord, change: Change): PieceRecord {
  return { ...record, document: { ...record.document, ...change }, updatedAt: Date.now() };
}

function Head({ table }: { readonly table: RowTable<LibraryRow> }) {
  return (
    <thead>
      {table.getHeaderGroups().map((group) => (
        <tr key={group.id}>
          {group.headers.map((header) => {
            const sorted = header.column.getIsSorted();
            const Arrow = sorted === 'desc' ? ArrowDown : ArrowUp;
            return (
              <th key={header.id} scope="col" aria-sort={sorted === false ? 'none' : sorted === 'asc' ? 'ascending' : 'descending'}>
                <button
                  type="button"
                  className="inline-flex items-center gap-1 font-semibold"
                  onClick={header.column.getToggleSortingHandler()}
                >
                  {flexRender(header.column.columnDef.header, header.getContext())}
                  {sorted !== false && <Arrow size={13} aria-hidden="true" />}
                </button>
              </th>
            );
          })}
          <th scope="col">Actions</th>
        </tr>
      ))}
    </thead>
  );
}

const IN_ORDER = new Intl.Collator(undefined, { numeric: true });

/** Sorts rows by the column asked for. */
function inOrder(sorting: SortingState): (one: LibraryRow, other: LibraryRow) => number {
  const by = COLUMN_NAMES.find((name) => name === sorting[0]?.id) ?? 'changedAt';
  const sign = sorting[0]?.desc === false ? 1 : -1;
  if (by === 'changedAt') return (one, other) => sign * (one.changedAt - other.changedAt);
  return (one, other) => sign * IN_ORDER.compare(one[by], other[by]);
}

interface NarrowChoiceProps {
  readonly by: Narrow;
  readonly rows: readonly LibraryRow[];
  readonly value: string;
  readonly onChange: (value: string) => void;
}

function NarrowChoice({ by, rows, value, onChange }: NarrowChoiceProps) {
  // A studio may have hundreds of players, so their options are not made again with every letter of a search.
  const options = useMemo(() => {
    const values = [...new Set(rows.flatMap((row) => valuesOf(row, by)))].toSorted(IN_ORDER.compare);
    return [{ value: '', name: NARROW_LABELS[by] }, ...values.map((one) => ({ value: one, name: one }))];
  }, [rows, by]);
  if (options.length === 1) return null;
  return <OptionChoice label={`Only ${NARROW_LABELS[by].replace('any ', '')}`} value={value} options={options} onChange={onChange} />;
}

function valuesOf(row: LibraryRow, by: Narrow): readonly string[] {
  if (by === 'tag') return row.tags;
  return row[by] === '' ? [] : [row[by]];
}

function isWithin(row: LibraryRow, narrowed: Narrowed): boolean {
  return NARROWS.every((by) => {
    const wanted = narrowed[by] ?? '';
    return wanted === '' || valuesOf(row, by).includes(wanted);
  });
}
