import type { Plan, PlannedSound, Shift } from '#core/plan/describe';
import type { HotSpotKind, KnownOfPlayer, Place, SpotGround } from './hot-spot.ts';
import { isAboveFirst, soundAt } from './places.ts';

/** The points of each kind of place by itself, before anything is known of this one. The figures are our own estimate. */
const KIND_POINTS: Readonly<Record<HotSpotKind, number>> = {
  shift: 40,
  'augmented-second': 30,
  'one-finger-semitone': 22,
  top: 18,
  block: 14,
  extension: 15,
  crossing: 16,
  diagonal: 12,
};

/** The points for each further difficulty. The figures are our own estimate. */
const POINTS = {
  travelASemitone: 2,
  otherString: 6,
  ontoFourth: 5,
  firstToFourth: 15,
  losesFirst: 5,
  comingDown: 4,
  heard: 6,
  aboveFirst: 5,
  tritone: 6,
  eachFingerTogether: 2,
  newPosition: 10,
  /** The points for all of the largest span; none up to `COMFORTABLE`. */
  reach: 30,
  /** The points where every try missed. */
  missed: 40,
} as const;

/** The speed above which a shift is felt, mm per second; every `SPEED_STEP` more is a point, up to `MOST_FOR_SPEED`. */
const FELT_SPEED = 150;
const SPEED_STEP = 20;
const MOST_FOR_SPEED = 20;

/** The share of its largest span up to which a hand is comfortable. */
const COMFORTABLE = 0.85;

/** The interval of a tritone, semitones. */
const TRITONE = 6;

/** Lists everything that makes a place hard for this player, the weightiest first. */
export function groundsOf(plan: Plan, place: Place, known: KnownOfPlayer): readonly SpotGround[] {
  const sound = soundAt(plan, place.note);
  if (!sound) return [];
  const grounds: readonly SpotGround[] = [
    { what: place.kind, points: KIND_POINTS[place.kind] },
    ...OWN_GROUNDS[place.kind](plan, place, sound),
    ...playersGrounds(place, sound, known),
  ];
  return grounds.filter(({ points }) => points > 0).toSorted((one, other) => other.points - one.points);
}

/** The further difficulties of each kind of place. */
const OWN_GROUNDS: Readonly<Record<HotSpotKind, (plan: Plan, place: Place, sound: PlannedSound) => readonly SpotGround[]>> = {
  shift: (plan, { note }) => plan.shifts.filter(({ to }) => to === note).flatMap((shift) => shiftGrounds(plan, shift)),
  crossing: landingGrounds,
  block: (_, place, sound) => [...ontoFourth(sound), togetherGround(place)],
  extension: (_, __, sound) => [...reachGrounds(sound), ...aboveFirst(sound)],
  'augmented-second': (_, __, sound) => aboveFirst(sound),
  'one-finger-semitone': (_, __, sound) => aboveFirst(sound),
  diagonal: (_, __, { diagonal }) => (diagonal?.apart === TRITONE ? [{ what: 'tritone', points: POINTS.tritone }] : []),
  top: (_, __, sound) => [...ontoFourth(sound), ...reachGrounds(sound)],
};

function shiftGrounds({ brief }: Plan, shift: Shift): readonly SpotGround[] {
  const semitones = Math.abs(shift.handSemitones);
  const mmPerSecond = shift.seconds === null || shift.seconds === 0 ? 0 : shift.handMm / shift.seconds;
  const fast = Math.min(MOST_FOR_SPEED, Math.max(0, (mmPerSecond - FELT_SPEED) / SPEED_STEP));
  const heard = shift.underSlur && brief.purpose === 'performance';
  return [
    { what: 'travel', semitones, mm: shift.handMm, points: semitones * POINTS.travelASemitone },
    { what: 'speed', mmPerSecond, points: fast },
    { what: 'other-string', points: shift.fromString === shift.toString ? 0 : POINTS.otherString },
    { what: 'onto-fourth', points: shift.toFinger === '4' ? POINTS.ontoFourth : 0 },
    { what: 'loses-first', points: shift.losesFirst ? POINTS.losesFirst : 0 },
    { what: 'coming-down', points: shift.handSemitones < 0 ? POINTS.comingDown : 0 },
    { what: 'heard', points: heard ? POINTS.heard : 0 },
  ];
}

/** Finds the difficulties in how the fingers come onto the string of a place. */
function landingGrounds(plan: Plan, { loop, way }: Place, sound: PlannedSound): readonly SpotGround[] {
  const before = soundAt(plan, loop[0] ?? -1);
  const firstToFourth = way === 'down' && before?.stops[0].finger === '1' && sound.stops[0].finger === '4' && isAboveFirst(sound);
  return firstToFourth ? [{ what: 'first-to-fourth', points: POINTS.firstToFourth }] : ontoFourth(sound);
}

function ontoFourth({ stops }: PlannedSound): readonly SpotGround[] {
  return stops[0].finger === '4' ? [{ what: 'onto-fourth', points: POINTS.ontoFourth }] : [];
}

function togetherGround({ loop }: Place): SpotGround {
  const fingers = loop.length - 1;
  return { what: 'fingers-together', fingers, points: fingers * POINTS.eachFingerTogether };
}

/** Finds the difficulties of reach; a hand that is not measured has none. */
function reachGrounds({ reach }: PlannedSound): readonly SpotGround[] {
  const share = reach?.judged?.shareOfLargest ?? 0;
  const beyond = Math.max(0, share - COMFORTABLE) / (1 - COMFORTABLE);
  return [{ what: 'reach', share, points: Math.min(1, beyond) * POINTS.reach }];
}

function aboveFirst(sound: PlannedSound): readonly SpotGround[] {
  return isAboveFirst(sound) ? [{ what: 'above-first', points: POINTS.aboveFirst }] : [];
}

/** Finds the difficulties for this player alone. */
function playersGrounds({ kind, way }: Place, sound: PlannedSound, { positions, tried }: KnownOfPlayer): readonly SpotGround[] {
  const { label } = sound.position;
  const isNew = positions !== null && !positions.includes(label);
  const record = tried.find((attempt) => attempt.kind === kind && attempt.way === way);
  return [
    { what: 'new-position', label, points: isNew ? POINTS.newPosition : 0 },
    { what: 'missed', share: record?.missedShare ?? 0, points: (record?.missedShare ?? 0) * POINTS.missed },
  ];
}
