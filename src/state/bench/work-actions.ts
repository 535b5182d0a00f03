import { withSchool } from '#core/brief/edits';
import { FIRST_BRIEF } from '#core/brief/lines';
import type { SchoolRecord } from '../../records/record.ts';
import { onlySchool, schoolOf } from '../../records/for-briefs.ts';
import { pieceOf } from '../../records/piece-documents.ts';
import { newPieceRecord, NOTHING_USED } from '../../records/new-records.ts';
import { isLeft } from '../../storage/beside/index.ts';
import { OF_NEWER } from '../../words/kept/storage.ts';
import { say } from '../notices.ts';
import { allKept } from '../keeping/index.ts';
import { setOnBench } from './on-bench.ts';
import { workStore } from './work.ts';

/** The database comes after the first drawing, or with the first piece that must be looked for in it. */
const loadDatabase = () => import('../../storage/database/database.ts');
const loadPieceList = () => import('../../storage/reading/piece-list.ts');

/** Opens a piece on the bench: the one asked for, else the last one worked on, else a new one. Returns its id. */
export async function openPiece(id: string | null): Promise<string> {
  const { checkRecord, loadPiece } = await loadPieceList();
  const asked = id === null ? null : await loadPiece(id);
  const left = id !== null && isLeft(id) ? await (await import('./open-left.ts')).openLeft(id, asked) : null;
  if (left !== null) return left;
  const record = asked ?? (await loadPiece(null));
  const opened = record ? setOnBench(record, record) : await newPieceOfStudio();
  if (id !== null && asked === null && (await checkRecord(id)) === 'of a newer version') say(OF_NEWER);
  return opened;
}

/** Puts a new piece on the bench, taught as a school teaches. It is written with its first change or name. */
export function newPiece(school: SchoolRecord | null = null): string {
  if (school === null) return setOnBench(newPieceRecord(pieceOf('', FIRST_BRIEF, '')));
  const brief = withSchool(FIRST_BRIEF, schoolOf(school.document));
  return setOnBench(newPieceRecord(pieceOf('', brief, ''), false, { ...NOTHING_USED, schoolId: school.id }));
}

/** Puts a new piece on the bench that follows the school of the studio, where there is one and no other. */
export async function newPieceOfStudio(): Promise<string> {
  const { database } = await loadDatabase();
  const schools = await database.schools.toArray().catch(() => []);
  return newPiece(onlySchool(schools));
}

/** Puts another piece on the bench, once this one is written, and returns its id. The present one stays as it is, with its history. */
export async function switchPiece(id: string | null): Promise<string> {
  if (id !== null && id === workStore.getState().pieceId) return id;
  await allKept();
  return id === null ? await newPieceOfStudio() : await openPiece(id);
}

/** Renames the piece. */
export function renamePiece(name: string): void {
  workStore.setState({ name });
}
