import { MOST_IN_SESSION, practisedKey, type PracticeItem, type PracticePart } from '#core/practice/item';
import { MOST_ITEMS, withItems } from '#core/week';
import { dayOf } from '../../records/log-pages.ts';
import { newSession, newWeek } from '../../records/new-practice-records.ts';
import type { Logged, PieceRecord, SessionRecord } from '../../records/record.ts';
import { takesNoMoreText } from '../../words/practice/session.ts';
import { keepOrThrow } from '../keeping/index.ts';
import { readStored, SESSIONS, SET_FOR_PLAYER, WEEK } from '../reading/index.ts';
import { newItem } from './new-item.ts';

/** The places into which something to practise is put. */
export type PracticePlace = 'session' | 'week';

/** The place where something to practise was put: the address that shows it, and whether it was there already. */
export interface Added {
  readonly href: string;
  readonly wasThere: boolean;
}

/** Finds the session into which something goes today: the newest, if it is of today or still to come; null where one has to be made. */
export function todaysSession([newest]: readonly SessionRecord[]): SessionRecord | null {
  return newest && newest.document.day >= dayOf(Date.now()) ? newest : null;
}

/** Tells whether a session practises something already. */
export function holds({ document }: SessionRecord, { practised }: PracticeItem): boolean {
  return document.items.some((item) => practisedKey(item.practised) === practisedKey(practised));
}

/**
 * Puts a piece, or a part of it, into today’s session or into the week of a player; twice is once.
 *
 * @throws a sentence where there is no room, or where it could not be kept
 */
export async function addTo(place: PracticePlace, piece: PieceRecord, part: PracticePart, whose: Logged): Promise<Added> {
  const item = newItem(piece, part);
  return place === 'session' ? await intoSession(item, whose) : await intoWeek(item, whose);
}

async function intoSession(item: PracticeItem, { playerId }: Logged): Promise<Added> {
  const today = todaysSession(await readStored(SESSIONS, playerId));
  const { id, wasThere } = today ? await intoOne(today, item) : { id: await newOfToday(item, playerId), wasThere: false };
  return { href: `/practise?player=${playerId ?? 'nobody'}&session=${id}`, wasThere };
}

/**
 * Adds to a session, in which everything stands once.
 *
 * @throws a sentence where it is full, or could not be kept
 */
async function intoOne(session: SessionRecord, item: PracticeItem): Promise<{ readonly id: string; readonly wasThere: boolean }> {
  const { id, document } = session;
  if (holds(session, item)) return { id, wasThere: true };
  if (document.items.length >= MOST_IN_SESSION) throw new Error(takesNoMoreText(MOST_IN_SESSION));
  await keepOrThrow('session', { ...session, document: { ...document, items: [...document.items, item] } }, session);
  return { id, wasThere: false };
}

async function newOfToday(item: PracticeItem, playerId: string | null): Promise<string> {
  const { aim } = await readStored(SET_FOR_PLAYER, playerId);
  const session = newSession({ name: aim ?? '', day: dayOf(Date.now()), endCheck: '', items: [item] }, playerId);
  return (await keepOrThrow('session', session)).record.id;
}

/**
 * Adds to the week of a player.
 *
 * @throws a sentence where it is full, or could not be kept
 */
async function intoWeek(item: PracticeItem, whose: Logged): Promise<Added> {
  const kept = await readStored(WEEK, whose.playerId);
  const week = kept ?? newWeek(whose);
  const { items } = week.document;
  const more = [...withItems(items, [item])];
  const href = `/practise/week?player=${whose.playerId ?? 'nobody'}`;
  if (more.length === items.length && items.length < MOST_ITEMS) return { href, wasThere: true };
  if (more.length > MOST_ITEMS || more.length === items.length) throw new Error(takesNoMoreText(MOST_ITEMS));
  await keepOrThrow('week', { ...week, document: { ...week.document, items: more } }, kept ?? undefined);
  return { href, wasThere: false };
}
