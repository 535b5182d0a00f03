import { lowestCrowded, type PlayerHand, reachFor, type ReachVerdict, readPlayerHand, verdictOf } from '#core/hand/reach';
import { type Instrument, readInstrument } from '#core/instrument';
import { semitoneSpaceMm } from '#core/instrument/geometry';
import type { Plan, Stay } from '#core/plan/describe';
import { instrumentOf } from '#core/fit/intoned';

/** The demands of one stay of a plan on a hand on an instrument. */
export interface StayFit {
  /** The stay of the plan that is measured. */
  readonly stay: Stay;
  /** The widest reach the stay asks for, mm. */
  readonly needMm: number;
  /** The comfortable span with which it is compared, mm. */
  readonly comfortMm: number;
  /** The largest span with which it is compared, mm. */
  readonly maxMm: number;
  /** The verdict: comfortable, a stretch, or out of reach. */
  readonly verdict: ReachVerdict;
}

/** The same fingering compared with a hand and an instrument. */
export interface Fit {
  /** The stays of the plan, in order. */
  readonly stays: readonly StayFit[];
  /** The worst verdict of all notes; comfort where nothing is stopped. */
  readonly verdict: ReachVerdict;
  /** The line indexes of the notes beyond comfort, and beyond the largest span. */
  readonly stretched: readonly number[];
  /** The indexes of the stays beyond the largest span. */
  readonly beyond: readonly number[];
  /** The line indexes of stopped notes where the next semitone is narrower than two fingers side by side. */
  readonly crowded: readonly number[];
}

/**
 * Gives the hand a plan was made for, in mm; an average one, marked `assumed`, where its brief measures none.
 *
 * @throws for a plan whose brief was never read, which is a bug
 */
export function handOfPlan(plan: Plan): { readonly hand: PlayerHand; readonly assumed: boolean } {
  const measurements = plan.brief.player?.hand;
  const hand = readPlayerHand(measurements ?? { preset: 'average' }, instrumentOf(plan));
  if (!hand.ok) throw new RangeError(`A plan was made for a hand that cannot be read: ${JSON.stringify(measurements)}`);
  return { hand: hand.value, assumed: measurements === undefined };
}

/** Lets a hand grow: every span is wider by the same number of mm. */
export function growHand(hand: PlayerHand, mm: number): PlayerHand {
  const wider = <Value extends PlayerHand['firstToSecond']>(span: Value): Value =>
    span === null ? span : { ...span, comfortMm: span.comfortMm + mm, maxMm: span.maxMm + mm };
  return {
    ...hand,
    firstToFourth: wider(hand.firstToFourth),
    firstToSecond: wider(hand.firstToSecond),
    thumbToThird: wider(hand.thumbToThird),
  };
}

/** Compares the fingering of a plan, finger for finger, with a hand and an instrument. */
export function fitOf(plan: Plan, hand: PlayerHand, instrument: Instrument = instrumentOf(plan)): Fit {
  const stays = plan.stays.flatMap((stay) => stayFit(plan, stay, hand, instrument));
  const verdicts = plan.notes.map((note): ReachVerdict => {
    const need = note.kind === 'note' ? note.reach?.need : undefined;
    return need ? verdictOf(reachFor(need, hand, instrument)) : 'comfort';
  });
  const those = (wanted: ReachVerdict): readonly number[] => verdicts.flatMap((verdict, index) => (verdict === wanted ? [index] : []));
  const [stretched, beyond] = [those('stretch'), those('beyond')];
  return {
    stays,
    verdict: beyond.length > 0 ? 'beyond' : stretched.length > 0 ? 'stretch' : 'comfort',
    stretched,
    beyond,
    crowded: crowdedNotes(plan, hand, instrument),
  };
}

/** Gives an instrument of a usual size, strung as the one of the plan; measurements of that one are left out. Null for an unknown size. */
export function onSize({ brief }: Plan, size: string): Instrument | null {
  const { stringLengthMm: _, outerSpacingMm: __, pressingMm: ___, ...spec } = brief.instrument;
  const instrument = readInstrument({ ...spec, size });
  return instrument.ok ? instrument.value : null;
}

function stayFit(plan: Plan, stay: Stay, hand: PlayerHand, instrument: Instrument): readonly StayFit[] {
  const reaches = plan.notes.slice(stay.from, stay.to + 1).flatMap((note) => {
    const need = note.kind === 'note' ? note.reach?.need : undefined;
    return need ? [reachFor(need, hand, instrument)] : [];
  });
  const [widest] = reaches.toSorted((one, other) => other.needMm / other.span.maxMm - one.needMm / one.span.maxMm);
  if (!widest) return [];
  const { needMm, span } = widest;
  return [{ stay, needMm, comfortMm: span.comfortMm, maxMm: span.maxMm, verdict: verdictOf(widest) }];
}

/** Finds crowded notes. Only where a neighbouring finger stands a semitone away must one give way. */
function crowdedNotes(plan: Plan, hand: PlayerHand, instrument: Instrument): readonly number[] {
  const from = lowestCrowded(instrument, hand.fingerDistanceMm);
  if (from === null) return [];
  return plan.stays.flatMap((stay) => {
    const tight = stay.patterns.flatMap((pattern) =>
      pattern.gaps.flatMap((gap, index) => {
        const place = pattern.places[index];
        const crowded =
          gap.semitones === 1 &&
          place !== undefined &&
          semitoneSpaceMm(instrument.stringLengthMm, place.semitonesAboveOpen) < hand.fingerDistanceMm;
        return crowded ? [`${pattern.string} ${gap.from}`, `${pattern.string} ${gap.to}`] : [];
      }),
    );
    return plan.notes.slice(stay.from, stay.to + 1).flatMap((note, index) => {
      const crowded = note.kind === 'note' && note.stops.some((stop) => tight.includes(`${stop.string} ${stop.finger}`));
      return crowded ? [stay.from + index] : [];
    });
  });
}
