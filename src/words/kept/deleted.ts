import { countText, listText } from '#core/messages';

/** The numbers of the things that go with a player. */
export interface WithPlayer {
  /** The number of days on which something was logged. */
  readonly days: number;
  /** The number of sessions. */
  readonly sessions: number;
  /** The number of plans of weeks: one or none. */
  readonly weeks: number;
  /** The number of records of stages: one or none. */
  readonly stages: number;
  /** The number of pieces for the player. */
  readonly pieces: number;
}

/** Writes what goes when a player is deleted, and what is chosen about the pieces; null where nothing goes along. */
export function withPlayerText(name: string, { days, sessions, weeks, stages, pieces }: WithPlayer): string | null {
  const practice = practiceWords({ days, sessions, weeks, stages });
  if (practice.length === 0 && pieces === 0) return null;
  const who = name === '' ? 'this player' : name;
  const along = practice.length === 0 ? '' : `Deleting ${who} also deletes the practice: ${listText(practice)}. `;
  const theirs = `There ${pieces === 1 ? 'is' : 'are'} ${countText(pieces, 'piece', 'pieces')} for ${who}`;
  const them = pieces === 1 ? 'it' : 'them';
  const asked = pieces === 0 ? '' : `${theirs}: delete ${them} too, or keep ${them} without a player. `;
  return `${along}${asked}${BROUGHT_BACK_UNDER}`;
}

/** Lists the practice of a player in words, without what there is nothing of. */
function practiceWords({ days, sessions, weeks, stages }: Omit<WithPlayer, 'pieces'>): readonly string[] {
  return [
    ...(days > 0 ? [countText(days, 'day of the log', 'days of the log')] : []),
    ...(sessions > 0 ? [countText(sessions, 'session', 'sessions')] : []),
    ...(weeks > 0 ? ['the plan of the weeks'] : []),
    ...(stages > 0 ? ['the stages of shifts'] : []),
  ];
}

/** The number of days for which something deleted can be brought back. */
export const DAYS_KEPT = 30;

/** The words about where deleted things can be brought back. */
export const BROUGHT_BACK_UNDER = `Anything deleted can be brought back under Backup for ${DAYS_KEPT} days.`;

/** The numbers of what a teacher has changed in the demo. */
interface InDemo {
  readonly changed: number;
  readonly made: number;
  readonly logged: number;
}

/** Writes what goes with the demo when it is removed; null where nothing in it was changed. */
export function withDemoText({ changed, made, logged }: InDemo): string | null {
  const all = [
    ...(changed > 0 ? [`${countText(changed, 'thing', 'things')} in it that you have changed`] : []),
    ...(made > 0 ? [`${countText(made, 'session or plan', 'sessions and plans')} that you have made for its players`] : []),
    ...(logged > 0 ? [`${countText(logged, 'entry', 'entries')} that you have logged for them`] : []),
  ];
  return all.length === 0 ? null : `Removing the demo also removes ${listText(all)}. ${BROUGHT_BACK_UNDER}`;
}

/** Writes what was deleted, for the notice with its undo. */
export function deletedText(name: string): string {
  return `Deleted ${name === '' ? 'one without a name' : `“${name}”`}.`;
}

/** The names of the kinds of things in the list of what was deleted. */
export const KIND_WORDS = {
  piece: 'piece',
  instrument: 'instrument',
  player: 'player',
  school: 'school',
  stages: 'stages of shifts',
  session: 'session',
  week: 'plan of the weeks',
  log: 'day of a log',
  book: 'book',
  demo: 'demo',
} as const;

/** Writes what was brought back. */
export function broughtBackText(name: string, count: number): string {
  const what = name === '' ? 'It' : `“${name}”`;
  return count > 1 ? `${what} is back, with all that went along.` : `${what} is back.`;
}

/** The words where a deletion cannot be brought back any more. */
export const NOT_THERE_ANY_MORE = 'It is not there any more: it was brought back or deleted for good in another tab.';

/** Writes what belongs to a player who is not there any more. */
export function ofNobodyText(name: string, { days, sessions, weeks, stages }: Omit<WithPlayer, 'pieces'>): string {
  const practice = practiceWords({ days, sessions, weeks, stages });
  const whose = name === '' ? 'a player who is not here any more' : `${name}, who is not among the players any more`;
  return `There is the practice of ${whose}: ${listText(practice)}.`;
}

/** Writes what was done with the practice of a player who is not there any more. */
export function madeAgainText(name: string): string {
  return `${name === '' ? 'A player without a name' : name} is among the players again, with all of the practice. The instrument is a guess: check it.`;
}
