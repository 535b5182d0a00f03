import type { DocumentName } from '#core/documents';
import { database, type VersionRecord } from '../database/index.ts';
import type { RecordOf } from '../../records/record.ts';
import { deflate, inflate } from '../../files/index.ts';
import { isFields, readRecord } from '../reading/index.ts';

const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;
const DAY_MS = 24 * HOUR_MS;

/** The distances at which versions are kept, by their age, ms: the older, the fewer. */
const APART: readonly { readonly upToMs: number; readonly apartMs: number }[] = [
  { upToMs: HOUR_MS, apartMs: 2 * MINUTE_MS },
  { upToMs: DAY_MS, apartMs: HOUR_MS },
  { upToMs: 30 * DAY_MS, apartMs: DAY_MS },
  { upToMs: 365 * DAY_MS, apartMs: 30 * DAY_MS },
];

/** The largest record of which a version is read, bytes. */
const MOST_BYTES = 100_000_000;

/** A version to choose from. */
export interface Version {
  /** The number under which it is stored; a later version has a larger one. */
  readonly number: number;
  /** The moment at which the record was like this, ms since 1970. */
  readonly at: number;
  /** Whether another tab had this while the record was changed here, or a moment before. */
  readonly fromElsewhere: boolean;
}

/** The reason why a version is kept: each write keeps one, if none of a moment ago is there; the rest are kept in any case. */
export type Occasion = 'written over' | 'changed elsewhere too' | 'another brought back';

/** Keeps a record as it was. */
export async function keepVersion(name: DocumentName, record: RecordOf<DocumentName>, occasion: Occasion): Promise<void> {
  const of = nameOf(name, record.id);
  const all = await storedVersions(of);
  const last = all.at(-1);
  if (occasion === 'written over' && last && isMomentBefore(last.at, record.updatedAt)) return;
  const kept = {
    of,
    at: record.updatedAt,
    packed: await deflate(JSON.stringify(record)),
    fromElsewhere: occasion === 'changed elsewhere too',
  };
  await database.versions.bulkDelete([...tooClose(all, Date.now())]);
  await database.versions.add(kept);
}

/** Tells whether two versions are so close in time that the second is not kept. A clock that was put back does not make them close. */
export function isMomentBefore(earlier: number, later: number): boolean {
  return later >= earlier && later - earlier < (APART[0]?.apartMs ?? 0);
}

/** Lists the versions of a record, the newest first. */
export async function versionsOf(name: DocumentName, id: string): Promise<readonly Version[]> {
  const all = await storedVersions(nameOf(name, id));
  return all.flatMap(({ number, at, fromElsewhere }) => (number === undefined ? [] : [{ number, at, fromElsewhere }])).toReversed();
}

/** Gives the record as it was in a version; null where that is gone or does not read. */
export async function versionNumbered<Name extends DocumentName>(name: Name, number: number): Promise<RecordOf<Name> | null> {
  const version = await database.versions.get(number);
  if (!version) return null;
  const record: unknown = JSON.parse(await inflate(version.packed, MOST_BYTES));
  const reading = isFields(record) ? await readRecord(name, record) : null;
  return reading?.ok === true ? reading.value : null;
}

/** Finds the numbers of the versions that stand closer together than those of their age are kept. */
export function tooClose(versions: readonly VersionRecord[], now: number): readonly number[] {
  const gone: number[] = [];
  let later = Infinity;
  for (const { number, at, fromElsewhere } of versions.toReversed()) {
    if (fromElsewhere && now - at <= 30 * DAY_MS) continue;
    const apartMs = APART.find(({ upToMs }) => now - at <= upToMs)?.apartMs ?? Infinity;
    if (number !== undefined && Math.abs(later - at) < apartMs) gone.push(number);
    else later = at;
  }
  return gone;
}

function nameOf(name: DocumentName, id: string): string {
  return `${name}/${id}`;
}

/** The oldest come first: in the order in which they were kept, whatever the clock said. */
async function storedVersions(of: string): Promise<readonly VersionRecord[]> {
  return await database.versions.where({ of }).sortBy('number');
}
