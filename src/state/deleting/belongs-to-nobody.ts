import { DOCUMENT_KINDS, type DocumentName, withHead } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';
import { newPlayer } from '../../records/new-records.ts';
import { type BringBack, deleteTogether, type OfKind, recordsWhere } from '../../storage/deleting/index.ts';
import { keepBeside, textBeside } from '../../storage/beside/index.ts';
import { database } from '../../storage/database/index.ts';
import type { WithPlayer } from '../../words/kept/deleted.ts';
import { keepOrThrow } from '../keeping/index.ts';
import { countKinds } from './with-player.ts';

/** The practice of a player who is not there any more: it belongs to nobody, and no page shows it. */
export interface OfNobody extends WithPlayer {
  /** The id of the player. */
  readonly playerId: string;
  /** The name, as the log has it; empty where nothing says it. */
  readonly name: string;
}

/** Finds what belongs to nobody, by player: an earlier version deleted players without their practice. */
export async function findOfNobody(): Promise<readonly OfNobody[]> {
  const players = new Set<string | null>(await database.players.toCollection().primaryKeys());
  const all = await recordsWhere((record, kind) => !players.has(whoPractised(record, kind)));
  const ids = new Set(all.map(({ record, kind }) => whoPractised(record, kind)).filter((id) => id !== null));
  return [...ids].map((playerId) => {
    const theirs = all.filter(({ record, kind }) => whoPractised(record, kind) === playerId);
    const name = theirs.find(({ kind, record }) => kind !== 'session' && record.document.name !== '')?.record.document.name ?? '';
    return { playerId, name, ...countKinds(theirs) };
  });
}

/** Makes the player again to whom something belonged, with the same id: all of it is theirs as before. */
export async function makePlayerAgain({ playerId, name }: OfNobody): Promise<void> {
  const piece = await database.pieces.filter((one) => one.playerId === playerId).first();
  const profile = { kind: piece?.document.brief.instrument.kind ?? 'violin', player: {} } as const;
  const record = newPlayer(withHead(DOCUMENT_KINDS.player, { name, profile }), { instrumentId: null, schoolId: null });
  await keepOrThrow('player', { ...record, id: playerId });
}

/** Deletes what belongs to nobody. */
export async function deleteOfNobody({ playerId, name }: OfNobody): Promise<BringBack> {
  const find = async (): Promise<readonly OfKind[]> => await recordsWhere((record, kind) => whoPractised(record, kind) === playerId);
  return await deleteTogether({ kind: 'player', name }, find);
}

/** Gives the id of the player whose practice a record is: log, session, week or stages; null for anything else, and for nobody’s own. */
function whoPractised(record: RecordOf<DocumentName>, kind: DocumentName): string | null {
  return kind !== 'piece' && 'playerId' in record ? record.playerId : null;
}

/** The key beside the database for the players whose practice the teacher was told of and left as it is. */
const LEFT = 'dove-path/of-nobody-left';

/** Tells whether a teacher has left something as it is: it is not shown a second time by itself. */
export function wasLeft({ playerId }: OfNobody): boolean {
  return (textBeside(LEFT) ?? '').split(' ').includes(playerId);
}

/** Notes that a teacher has left something as it is. */
export function noteLeft({ playerId }: OfNobody): void {
  keepBeside(LEFT, `${textBeside(LEFT) ?? ''} ${playerId}`.trim());
}
