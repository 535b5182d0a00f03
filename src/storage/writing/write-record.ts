import { dequal } from 'dequal';
import type { DocumentName } from '#core/documents';
import { readAs } from '../../validation/documents.ts';
import { database, together } from '../database/index.ts';
import type { RecordOf } from '../../records/record.ts';
import { putWhole, storedToWriteOver } from './log-pages.ts';
import { piecesFollow } from './follow.ts';
import { holdingToo, isLog, joinRecord, withEntriesThere } from '../joining/index.ts';
import type { RecordOutcome } from './outcome.ts';
import { withUnknownOf } from './with-unknown.ts';
import { runWrite } from './written.ts';
import { THIS_TAB } from '../../records/this-tab.ts';
import { isMomentBefore, keepVersion } from './versions.ts';

/** A record to be written in place of the stored one. */
interface Next<Name extends DocumentName> {
  readonly record: RecordOf<Name>;
  readonly joined: boolean;
}

/** The state from which a change began. */
interface Began {
  /** The record as this page last read it, and the changes it has sent to the database since. */
  readonly bases: readonly RecordOf<DocumentName>[];
  /** The number among the changes of this page; null where none is counted. */
  readonly change: number | null;
}

/** Checks and writes a record; see `saveRecord`. */
export async function writeRecord<Name extends DocumentName>(
  name: Name,
  record: RecordOf<Name>,
  { bases, change }: Began,
): Promise<RecordOutcome<Name>> {
  const whole = await withUnknownOf(name, record, bases[0]);
  const checked = await readAs<DocumentName>(name, whole.document);
  if (!checked.ok) return { ok: false, message: checked.issues.map((issue) => issue.message).join(' ') };
  let outcome: Next<Name> | null = null;
  const done = await runWrite(async () => {
    // A write of another page between reading and writing repeats this round.
    while (outcome === null) outcome = await replaceRecord(name, whole, { bases, change });
  });
  return done.ok && outcome !== null ? asWritten(outcome) : { ok: false, message: done.ok ? '' : done.message };
}

function asWritten<Name extends DocumentName>(next: Next<Name>): RecordOutcome<Name> {
  return { ok: true, ...next };
}

/**
 * Writes in place of the stored record; null where another page changed that a moment ago. Where another page has written since `bases`,
 * or has made it too, as the week of a player, both changes are written; where they do not go together, this page's is written, and the
 * other is kept as a version. One of a newer version is left as it is: that version joins both.
 *
 * @throws where a newer version of the application has written the stored record
 */
async function replaceRecord<Name extends DocumentName>(
  name: Name,
  record: RecordOf<Name>,
  { bases, change }: Began,
): Promise<Next<Name> | null> {
  const table = database.tableOf(name);
  const there = await storedToWriteOver(name, record.id);
  const [base] = bases;
  const next: Next<Name> =
    there && isMet(there, base)
      ? { record: (await joinRecord(name, { bases, here: record, there, counts: 'here' })) ?? record, joined: true }
      : { record: withEntriesThere(record, there), joined: false };
  // A joined record belongs to nobody alone: this page, too, must look at it before it writes again.
  const stamped = {
    ...next.record,
    ...holdingChange(there ?? record, change),
    revision: Math.max(there?.revision ?? 0, record.revision) + 1,
    writtenBy: next.joined ? null : THIS_TAB,
  };
  if (there) await keepWhatWas(name, there, next);
  let wrote = false;
  await together(async () => {
    const now = await table.get(record.id);
    if (now?.revision !== there?.revision) return;
    await putWhole(name, stamped, there);
    await piecesFollow(name, stamped, there ?? null);
    wrote = true;
  });
  return wrote ? { record: stamped, joined: next.joined } : null;
}

/** Keeps the stored record as a version, where another document takes its place; a log loses nothing by being written. */
async function keepWhatWas<Name extends DocumentName>(name: Name, there: RecordOf<Name>, next: Next<Name>): Promise<void> {
  if (isLog(there) || dequal(there.document, next.record.document)) return;
  const isOfOthers = next.joined || wasJustWrittenElsewhere(there, Date.now());
  await keepVersion(name, there, isOfOthers ? 'changed elsewhere too' : 'written over').catch(() => undefined);
}

/** Gives the held changes of a record once this page's change is in it. */
function holdingChange({ holds }: RecordOf<DocumentName>, change: number | null): Pick<RecordOf<DocumentName>, 'holds'> {
  const next = holdingToo(holds, THIS_TAB, change);
  return next ? { holds: next } : {};
}

/** Another page wrote it a moment ago, and this one has seen that and writes over it: the other finds its own among the versions. */
function wasJustWrittenElsewhere(there: RecordOf<DocumentName>, now: number): boolean {
  return there.revision > 0 && there.writtenBy !== THIS_TAB && (isMomentBefore(there.updatedAt, now) || now < there.updatedAt);
}

/** Tells whether another page has written something that this one has not seen: since it last looked, or before it made the same. */
function isMet(there: RecordOf<DocumentName>, base: RecordOf<DocumentName> | undefined): boolean {
  if (isLog(there)) return false;
  return base ? wasWrittenElsewhere(there, base) : there.writtenBy !== THIS_TAB;
}

/** Tells whether another page has written since this one last looked, so that its change would be lost if this page simply wrote. */
function wasWrittenElsewhere(there: RecordOf<DocumentName>, base: RecordOf<DocumentName>): boolean {
  return there.revision !== base.revision && there.writtenBy !== THIS_TAB && !dequal(there.document, base.document);
}
