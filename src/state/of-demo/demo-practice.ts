import { addDays } from 'date-fns/addDays';
import { DOCUMENT_KINDS, withHead } from '#core/documents';
import { ladderTo, USUAL_SET } from '#core/practice/ladder';
import { PLAIN_ALONG, type PracticeItem } from '#core/practice/item';
import { FIRST_WEEK } from '#core/week';
import { demoDays } from '../../demo/index.ts';
import { database, together } from '../../storage/database/index.ts';
import type { LogRecord, PieceRecord, PlayerRecord, SessionRecord, WeekRecord } from '../../records/record.ts';
import { dayOf, pageOf } from '../../records/log-pages.ts';
import { notThereYet } from './not-there-yet.ts';
import { fresh } from '../../records/new-records.ts';
import { newWeek } from '../../records/new-practice-records.ts';

/** The places of notes that these pupils point at: somewhere on the way up, and near the top. */
const HARD = [11, 14] as const;

/** The tempo for pieces of the demo that name none, quarter notes a minute. */
const USUAL = 72;

/** The number of days until the recital of the made-up studio. */
const DAYS_TO_RECITAL = 12;

/** The practice of a pupil of the demo, past and to come. */
interface DemoPractice {
  readonly session: SessionRecord;
  readonly week: WeekRecord;
  readonly log: readonly LogRecord[];
}

/** Takes the notes around one, as an item of their own. */
function around(item: PracticeItem, note: number): PracticeItem {
  return { ...item, practised: { ...item.practised, part: { part: 'passage', from: note - 2, to: note + 1 } } };
}

/**
 * Puts the log, the sessions and the weeks of the demo in, once: they come after the first page is drawn, or when they are first looked at.
 */
export async function seedPracticeOnce(): Promise<void> {
  if (await database.facts.get('demo-practised')) return;
  const isDemo = ({ demo }: { readonly demo: boolean }): boolean => demo;
  const [players, pieces] = await Promise.all([database.players.filter(isDemo).toArray(), database.pieces.filter(isDemo).toArray()]);
  // Orders records as the demo has them: the first is the newest.
  const inOrder = pieces.toSorted((one, other) => other.updatedAt - one.updatedAt);
  const practised: DemoPractice[] = [];
  for (const player of players) {
    practised.push(...demoPractice(player, inOrder, Date.now()));
    await untilNextTask();
  }
  await together(async () => {
    if (await database.facts.get('demo-practised')) return;
    await database.facts.put({ key: 'demo-practised', value: true });
    await database.sessions.bulkPut(
      await notThereYet(
        'session',
        practised.map(({ session }) => session),
      ),
    );
    await database.weeks.bulkPut(
      await notThereYet(
        'week',
        practised.map(({ week }) => week),
      ),
    );
    const pages = practised.flatMap(({ log }) => log);
    for (let first = 0; first < pages.length; first += PAGES_AT_ONCE)
      await database.logs.bulkPut(await notThereYet('log', pages.slice(first, first + PAGES_AT_ONCE)));
  });
}

/** The number of pages of the log that are written at a time, so that a page already in use does not wait. */
const PAGES_AT_ONCE = 25;

/** Lets the open page go on. */
function untilNextTask(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve));
}

/**
 * Makes weeks of a made-up log, a session and a plan for the coming weeks for a pupil of the demo, with this pupil's pieces; nothing for a
 * pupil without any.
 */
export function demoPractice(player: PlayerRecord, all: readonly PieceRecord[], now: number): readonly DemoPractice[] {
  const pieces = all.filter(({ playerId }) => playerId === player.id);
  if (pieces.length === 0) return [];
  const { name } = player.document;
  const named = pieces.map(({ id, document }) => ({ id, title: document.name, tempo: document.brief.tempo ?? USUAL, hard: HARD }));
  const seed = [...name].reduce((sum, letter) => sum * 31 + letter.charCodeAt(0), 7);
  const log = demoDays(seed, named, now, dayOf).map(({ day, entries }) => ({
    ...pageOf({ playerId: player.id, name }, day, entries),
    demo: true,
  }));
  const items = named.map(({ id, title, tempo }): PracticeItem => ({
    practised: { piece: id, title, part: { part: 'whole' } },
    minutes: 5,
    ladder: ladderTo(tempo),
    set: USUAL_SET,
    along: PLAIN_ALONG,
    grouping: 'all',
  }));
  const session = {
    name: 'The shift clean and silent',
    day: dayOf(now),
    endCheck: 'Play it once, at tempo, as if for someone.',
    items: items.slice(0, 2),
  };
  const week = newWeek(
    { playerId: player.id, name },
    {
      ...FIRST_WEEK,
      goal: { name: 'Studio recital', day: dayOf(addDays(now, DAYS_TO_RECITAL).getTime()) },
      items: items.flatMap((item, order) => [
        { item, asked: order === 0, movedTo: null },
        ...HARD.map((note) => ({ item: around(item, note), asked: order === 0, movedTo: null })),
      ]),
    },
  );
  return [
    {
      session: { ...fresh(true), id: `session-${player.id}`, document: withHead(DOCUMENT_KINDS.session, session), playerId: player.id },
      week: { ...week, demo: true },
      log,
    },
  ];
}
