import { handMoves, inThumbPosition, isShift, type Placement, rankOf, soundingIn, type StringStop } from '#core/hand/placement';
import { type Instrument, stringOf } from '#core/instrument';
import { EASY_SPEED_MM_PER_SECOND, type PerFinger, type TermSink, type Weights } from '#core/weights';
import { atHome, isOpen, positionWeight } from './positions.ts';
import { reachTermsBetween } from './reach-terms.ts';
import type { CostSetting, Gap, Step } from './setting.ts';

/** Lists the costs of going from one placement to the next: the one formula for totals and explanations. */
export function termsOfStep(setting: CostSetting, step: Step, add: TermSink): void {
  const { from, to } = step;
  const melody = Math.sign(soundOf(setting.instrument, to) - soundOf(setting.instrument, from));
  crossingTerms(setting.weights, step, melody, add);
  const broken = octaveBreaks(step);
  if (broken > 0) add('octave-hand', setting.weights.octaveHand * broken);
  if (isOpen(to)) return;
  const share = shareOfOpenInThirds(step);
  if (share > 0) add('open-string', setting.weights.openInThirds * share);
  if (!isShift(from, to)) return stayingTerms(setting, step, melody, add);
  shiftTerms(setting, step, melody, add);
  add('position', positionWeight(setting, to));
}

/** Counts how often a step leaves the hand that plays an octave or a row of octaves. */
export function octaveBreaks({ from, to, gap }: Step): number {
  return (gap.octave && !holdsOctave(from, to) ? 1 : 0) + (gap.octaveRow ? frameBreaks(from, to) : 0);
}

/**
 * Tells whether one hand holds an octave. Broken octaves are 1 and 4, thumb and 3, or an open string and 3; on the necks of cello and bass
 * they skip a string.
 */
function holdsOctave(from: Placement, to: Placement): boolean {
  if (isOpen(from) || isOpen(to)) return from.letterPosition === null || from.finger === '3' || to.finger === '3';
  if (isShift(from, to) || from.stringIndex === to.stringIndex) return false;
  const fingers = [from.finger, to.finger].toSorted().join('');
  if (inThumbPosition(from)) return fingers === '3T';
  return from.letterPosition === null ? Math.abs(from.stringIndex - to.stringIndex) === 2 : fingers === '14';
}

/**
 * Counts how often octaves and tenths in a row change strings or fingers, or fall back to open strings. First octaves, an open string and
 * one finger on the next, are one hand on every pair of strings.
 */
function frameBreaks(from: Placement, to: Placement): number {
  if (from.upper === null || to.upper === null) return 0;
  const opens = to.finger === '0';
  const leavesOpen = from.finger === '0';
  if (opens && leavesOpen && !isShift(from, to)) return 0;
  return (opens ? 1 : 0) + (keepsPair(from, to, opens || leavesOpen) ? 0 : 1);
}

/** Tells whether two double stops lie on the same strings under the same fingers; an open string has no finger to keep. */
function keepsPair(from: Placement, to: Placement, anyFingers: boolean): boolean {
  return from.stringIndex === to.stringIndex && (anyFingers || pairOf(from) === pairOf(to));
}

/**
 * Gives the share of its price that an open upper string pays in a row of thirds. It belongs to first position, and to a hand that stands
 * there already: a step that shifts to one breaks the row and pays the whole price, and one that leaves the hand above first position
 * beside it pays more. Any other pays nothing.
 */
function shareOfOpenInThirds({ from, to, gap }: Step): number {
  if (!gap.thirds || !hasOpen(to) || hasOpen(from)) return 0;
  if (!atHome(to)) return SHARE_ABOVE_FIRST;
  return isShift(from, to) ? 1 : 0;
}

/** The factor by which an open string above first position costs more than one to which the hand shifts. */
const SHARE_ABOVE_FIRST = 1.25;

function hasOpen({ finger, upper }: Placement): boolean {
  return finger === '0' || upper?.finger === '0';
}

/** Gives the fingers of a double stop; fingered octaves take 1 and 3, 2 and 4 in turn. */
function pairOf({ finger, upper }: Placement): string {
  const fingers = [finger, upper?.finger ?? ''].toSorted().join('');
  return fingers === '24' ? '13' : fingers;
}

/** Lists the costs of a crossing; `melody` is 1 for upward, −1 for downward, 0 for the same pitch. */
function crossingTerms(weights: Weights, { from, to, gap }: Step, melody: number, add: TermSink): void {
  const strings = stringsBetween(from, to);
  if (strings === 0) return;
  const share = rocksOnOpen(from, to, gap) ? weights.rockingShare : 1;
  add('crossing', weights.crossing * share);
  if (share < 1) return;
  if (to.finger === '4' && !atHome(to)) add('crossing-onto-fourth', weights.crossingOntoFourth);
  if (gap.slurred) add('crossing-in-slur', weights.crossingInSlur);
  if (strings > 1) add('string-skipped', weights.stringSkipped * (strings - 1));
  if (melody * (from.stringIndex - to.stringIndex) < 0) add('crossing-against-melody', weights.crossingAgainstMelody);
}

/**
 * Counts the strings that the bow crosses, between the nearest strings of double stops; where two of them share one, the bow still changes
 * its level. It leaves a chord on its two upper strings and comes to one on its two lower.
 */
function stringsBetween(from: Placement, to: Placement): number {
  if (from.upper === null && to.upper === null) return Math.abs(to.stringIndex - from.stringIndex);
  const [left, taken] = [stringsOf(from.top ? [from.upper, from.top] : [from, from.upper]), stringsOf([to, to.upper])];
  if (left.lowest === taken.lowest && left.highest === taken.highest) return 0;
  const apart = Math.max(0, taken.highest - left.lowest, left.highest - taken.lowest);
  return from.upper && to.upper ? Math.max(1, apart) : apart;
}

/** Gives the lowest and the highest string of some stops; the lowest has the highest index. */
function stringsOf(stops: readonly (StringStop | null)[]): { readonly lowest: number; readonly highest: number } {
  const indexes = stops.flatMap((stop) => (stop ? [stop.stringIndex] : []));
  return { lowest: Math.max(...indexes), highest: Math.min(...indexes) };
}

/** Tells whether the bow rocks between a ringing open string and its neighbour, which is one motion and the purpose of the figure. */
function rocksOnOpen(from: Placement, to: Placement, { rocks }: Gap): boolean {
  return rocks && (from.finger === '0' || to.finger === '0');
}

/** A move of the hand, as far as its costs need it. */
interface Move {
  /** The semitones of the first finger, upward positive. */
  readonly semitones: number;
  /** The distance that the hand moves, mm. */
  readonly travelMm: number;
  /** The share of the shift that is left while an open string sounds or a rest gives time. */
  readonly share: number;
}

function shiftTerms(setting: CostSetting, step: Step, melody: number, add: TermSink): void {
  const { from, to, gap } = step;
  const { weights } = setting;
  const move = moveBetween(setting, step);
  const { semitones, travelMm, share } = move;
  if (inThumbPosition(from) !== inThumbPosition(to)) add('thumb-entry', weights.thumbEntry * share);
  const near = nearness(weights, step, semitones);
  add('shift', weights.shift * near * share);
  // The length of the way, mm: while an open string sounds nobody hears the hand move, but the way stays as long.
  const longMm = Math.max(0, travelMm - LONG_SHIFT_SHARE * setting.instrument.stringLengthMm);
  add('shift-travel', (weights.shiftPerMm * travelMm + weights.longShiftPerMm * longMm) * near * (isOpen(from) ? 1 : share));
  shiftFingerTerms(weights, step, move, add);
  if (from.stringIndex !== to.stringIndex) {
    add('crossing-while-shifting', weights.shiftCrossing * share * Math.min(1, Math.abs(semitones) / 3));
  }
  const isHeard = from.stringIndex === to.stringIndex;
  if (isHeard && melody * semitones < 0 && !gap.octaveRow) add('shift-against-melody', weights.shiftAgainstMelody * share);
  fingersLeftTerms(weights, step, melody, add);
  momentTerms(weights, move, gap, add);
}

/** The fingers with which a hand begins and ends a run that goes up: 1 2 3 in semitones on the neck of a cello, 3-1 4-2 in thirds. */
const [SEMITONES, THIRDS] = [
  { first: 1, last: 3 },
  { first: 3, last: 4 },
] as const;

/**
 * Lists the costs of a shift that does not use a hand up, in a run of semitones along a string or in a row of thirds: going up it is left with
 * its last finger and the next one begins with its first, and coming down the other way round.
 */
function fingersLeftTerms({ fingersLeft, thirdsLeft }: Weights, { from, to, gap }: Step, melody: number, add: TermSink): void {
  const isRun = gap.semitones && from.stringIndex === to.stringIndex;
  if (!isRun && !gap.thirds) return;
  const unused = countUnused(isRun ? SEMITONES : THIRDS, { from, to }, melody);
  if (unused > 0) add('fingers-left', (isRun ? fingersLeft : thirdsLeft) * unused);
}

/** Counts the hands of a shift with the melody that are not used up: the one that is left, and the one that comes. */
function countUnused(
  { first, last }: { readonly first: number; readonly last: number },
  { from, to }: Pick<Step, 'from' | 'to'>,
  melody: number,
): number {
  const [leaving, arriving] = [rankOf(from.finger), rankOf(to.finger)];
  if (!leaving || !arriving || melody * handMoves(from, to) <= 0) return 0;
  const [leavesWith, comesWith] = melody > 0 ? [last, first] : [first, last];
  return Number(leaving !== leavesWith) + Number(arriving !== comesWith);
}

function moveBetween({ weights, placesMm }: CostSetting, { from, to, gap }: Step): Move {
  const semitones = handMoves(from, to);
  const travelMm = Math.abs((placesMm[to.firstFinger] ?? 0) - (placesMm[from.firstFinger] ?? 0));
  return { semitones, travelMm, share: (isOpen(from) ? weights.openShiftShare : 1) * (gap.rest ? weights.restShiftShare : 1) };
}

/** Lists the costs of when the hand must move, and how fast. */
function momentTerms(weights: Weights, { travelMm, share }: Move, gap: Gap, add: TermSink): void {
  if (gap.slurred) add('shift-under-slur', weights.shiftUnderSlur * share);
  if (gap.seconds !== null) add('shift-haste', weights.shiftHaste * share * Math.max(0, travelMm / gap.seconds - EASY_SPEED_MM_PER_SECOND));
}

/**
 * Gives the share of a shift that a near move costs, 0 to 1: one finger moving a semitone hardly disturbs the hand, and an octave that moves
 * a step keeps its frame.
 */
function nearness(weights: Weights, { from, to, gap }: Step, semitones: number): number {
  if (gap.octaveRow && Math.abs(semitones) <= OCTAVE_STEP) return weights.octaveStepShare;
  if (Math.abs(semitones) !== 1) return 1;
  return carries(from, to) ? weights.semitoneShiftShare : weights.semitoneMoveShare;
}

/** The share of the string's length from which a shift is long: about a fifth. */
const LONG_SHIFT_SHARE = 0.25;

/** The step of an octave that keeps its frame: a tone, semitones. */
const OCTAVE_STEP = 2;

/** Tells whether one finger on one string moves a semitone with the hand. */
function carries(from: Placement, to: Placement): boolean {
  if (from.stringIndex !== to.stringIndex || from.finger !== to.finger || from.finger === '0') return false;
  return Math.abs(to.semitonesAboveOpen - from.semitonesAboveOpen) === 1;
}

/**
 * Lists the costs of the finger that leaves, the finger that arrives, and the hand that opens for it. Between double stops the lower finger
 * leads, on the lower string in octaves and on the upper in thirds; from or to a single note the one on the lower string, or the other
 * where that is open.
 */
function shiftFingerTerms(weights: Weights, { from, to }: Step, { semitones, share }: Move, add: TermSink): void {
  if (isExtended(from) || isExtended(to)) add('shape-change', weights.opening * weights.openingShiftShare * share);
  const isRow = from.upper !== null && to.upper !== null;
  const [leaving, arriving] = [leadingRank(from, isRow), leadingRank(to, isRow)];
  if (arriving === null) return;
  if (leaving === arriving) return add('same-finger-shift', at(weights.sameFingerShift, arriving) * share);
  const up = semitones > 0;
  if (leaving !== null) add('leaving', at(up ? weights.leavingUp : weights.leavingDown, leaving) * share);
  add('arriving', at(up ? weights.arrivingUp : weights.arrivingDown, arriving) * share);
}

type Rank = 0 | 1 | 2 | 3 | 4;

function at(values: PerFinger, rank: Rank): number {
  return values[rank];
}

function leadingRank({ finger, upper }: Placement, isRow: boolean): Rank | null {
  const [low, high] = [rankOf(finger), upper ? rankOf(upper.finger) : null];
  return low === null || (isRow && high !== null && high < low) ? high : low;
}

/** Lists the costs between two notes when the hand does not shift; a hand that hovered has none of them. */
function stayingTerms(setting: CostSetting, step: Step, melody: number, add: TermSink): void {
  const { weights, instrument } = setting;
  const { from, to } = step;
  if (isOpen(from)) return;
  if (from.stance !== to.stance) add('respelling', weights.respelling);
  const crept = Math.abs(to.raised - from.raised);
  if (crept > 0) add('creeping', weights.creeping * crept);
  handShapeTerms(weights, from, to, add);
  reachTermsBetween(setting, step, add);
  for (const before of soundingIn(from)) for (const after of soundingIn(to)) fingerTerms(weights, { before, after, gap: step.gap }, add);
  if (from.upper === null && to.upper === null) fingerChangeTerms({ weights, instrument }, { from, to }, melody, add);
}

/** Lists the costs of another finger after one, in a hand that stays: against its order, or on the same sound. */
function fingerChangeTerms(
  { weights, instrument }: Pick<CostSetting, 'weights' | 'instrument'>,
  { from, to }: Pick<Step, 'from' | 'to'>,
  melody: number,
  add: TermSink,
): void {
  const [before, after] = [rankOf(from.finger), rankOf(to.finger)];
  if (before === null || after === null || before === after) return;
  if (from.stringIndex === to.stringIndex && melody * (after - before) < 0) add('finger-order', weights.fingerOrder);
  if (soundOf(instrument, from) === soundOf(instrument, to)) add('substitution', weights.substitution);
}

/** A finger that stands, and one that is set next. */
interface Follows {
  readonly before: StringStop;
  readonly after: StringStop;
  readonly gap: Gap;
}

/**
 * Lists the costs of one finger used twice: along its string it slides, to the neighbouring one it jumps. To another letter, outside a run
 * of semitones, it takes the hand along, which costs as much as a shift of a semitone.
 */
function fingerTerms(weights: Weights, { before, after, gap }: Follows, add: TermSink): void {
  if (before.finger !== after.finger || before.finger === '0') return;
  const semitones = Math.abs(after.semitonesAboveOpen - before.semitonesAboveOpen);
  const strings = Math.abs(before.stringIndex - after.stringIndex);
  if (strings === 0) {
    const leavesLetter = !gap.semitones && semitones > 0 && before.letterSteps !== after.letterSteps;
    add('slide', Math.max(weights.slide * semitones, leavesLetter ? weights.shift * weights.semitoneShiftShare : 0));
  }
  if (strings === 1) add('same-finger-neighbour', semitones === 0 ? weights.neighbourLevel : weights.neighbourElsewhere);
}

/** Gives the share of closing: a hand that has opened forward falls shut; a first finger that has reached back has to come home. */
function closingShare(weights: Weights, from: Placement, to: Placement): number {
  return from.block !== null && from.anchor !== to.anchor ? 1 : weights.closingShare;
}

/** Lists the costs of opening: opening forward, and rolling, leave the first finger where it is; reaching back leaves the others. */
function handShapeTerms(weights: Weights, from: Placement, to: Placement, add: TermSink): void {
  if (from.shape === to.shape || !(isExtended(from) || isExtended(to))) return;
  const closing = isExtended(from) && !isExtended(to) ? closingShare(weights, from, to) : 1;
  const forward = from.shape !== 'reached-back' && to.shape !== 'reached-back';
  const stays = (placement: Placement): boolean => (placement.finger === '1') === forward;
  add('shape-change', weights.opening * closing * (stays(from) || stays(to) ? 1 : weights.openingIdleShare));
}

function isExtended({ shape }: Placement): boolean {
  return shape === 'reached-back' || shape === 'reached-forward' || shape === 'pivoted';
}

function soundOf(instrument: Instrument, placement: Placement): number {
  return stringOf(instrument, placement.stringIndex).semitones + placement.soundsAboveOpen;
}
