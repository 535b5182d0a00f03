import { type DueNote, middleOf } from '#core/listening';
import type { TakeReading } from '#core/listening/reading';
import { isThisLine, type NoteMiss } from '#core/listening/report';
import type { Voice } from '#core/practice/ladder';

/** The fault of a note of a try: its pitch, another note in its place, left out, begun again, or late. */
export type TryFault = 'flat' | 'sharp' | 'another note' | 'left out' | 'again' | 'late';

/** The judgement on a try that was heard: clean, missed at a note, or too little of the line was heard to say. */
export type JudgedTry =
  | { readonly judged: 'clean' | 'unclear' }
  | {
      readonly judged: 'missed';
      readonly fault: TryFault;
      /** The line index. */
      readonly note: number;
      /** The voice of a double stop; null for a single note, and for both. */
      readonly voice: Voice | null;
      /** The distance from its place, cents, sharp positive; null where that is not the fault. */
      readonly cents: number | null;
    };

/** The share of the notes that must be heard clearly before a try is called clean. */
const CLEAR_SHARE = 0.6;

/**
 * Judges a try by what was heard of it, against a tolerance that its misses know: a note that is left out, another one, or one begun again
 * spoils it first, the earliest of these; then the note that lies furthest out. Nothing is said of notes that are unclear.
 */
export function judgeTry(due: readonly DueNote[], reading: TakeReading, misses: readonly NoteMiss[]): JudgedTry {
  if (!isThisLine(due, reading, misses)) return { judged: 'unclear' };
  const slip = firstSlip(due, reading);
  if (slip) return slip;
  const clear = misses.filter(({ cents, doubtful }) => cents !== null && !doubtful);
  const worst = clear.reduce<NoteMiss | null>((most, miss) => (Math.abs(miss.cents ?? 0) > Math.abs(most?.cents ?? 0) ? miss : most), null);
  if (worst?.side === 'flat' || worst?.side === 'sharp')
    return { judged: 'missed', fault: worst.side, note: worst.note, voice: voiceOf(worst), cents: worst.cents };
  return { judged: clear.length < CLEAR_SHARE * due.length ? 'unclear' : 'clean' };
}

/** Finds the first note of the line that was left out, begun again, or replaced by another. */
function firstSlip(due: readonly DueNote[], { heard, leftOut }: TakeReading): JudgedTry | null {
  const slips = [
    ...leftOut.map((order) => ({ order, fault: 'left out' as const })),
    ...heard.flatMap(({ order, again, wrongBy }): readonly { readonly order: number; readonly fault: TryFault }[] =>
      wrongBy !== 0 ? [{ order, fault: 'another note' }] : again ? [{ order, fault: 'again' }] : [],
    ),
  ].toSorted((one, other) => one.order - other.order);
  const [first] = slips;
  const owed = first && due[first.order];
  return owed ? { judged: 'missed', fault: first.fault, note: owed.note, voice: null, cents: null } : null;
}

function voiceOf({ due, stop }: NoteMiss): Voice | null {
  if (due.stops.length < 2) return null;
  return due.stops[0] === stop ? 'lower' : 'upper';
}

/** The lateness from which a note is late: as a share of the length of the note before it, and in seconds, which a reading may be off. */
const LATE_FROM = { share: 0.35, seconds: 0.08 } as const;

/** The fewest notes whose lengths tell how fast it was played. */
const FEWEST_GAPS = 2;

/** Finds the first note that comes late against the others, at whatever tempo they were played; null for none, and where too few tell. */
export function lateNote(due: readonly DueNote[], { heard }: TakeReading): number | null {
  const gaps = heard.flatMap(
    ({ order, at }, index): readonly { readonly note: number; readonly seconds: number; readonly due: number }[] => {
      const [before, owed, last] = [heard[index - 1], due[order], due[order - 1]];
      return before?.order === order - 1 && owed && last ? [{ note: owed.note, seconds: at - before.at, due: owed.at - last.at }] : [];
    },
  );
  if (gaps.length < FEWEST_GAPS) return null;
  const pace = middleOf(gaps.map((gap) => gap.seconds / gap.due));
  const late = gaps.find((gap) => {
    const expected = pace * gap.due;
    return gap.seconds > (1 + LATE_FROM.share) * expected && gap.seconds > expected + LATE_FROM.seconds;
  });
  return late?.note ?? null;
}
