import { DAYS_A_WEEK } from '#core/calendar';
import { addDays } from 'date-fns/addDays';
import { set } from 'date-fns/set';
import type { LogEntry, LogWhat, PosturePoint } from '#core/practice/log';
import type { Miss } from '#core/practice/ladder';
import { seedNumbers, type Seeded } from './seeded.ts';

/** A piece that a pupil of the demo practises. */
export interface DemoPiece {
  /** The id of the record, the same in each browser. */
  readonly id: string;
  readonly title: string;
  /** The tempo it should reach, quarter notes a minute. */
  readonly tempo: number;
  /** The line indexes of its hard notes. */
  readonly hard: readonly [number, ...number[]];
}

/** A day of a log, before it becomes a record. */
export interface DemoDay {
  readonly day: string;
  readonly entries: readonly LogEntry[];
}

/** The beginning of the id of every entry that comes with the demo. */
export const DEMO_ENTRY = 'demo-';

/** The number of weeks, the last of them up to yesterday. */
const WEEKS = 8;

/** The remarks that pupils of a made-up studio hear at their lessons. */
const REMARKS = [
  'The shift is lighter. Next week with a slower bow.',
  'First finger stays down too long before the shift.',
  'Much steadier. Tempo one step up.',
  'Listen for the open string under the fourth finger.',
  'Good week: the names come without thinking.',
] as const;

const AIMS = ['The shift clean and silent', 'In tune with the open strings', 'An even tempo', 'Calm fingers'] as const;

const POINTS: readonly PosturePoint[] = [
  { name: 'Left thumb loose', hint: 'In the mirror: it does not go white.' },
  { name: 'Left wrist straight' },
  { name: 'Bow straight', hint: 'Film it from the side: parallel to the bridge.' },
];

/** The tolerances as they narrow over the weeks, cents. */
const NARROWED = [30, 30, 26, 26, 22, 22, 19, 19] as const;

/** The minutes after the beginning of a day at which its entries come. */
const BEGINS_AT_HOUR = 17;

/** Makes eight weeks of a pupil's log, the same for the same seed: most days a week, a lesson a week, slowly getting better. */
export function demoDays(seed: number, pieces: readonly DemoPiece[], now: number, dayOf: (at: number) => string): readonly DemoDay[] {
  const chance = seedNumbers(seed);
  const first = addDays(now, -WEEKS * DAYS_A_WEEK);
  const usual: Miss = chance.one(['flat', 'sharp', 'late']);
  return Array.from({ length: WEEKS * DAYS_A_WEEK }, (_, order) => order).flatMap((order) => {
    const week = Math.floor(order / DAYS_A_WEEK);
    const isLesson = order % DAYS_A_WEEK === 0;
    if (!isLesson && chance.next() < 0.3) return [];
    const day = addDays(first, order);
    const said = [...(isLesson ? lessonOf(chance, week) : []), ...practiceOfDay(chance, { week, pieces, usual })];
    const start = set(day, { hours: BEGINS_AT_HOUR, minutes: 0, seconds: 0, milliseconds: 0 }).getTime();
    const entries = said.map((what, number): LogEntry => ({
      ...what,
      id: `${DEMO_ENTRY}${seed}-${order}-${number}`,
      at: start + number * 40_000,
    }));
    return [{ day: dayOf(day.getTime()), entries }];
  });
}

function lessonOf(chance: Seeded, week: number): readonly LogWhat[] {
  return [
    ...(week === 0 ? [{ kind: 'points' as const, points: [...POINTS] }] : []),
    ...POINTS.map(({ name }): LogWhat => ({ kind: 'posture', point: name, good: chance.next() < 0.4 + week * 0.07 })),
    { kind: 'remark', text: chance.one(REMARKS) },
    { kind: 'tolerance', cents: NARROWED[week] ?? 19 },
    { kind: 'aim', text: chance.one(AIMS) },
  ];
}

interface Week {
  readonly week: number;
  readonly pieces: readonly DemoPiece[];
  /** This pupil's most frequent way of missing. */
  readonly usual: Miss;
}

function practiceOfDay(chance: Seeded, { week, pieces, usual }: Week): readonly LogWhat[] {
  const [one, ...others] = pieces;
  if (!one) return [];
  const items = [one, ...others.filter(() => chance.next() < 0.7)];
  const tries = items.flatMap(({ id, title, tempo, hard }) => {
    const share = Math.min(1, 0.55 + week * 0.06 + chance.next() * 0.05);
    return Array.from({ length: chance.whole(6, 12) }, (): LogWhat => {
      const good = chance.next() < 0.5 + week * 0.045;
      const other = chance.one<Miss>(['flat', 'sharp', 'late', 'wrong-finger', 'noise']);
      const miss = good ? null : chance.next() < 0.6 ? usual : other;
      // Misses fall mostly at the same two places: the pupil points at them most of the time.
      const at = miss !== null && chance.next() < 0.75 ? { note: chance.one(hard) } : {};
      return { kind: 'attempt', practised: { piece: id, title, part: { part: 'whole' } }, tempo: Math.round(tempo * share), miss, ...at };
    });
  });
  return [...tries, { kind: 'end-check', aim: chance.one(AIMS), reached: chance.next() < 0.4 + week * 0.06 }];
}
