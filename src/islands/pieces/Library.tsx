import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  type SortingState,
  type Table,
  useReactTable,
} from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { PieceRecord } from '../../store/database.ts';
import { newRecord } from '../../store/pieces.ts';
import { type LibraryRow, libraryRow, matchesSearch } from '../../words/library.ts';
import { keepRecord } from './keep-record.ts';
import { PieceRow } from './PieceRow.tsx';

interface LibraryProps {
  readonly records: readonly PieceRecord[];
  readonly run: (work: () => Promise<void>) => void;
  readonly onDelete: (record: PieceRecord) => void;
}

const column = createColumnHelper<LibraryRow>();

const COLUMNS = [
  column.accessor('title', { header: 'Name' }),
  column.accessor('what', { header: 'What' }),
  column.accessor('key', { header: 'Key' }),
  column.accessor('on', { header: 'On' }),
  column.accessor('player', { header: 'For' }),
  column.accessor('changedAt', { header: 'Changed' }),
];

/** What the library can be narrowed down to. */
type Narrow = 'player' | 'instrument' | 'key' | 'tag';

const NARROW_LABELS: Readonly<Record<Narrow, string>> = {
  player: 'any player',
  instrument: 'any instrument',
  key: 'any key',
  tag: 'any tag',
};

/** All pieces: searched by typing, narrowed down by player, instrument, key or tag, sorted by any column; the last changed first. */
export function Library({ records, run, onDelete }: LibraryProps) {
  const rows = useMemo(() => records.map((record) => libraryRow(record.id, record.piece, record.updatedAt)), [records]);
  const [search, setSearch] = useState('');
  const [narrowed, setNarrowed] = useState<Readonly<Partial<Record<Narrow, string>>>>({});
  const shown = useMemo(() => rows.filter((row) => matchesSearch(row, search) && isWithin(row, narrowed)), [rows, search, narrowed]);
  const [sorting, setSorting] = useState<SortingState>([{ id: 'changedAt', desc: true }]);
  const table = useReactTable({
    data: shown,
    columns: COLUMNS,
    state: { sorting },
    onSortingChange: setSorting,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
  });
  if (records.length === 0) return <p className="mt-6">No pieces yet. Begin a new one, open a file, or bring the demo pieces back.</p>;
  return (
    <>
      <search aria-label="Find a piece" className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-2">
        <input
          type="search"
          aria-label="Search"
          placeholder="Search: name, key, player, tag …"
          className="field w-72"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
        />
        {(['player', 'instrument', 'key', 'tag'] as const).map((by) => (
          <NarrowChoice
            key={by}
            by={by}
            rows={rows}
            value={narrowed[by] ?? ''}
            onChange={(value) => setNarrowed({ ...narrowed, [by]: value })}
          />
        ))}
        <span role="status" className="text-sm text-dove-dark">
          {shown.length === rows.length ? `${rows.length} pieces` : `${shown.length} of ${rows.length} pieces`}
        </span>
      </search>
      <table className="plain-table mt-2">
        <Head table={table} />
        <tbody>
          {table.getRowModel().rows.map(({ original }) => {
            const record = records.find(({ id }) => id === original.id);
            return (
              record && (
                <PieceRow
                  key={original.id}
                  row={original}
                  changed={record.changed !== null}
                  onRename={(name) => run(() => keepRecord({ ...record, piece: { ...record.piece, name }, updatedAt: Date.now() }))}
                  onTag={(tags) => run(() => keepRecord({ ...record, piece: withTags(record.piece, tags), updatedAt: Date.now() }))}
                  onDuplicate={() => run(() => keepRecord(newRecord({ ...record.piece, name: `${original.title} (copy)`.slice(0, 120) })))}
                  onDelete={() => onDelete(record)}
                />
              )
            );
          })}
        </tbody>
      </table>
      {shown.length === 0 && (
        <p className="mt-4">No piece answers to that. Take a word away, or look under any player, instrument, key or tag.</p>
      )}
    </>
  );
}

function Head({ table }: { readonly table: Table<LibraryRow> }) {
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
          <th scope="col">Do</th>
        </tr>
      ))}
    </thead>
  );
}

interface NarrowChoiceProps {
  readonly by: Narrow;
  readonly rows: readonly LibraryRow[];
  readonly value: string;
  readonly onChange: (value: string) => void;
}

function NarrowChoice({ by, rows, value, onChange }: NarrowChoiceProps) {
  const values = [...new Set(rows.flatMap((row) => valuesOf(row, by)))].toSorted((one, other) => one.localeCompare(other));
  if (values.length === 0) return null;
  return (
    <select
      aria-label={`Only ${NARROW_LABELS[by].replace('any ', '')}`}
      className="sentence-part"
      value={value}
      onChange={(event) => onChange(event.target.value)}
    >
      <option value="">{NARROW_LABELS[by]}</option>
      {values.map((each) => (
        <option key={each} value={each}>
          {each}
        </option>
      ))}
    </select>
  );
}

function valuesOf(row: LibraryRow, by: Narrow): readonly string[] {
  if (by === 'tag') return row.tags;
  return row[by] === '' ? [] : [row[by]];
}

function isWithin(row: LibraryRow, narrowed: Readonly<Partial<Record<Narrow, string>>>): boolean {
  return (['player', 'instrument', 'key', 'tag'] as const).every((by) => {
    const wanted = narrowed[by] ?? '';
    return wanted === '' || valuesOf(row, by).includes(wanted);
  });
}

function withTags({ tags: _, ...piece }: PieceRecord['piece'], tags: readonly string[]): PieceRecord['piece'] {
  return tags.length === 0 ? piece : { ...piece, tags: [...tags] };
}
