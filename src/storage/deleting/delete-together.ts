import { deflate } from '../../files/index.ts';
import { forgetAllLeft } from '../beside/index.ts';
import { database, together } from '../database/index.ts';
import { isDiskFull } from '../writing/index.ts';
import { bringBackDeletion } from './bring-back.ts';
import { forgetOld } from './deleted-list.ts';
import type { DeletedWhat, Deletion, OfKind } from './deletion.ts';
import { setLink, tiesTo } from './ties.ts';

/** A function that brings back everything that was deleted, as it was. */
export type BringBack = () => Promise<void>;

/** The records that go, and those that come in their place. */
export interface Replacing {
  readonly gone: readonly OfKind[];
  readonly instead: readonly OfKind[];
}

/** Deletes some records together; see `replaceTogether`. */
export async function deleteTogether(what: DeletedWhat, find: () => Promise<readonly OfKind[]>): Promise<BringBack> {
  return await replaceTogether(what, async () => ({ gone: await find(), instead: [] }));
}

/**
 * Deletes some records, all or none, and writes others in their place. Whatever stays and uses one of them uses it no more. A copy of all
 * of it is kept, to be brought back until it is old; only where the disk is full does it go without one, since a teacher deletes then to
 * make room. What to replace is found again where another page has changed something of it meanwhile.
 */
export async function replaceTogether(what: DeletedWhat, find: () => Promise<Replacing>): Promise<BringBack> {
  for (;;) {
    const { gone, instead } = await find();
    const named = instead.map(({ kind, record }) => ({ kind, id: record.id }));
    const deletion: Deletion = { records: gone, ties: await tiesTo(gone), instead: named };
    const copy = {
      ...{ at: Date.now(), kind: what.kind, name: what.name, count: gone.length },
      packed: await deflate(JSON.stringify(deletion)),
    };
    const write = async (withCopy: boolean): Promise<Written | null> =>
      await writeReplaced(deletion, instead, withCopy ? async () => await database.deleted.add(copy) : null);
    const written = await write(true).catch(async (error: unknown) => {
      if (isDiskFull(error)) return await write(false);
      throw error;
    });
    if (written === null) continue;
    for (const { record } of gone) forgetAllLeft(record.id);
    await forgetOld(Date.now()).catch(() => undefined);
    return async () => await bringBackDeletion(deletion, written.number);
  }
}

/** A deletion that was written, with the number of its copy; undefined where there is none. */
interface Written {
  readonly number: number | undefined;
}

/** Writes a deletion; null, and nothing is written, where something of it was changed meanwhile. */
async function writeReplaced(
  { records, ties }: Deletion,
  instead: readonly OfKind[],
  addCopy: (() => PromiseLike<number | undefined>) | null,
): Promise<Written | null> {
  let written: Written | null = null;
  await together(async () => {
    for (const { kind, record } of records) {
      const now = await database.tableOf(kind).get(record.id);
      if (now?.revision !== record.revision) return;
    }
    for (const { kind, record } of records) await database.tableOf(kind).delete(record.id);
    for (const { kind, record } of instead) await database.tableOf(kind).put(record);
    const stay = new Set(instead.map(({ record }) => record.id));
    for (const tie of ties) if (!stay.has(tie.to)) await setLink(tie, null);
    written = { number: await addCopy?.() };
  });
  return written;
}
