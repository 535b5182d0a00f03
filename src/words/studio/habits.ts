import { sideOf } from '#core/brief/parts/school';
import type { DecidingPlace, Habit, Habits, Leaning, NamedWeight } from '#core/habits';
import type { Piece } from '#core/documents';
import { countText } from '#core/messages';
import { momentAtText, tellNotesOfBrief } from '../line/note-places.ts';
import { pieceTitle } from '../piece/pieces.ts';

/** The fewest fingered lines from which it makes sense to ask. */
const FEWEST_LINES = 10;

/** The words of the part of a school that is learnt from fingered pieces. */
export const HABITS = {
  title: 'Learn it from fingered pieces',
  explained:
    'The fingerings in your pieces, from scores or locked by you, are compared with what each answer would give. An answer is listed once they show it more often than chance would.',
  instrument: 'On the instrument',
  read: 'Read the fingerings',
  waiting: 'Fingering every piece with each answer. This takes a while …',
  nothing: 'These fingerings show no habit that we can be sure of.',
  columns: ['They show', 'Evidence', 'Where', 'How sure', 'In this school'],
  adoptAll: 'Adopt all of them',
  adopt: 'Adopt',
  takeBack: 'Take it back',
  unknown: 'Too little to say',
} as const;

/** Writes how many pieces there are to read: "14 pieces carry a fingering." */
export function piecesText(count: number): string {
  const there = `${countText(count, 'piece of the studio carries', 'pieces of the studio carry')} a fingering.`;
  return count < FEWEST_LINES ? `${there} Fewer than ${FEWEST_LINES} say hardly anything.` : there;
}

/** The words for a weight that counts more, and for one that counts less. */
const WEIGHT_LEANINGS: Readonly<Record<NamedWeight['weight'], { readonly more: string; readonly less: string }>> = {
  shift: { more: 'shifts avoided more than usual', less: 'shifts taken more readily than usual' },
  crossing: { more: 'string crossings avoided more than usual', less: 'string crossings taken more readily than usual' },
  highPlace: {
    more: 'high places on low strings avoided more than usual',
    less: 'high places on low strings taken more readily than usual',
  },
};

/** Writes what is shown: "the fourth finger going up", "shifts avoided more than usual". */
export function leaningText(leaning: Leaning): string {
  if ('question' in leaning) return sideOf(leaning.question, leaning.side).label;
  const { more, less } = WEIGHT_LEANINGS[leaning.weight];
  return leaning.times > 1 ? more : less;
}

/** Writes the evidence: "at 14 of 16 places where it matters". */
export function evidenceText({ does, places }: Habit): string {
  return `at ${does} of ${countText(places.length, 'place', 'places')} where it matters`;
}

/** Writes how sure a habit is: "by chance once in 2,000". */
export function sureText({ chance }: Pick<Habit, 'chance'>): string {
  const times = 1 / chance;
  if (times > 1_000_000) return 'by chance less than once in a million';
  return `by chance once in ${Math.round(Number(times.toPrecision(2))).toLocaleString('en-GB')}`;
}

/** Writes what the habits get right in lines that were kept back: "In lines kept back, 86 % of the notes are fingered so; 79 % without." */
export function rightText({ notes: { given, usual, learnt }, lines }: Habits): string {
  const share = (count: number): string => `${Math.round((100 * count) / Math.max(1, given))} %`;
  return `Read from ${countText(lines, 'line', 'lines')}. In lines that were kept back, ${share(learnt)} of the notes are fingered as they stand there; ${share(usual)} with no habit.`;
}

/** Writes a place of a piece: "Evening line, measure 3, beat 1". */
export function habitPlaceText(piece: Piece | undefined, note: number): string {
  return piece ? `${pieceTitle(piece)}, ${momentAtText(tellNotesOfBrief(piece.brief)(note), note)}` : '';
}

/** Lists the places at which a habit shows, the first of each piece. */
export function shownPlaces({ places }: Habit): readonly DecidingPlace[] {
  const shown = places.filter(({ nearer }) => nearer === 'answer').toReversed();
  return [...new Map(shown.map((place) => [place.line, place])).values()].toReversed();
}
