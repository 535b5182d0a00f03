import { entriesOfTeacher } from '#core/practice/log';
import { documentIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import { type Brought, type DamagedPart, readEach, readPart, readRecordsText, type RecordPart, recordsText } from '../backup/index.ts';
import { database } from '../../storage/database/index.ts';
import type { PieceRecord, PlayerRecord, SessionRecord, WeekRecord } from '../../records/record.ts';
import { isFields, loadAll, loadLog } from '../../storage/reading/index.ts';
import { forPupil, piecesThatStay, withoutPieces } from './stays-here.ts';

const FORMAT = 'dove-path/assignment';

/** The things that a teacher gives to a pupil to practise. */
export interface GivenToPupil {
  readonly player: PlayerRecord;
  /** The plan of the weeks, with all that is in the list; null where that is not given. */
  readonly week: WeekRecord | null;
  readonly sessions: readonly SessionRecord[];
}

/** Lists the pieces, by id, that something given is made of. */
export function piecesIn({ week, sessions }: Pick<GivenToPupil, 'week' | 'sessions'>): ReadonlySet<string> {
  const items = [...(week?.document.items.map(({ item }) => item) ?? []), ...sessions.flatMap(({ document }) => document.items)];
  return new Set(items.map(({ practised }) => practised.piece));
}

/**
 * Writes an assignment to one pupil or several as a file's text: for each the player, the instrument, the schools, the pieces, the week and
 * the sessions, and the teacher's settings (aim, tolerance, points, how help fades). Nothing else of the log is in it, and no music of a
 * book that may not be given on.
 */
export async function assignmentText(given: readonly GivenToPupil[]): Promise<string> {
  const parts = await Promise.all(given.map(partsFor));
  return recordsText(FORMAT, parts.flat());
}

async function partsFor(given: GivenToPupil): Promise<readonly RecordPart[]> {
  const all = (await database.pieces.bulkGet([...piecesIn(given)])).filter((piece) => piece !== undefined);
  const stay = new Set(piecesThatStay(all, await loadAll('book')).map(({ id }) => id));
  const { player, week, sessions } = withoutPieces(given, stay);
  const pieces = all.filter(({ id }) => !stay.has(id)).map(forPupil);
  const [instruments, schools] = await Promise.all([
    database.instruments.bulkGet(idsOf([player, ...pieces], 'instrumentId')),
    database.schools.bulkGet(idsOf([player, ...pieces], 'schoolId')),
  ]);
  const pages = (await loadLog(player.id)).flatMap((page) => {
    const entries = [...entriesOfTeacher(page.document.entries)];
    return entries.length === 0 ? [] : [{ ...page, document: { ...page.document, entries } }];
  });
  const parts: readonly RecordPart[] = [
    { kind: 'player', record: player },
    ...instruments.flatMap((record): readonly RecordPart[] => (record ? [{ kind: 'instrument', record }] : [])),
    ...schools.flatMap((record): readonly RecordPart[] => (record ? [{ kind: 'school', record }] : [])),
    ...pieces.map((record): RecordPart => ({ kind: 'piece', record })),
    ...(week ? [{ kind: 'week' as const, record: week }] : []),
    ...sessions.map((record): RecordPart => ({ kind: 'session', record })),
    ...pages.map((record): RecordPart => ({ kind: 'log', record })),
  ];
  // In the pupil's browser it is the pupil's own, so it is not removed with the demo.
  return parts.map(({ kind, record }) => ({ kind, record: { ...record, demo: false }, for: player.id }));
}

function idsOf(records: readonly (PlayerRecord | PieceRecord)[], link: 'instrumentId' | 'schoolId'): string[] {
  return [...new Set(records.flatMap((record) => record[link] ?? []))];
}

/** The content of a file for one pupil. */
export interface BroughtToPupil {
  /** The id of the player, and the name. */
  readonly id: string;
  readonly name: string;
  readonly brought: readonly Brought[];
}

/** The content of an assignment. */
export interface AssignmentBrought {
  /** The moment it was saved, ms since 1970. */
  readonly savedAt: number;
  readonly pupils: readonly BroughtToPupil[];
  readonly damaged: readonly DamagedPart[];
}

/** Reads an assignment, and finds the relation of everything in it to what is here. Writes nothing. */
export async function readAssignmentText(text: string): Promise<Reading<AssignmentBrought>> {
  const file = readRecordsText(FORMAT, text, 'assignment');
  if (!file.ok) return file;
  const { values, damaged } = await readEach(file.value.parts, readPartFor);
  const ids = [...new Set(values.map((value) => value.for))];
  const pupils = ids.flatMap((id): readonly BroughtToPupil[] => {
    const brought = values.flatMap((value) => (value.for === id ? [value.brought] : []));
    const player = brought.find(({ kind }) => kind === 'player');
    return player ? [{ id, name: player.name, brought }] : [];
  });
  return goodReading({ savedAt: file.value.savedAt, pupils, damaged });
}

/** Reads a part of an assignment: it must belong to the player it names, and replace nothing of anybody else’s here. */
async function readPartFor(part: unknown): Promise<Reading<{ readonly for: string; readonly brought: Brought }>> {
  const { for: to, record }: Readonly<Record<string, unknown>> = isFields(part) ? part : {};
  if (typeof to !== 'string' || !isFields(record) || !isOf(record, to))
    return badReading(documentIssue('damaged', { kind: 'assignment', what: 'a part does not say for whom it is' }, { pointer: '' }));
  const reading = await readPart(part, null);
  if (!reading.ok) return reading;
  if (await isOfSomebodyElse(reading.value.kind, record['id'], to))
    return badReading(documentIssue('damaged', { kind: 'assignment', what: 'a part is of somebody else' }, { pointer: '' }));
  return goodReading({ for: to, brought: reading.value });
}

/** Tells whether a part is another player, or would replace something that belongs to another player here. */
async function isOfSomebodyElse(kind: Brought['kind'], id: unknown, playerId: string): Promise<boolean> {
  if ((kind === 'player') !== (id === playerId)) return true;
  const there = kind === 'log' ? undefined : await database.tableOf(kind).get(String(id));
  return there !== undefined && !isOf({ ...there }, playerId);
}

function isOf(record: Readonly<Record<string, unknown>>, playerId: string): boolean {
  return !('playerId' in record) || record['playerId'] === playerId;
}
