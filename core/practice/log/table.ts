import type { EntryKind, EntryOf, LogEntry } from './entry.ts';

/** The columns of a log as a table. */
const LOG_COLUMNS = ['id', 'time', 'kind', 'item', 'part', 'tempo', 'result', 'note', 'voice', 'text'] as const;

/** A line of a log as a row of a table. */
export type LogRow = Readonly<Record<(typeof LOG_COLUMNS)[number], string>>;

/** A log as a table. */
export interface LogTable {
  readonly columns: typeof LOG_COLUMNS;
  readonly rows: readonly LogRow[];
}

/** Writes a log as a table, every entry, corrections too; times are written in UTC (ISO 8601), notes are counted from 1. */
export function logTable(entries: readonly LogEntry[]): LogTable {
  const rows = entries.map((entry) => ({
    ...EMPTY,
    id: entry.id,
    time: new Date(entry.at).toISOString(),
    kind: entry.kind,
    ...cellsOf(entry.kind, entry),
  }));
  return { columns: LOG_COLUMNS, rows };
}

const EMPTY: LogRow = { id: '', time: '', kind: '', item: '', part: '', tempo: '', result: '', note: '', voice: '', text: '' };

type Cells = { readonly [Kind in EntryKind]: (entry: EntryOf<Kind>) => Partial<LogRow> };

/** The cells of each kind of entry in the columns of its own. */
const CELLS: Cells = {
  attempt: ({ practised, tempo, miss, note, voice }) => ({
    ...itemCells(practised),
    tempo: tempo === null ? '' : String(tempo),
    result: miss ?? 'good',
    note: note === undefined ? '' : String(note + 1),
    voice: voice ?? '',
  }),
  skipped: ({ practised, prompt }) => ({ ...itemCells(practised), text: prompt }),
  pain: ({ practised }) => itemCells(practised),
  'end-check': ({ aim, reached }) => ({ text: aim, result: reached ? 'reached' : 'not reached' }),
  answer: ({ question, given, right }) => ({ item: question, text: given.join('; '), result: right ? 'right' : 'wrong' }),
  set: ({ practised, clean, shown }) => ({ ...itemCells(practised), text: shown.join('; '), result: clean ? 'clean' : 'not clean' }),
  take: ({ practised, tolerance, notes, leftOut, others }) => ({
    ...itemCells(practised),
    result: `${notes.filter(({ cents }) => Math.abs(cents) <= tolerance).length} of ${notes.length} within ${tolerance} cents`,
    text: `${leftOut} left out; ${others} others`,
  }),
  remark: ({ text }) => ({ text }),
  aim: ({ text }) => ({ text }),
  posture: ({ point, good }) => ({ text: point, result: good ? 'good' : 'to watch' }),
  file: ({ name }) => ({ text: name }),
  tolerance: ({ cents }) => ({ text: `${cents} cents` }),
  points: ({ points }) => ({ text: points.map(({ name }) => name).join('; ') }),
  fading: ({ course: { helps, clean, failed } }) => ({ text: `${helps.join('; ')}; ${clean} clean; ${failed} failed` }),
  correction: ({ of }) => ({ text: of }),
};

function cellsOf<Kind extends EntryKind>(kind: Kind, entry: EntryOf<Kind>): Partial<LogRow> {
  return CELLS[kind](entry);
}

function itemCells({ title, part }: EntryOf<'attempt'>['practised']): Pick<LogRow, 'item' | 'part'> {
  switch (part.part) {
    case 'whole':
      return { item: title, part: 'all of it' };
    case 'passage':
      return { item: title, part: `notes ${part.from + 1} to ${part.to + 1}` };
    case 'stage':
      return { item: title, part: `shift to note ${part.note + 1}, ${part.stage}` };
  }
}
