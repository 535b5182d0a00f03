import { waysOf } from '#core/brief';
import { answerOf, type Ways } from '#core/brief/parts/school';
import { travelShare } from '#core/fit';
import type { Finger } from '#core/hand/placement';
import { type InstrumentKind, STRING_NUMBERS } from '#core/instrument';
import type { InBetweenNote, Plan, PlannedSound, Shift } from '#core/plan/describe';
import type { Way } from '#core/drill/hot-spots';

/** A part of the body in a shift: one of four on the left side, or the bow. */
export type HandsLane = 'fingers' | 'hand' | 'thumb' | 'arm' | 'bow';

/**
 * The acts of the left thumb. On violin and viola it goes with the first finger, a little ahead coming down, and stays at the neck joint
 * above about fifth position, where the hand meets it again; on cello and bass it stays behind the second finger, leaves the neck near the
 * body, comes up over the rim to be set on the string, and goes back behind the neck.
 */
export type ThumbAct =
  | 'with-first-finger'
  | 'a-little-ahead'
  | 'stays-at-joint'
  | 'met-at-joint'
  | 'behind-second-finger'
  | 'leaves-neck-first'
  | 'comes-over-rim'
  | 'stays-on-string'
  | 'goes-behind-neck';

/** The acts of the left elbow and arm, which depend on the instrument, the direction and the string. */
export type ArmAct =
  | 'elbow-in'
  | 'elbow-out'
  | 'elbow-still'
  | 'elbow-stays-up'
  | 'elbow-rises-forward'
  | 'elbow-stays-forward'
  | 'elbow-goes-back'
  | 'over-shoulder'
  | 'stays-over-shoulder'
  | 'back-from-shoulder';

/** The acts of the bow: with the new finger, ahead of the slide, on in one bow, through an open string, or lifted in a rest. */
export type BowAct = 'changes-on-arrival' | 'changes-before' | 'goes-on' | 'sounds-open-string' | 'waits';

/** An act of one part of the body. */
export type HandsAct =
  | { readonly lane: 'fingers'; readonly what: 'lightens' | 'is-set' | 'takes-weight'; readonly finger: Finger }
  | { readonly lane: 'fingers'; readonly what: 'passes'; readonly note: InBetweenNote }
  | { readonly lane: 'hand'; readonly what: 'travels'; readonly way: Way; readonly speed: 'even' | 'slowing' | 'both' }
  | { readonly lane: 'thumb'; readonly what: ThumbAct }
  | { readonly lane: 'arm'; readonly what: ArmAct }
  | { readonly lane: 'bow'; readonly what: BowAct };

/**
 * An act and the time at which it is done: 0 is the beginning of the note that is left, 1 the arrival; what follows the arrival is above 1.
 */
export type HandsEvent = HandsAct & {
  /** The time at which it begins. */
  readonly from: number;
  /** The time at which it ends. */
  readonly to: number;
};

/** The time until the weight is back on the new finger, in lengths of the note that is left. */
const AFTER = 0.15;

/** The lead of a thumb or an elbow that goes ahead, as a share of the note that is left. */
const AHEAD = 0.06;

/**
 * Lists the acts of both hands in a shift, on one time axis: the finger lightens, hand and thumb travel together, the in-between note is
 * passed, the new finger is set with the bow change, the weight comes back. Where teachers differ, the answers of the brief decide.
 */
export function handsIn(plan: Plan, shift: Shift): readonly HandsEvent[] {
  const [from, to] = [plan.notes[shift.from], plan.notes[shift.to]];
  if (from?.kind !== 'note' || to?.kind !== 'note') return [];
  const setsOut = 1 - travelShare(shift.seconds);
  const moment: Moment = {
    kind: plan.brief.instrument.kind,
    ways: waysOf(plan.brief),
    shift,
    way: shift.handSemitones > 0 ? 'up' : 'down',
    from,
    to,
    setsOut,
  };
  return [...fingers(moment), travel(moment), ...thumb(moment), arm(moment), bow(moment)];
}

interface Moment {
  readonly kind: InstrumentKind;
  readonly ways: Ways;
  readonly shift: Shift;
  readonly way: Way;
  readonly from: PlannedSound;
  readonly to: PlannedSound;
  /** Gives the time at which the hand begins to travel. */
  readonly setsOut: number;
}

function fingers({ shift, setsOut }: Moment): readonly HandsEvent[] {
  const [guide] = shift.guides;
  const half = (setsOut + 1) / 2;
  const passed = guide?.inBetween;
  // A new finger that leads slides into its note all the way; an old one reaches the in-between note at the end of its way.
  const from = guide?.kind === 'new-finger' ? setsOut : half;
  return [
    { lane: 'fingers', what: 'lightens', finger: shift.fromFinger, from: Math.max(0, setsOut - AFTER), to: setsOut },
    ...(passed ? [{ lane: 'fingers', what: 'passes', note: passed, from, to: 1 } as const] : []),
    { lane: 'fingers', what: 'is-set', finger: shift.toFinger, from: 1, to: 1 + AFTER / 3 },
    { lane: 'fingers', what: 'takes-weight', finger: shift.toFinger, from: 1 + AFTER / 3, to: 1 + AFTER },
  ];
}

function travel({ ways, way, setsOut }: Moment): HandsEvent {
  return { lane: 'hand', what: 'travels', way, speed: answerOf(ways, 'slideSpeed'), from: setsOut, to: 1 };
}

function thumb(moment: Moment): readonly HandsEvent[] {
  return moment.kind === 'violin' || moment.kind === 'viola' ? thumbOfUpper(moment) : thumbOfLower(moment);
}

/**
 * The place of finger 1 above which the thumb stays where the neck meets the body (about fifth position of violin and viola), semitones
 * above the open string.
 */
const NECK_JOINT = 9;

function thumbOfUpper({ ways, way, from, to, setsOut }: Moment): readonly HandsEvent[] {
  const [leftHigh, reachedHigh] = [from, to].map(({ anchor }) => anchor > NECK_JOINT);
  const half = (setsOut + 1) / 2;
  const goes = (start: number, end: number): HandsEvent =>
    way === 'down' && answerOf(ways, 'thumbViolin') !== 'with'
      ? { lane: 'thumb', what: 'a-little-ahead', from: start - AHEAD, to: end - AHEAD }
      : { lane: 'thumb', what: 'with-first-finger', from: start, to: end };
  if (leftHigh && reachedHigh) return [{ lane: 'thumb', what: 'stays-at-joint', from: setsOut, to: 1 }];
  if (reachedHigh) return [goes(setsOut, half), { lane: 'thumb', what: 'stays-at-joint', from: half, to: 1 }];
  if (leftHigh) return [{ lane: 'thumb', what: 'met-at-joint', from: setsOut, to: half }, goes(half, 1)];
  return [goes(setsOut, 1)];
}

/** The place of finger 1 near the body of cello and bass from which the thumb can leave the neck, semitones above the open string. */
const NEAR_BODY = 7;

function thumbOfLower({ ways, from, to, setsOut }: Moment): readonly HandsEvent[] {
  const [leftThumb, reachedThumb] = [from, to].map(isOnThumb);
  if (leftThumb && reachedThumb) return [{ lane: 'thumb', what: 'stays-on-string', from: setsOut, to: 1 }];
  if (reachedThumb) return [{ lane: 'thumb', what: 'comes-over-rim', from: setsOut - AHEAD, to: 1 }];
  if (leftThumb) return [{ lane: 'thumb', what: 'goes-behind-neck', from: setsOut, to: 1 }];
  const isNear = Math.max(from.anchor, to.anchor) > NEAR_BODY;
  return isNear && answerOf(ways, 'thumbCello') === 'ahead'
    ? [{ lane: 'thumb', what: 'leaves-neck-first', from: setsOut - AHEAD, to: 1 - AHEAD }]
    : [{ lane: 'thumb', what: 'behind-second-finger', from: setsOut, to: 1 }];
}

function arm(moment: Moment): HandsEvent {
  const { ways, kind, setsOut } = moment;
  const goesAhead = (kind === 'cello' || kind === 'bass') && answerOf(ways, 'elbow') === 'elbow';
  return { lane: 'arm', what: armAct(moment), from: goesAhead ? setsOut - AHEAD : setsOut, to: 1 };
}

function armAct(moment: Moment): ArmAct {
  const { kind, from, to } = moment;
  if (kind === 'violin' || kind === 'viola') return elbowOfUpper(moment);
  const { neck, onto, on, off } = LOWER_ARM[kind];
  if (isOnThumb(from)) return isOnThumb(to) ? on : off;
  return isOnThumb(to) ? onto : neck;
}

/** The acts of the left arm on cello and bass: along the neck, onto the thumb, with the thumb on the string, and back off it. */
const LOWER_ARM = {
  cello: { neck: 'elbow-stays-up', onto: 'elbow-rises-forward', on: 'elbow-stays-forward', off: 'elbow-goes-back' },
  bass: { neck: 'elbow-stays-up', onto: 'over-shoulder', on: 'stays-over-shoulder', off: 'back-from-shoulder' },
} as const satisfies Partial<Record<InstrumentKind, Readonly<Record<'neck' | 'onto' | 'on' | 'off', ArmAct>>>>;

/**
 * Going up and going onto a lower string both bring the elbow in, under the instrument; where only one of them asks for it, it hardly
 * moves.
 */
function elbowOfUpper({ way, shift }: Moment): ArmAct {
  const crossing = STRING_NUMBERS.indexOf(shift.toString) - STRING_NUMBERS.indexOf(shift.fromString);
  const inward = (way === 'up' ? 1 : -1) + Math.sign(crossing);
  if (inward === 0) return 'elbow-still';
  return inward > 0 ? 'elbow-in' : 'elbow-out';
}

function bow({ shift, setsOut }: Moment): HandsEvent {
  if (shift.throughRest) return { lane: 'bow', what: 'waits', from: setsOut, to: 1 };
  if (shift.throughOpenString) return { lane: 'bow', what: 'sounds-open-string', from: setsOut, to: 1 };
  if (shift.underSlur) return { lane: 'bow', what: 'goes-on', from: 0, to: 1 + AFTER };
  return shift.guides[0]?.kind === 'new-finger'
    ? { lane: 'bow', what: 'changes-before', from: Math.max(0, setsOut - AHEAD), to: setsOut }
    : { lane: 'bow', what: 'changes-on-arrival', from: 1, to: 1 + AFTER / 3 };
}

function isOnThumb({ position }: PlannedSound): boolean {
  return position.label === 'thumb';
}
