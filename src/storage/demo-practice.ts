import { DOCUMENT_KINDS, headed } from '#core/documents';
import { ladderTo, PLAIN_ALONG, USUAL_SET } from '#core/practice';
import { demoDays } from '../demo/practice.ts';
import type { LogRecord, PieceRecord, PlayerRecord, SessionRecord } from './database.ts';
import { dayOf, pageOf } from './practice.ts';
import { fresh } from './records.ts';

/** Notes that these pupils point at: somewhere on the way up, and near the top. */
const HARD = [11, 14] as const;

/** A tempo for pieces of the demo that name none, quarter notes a minute. */
const USUAL = 72;

/** Weeks of a made-up log and a session for a pupil of the demo, with this pupil's pieces; nothing for one without any. */
export function demoPractice(
  player: PlayerRecord,
  all: readonly PieceRecord[],
  now: number,
): readonly { readonly session: SessionRecord; readonly log: readonly LogRecord[] }[] {
  const pieces = all.filter(({ playerId }) => playerId === player.id);
  if (pieces.length === 0) return [];
  const { name } = player.document;
  const named = pieces.map(({ id, document }) => ({ id, title: document.name, tempo: document.brief.tempo ?? USUAL, hard: HARD }));
  const seed = [...name].reduce((sum, letter) => sum * 31 + letter.charCodeAt(0), 7);
  const log = demoDays(seed, named, now, dayOf).map(({ day, entries }) => ({
    ...pageOf({ playerId: player.id, name }, day, entries),
    demo: true,
  }));
  const items = named.slice(0, 2).map(({ id, title, tempo }) => ({
    practised: { piece: id, title, part: { part: 'whole' as const } },
    minutes: 5,
    ladder: ladderTo(tempo),
    set: USUAL_SET,
    along: PLAIN_ALONG,
    grouping: 'all' as const,
  }));
  const fields = { name: 'The shift clean and silent', day: dayOf(now), endCheck: 'Play it once, at tempo, as if for someone.', items };
  return [{ session: { ...fresh(true), document: headed(DOCUMENT_KINDS.session, fields), playerId: player.id }, log }];
}
