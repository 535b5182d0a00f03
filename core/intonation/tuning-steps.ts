import { HARMONIC_NODES, type Instrument, type OpenString, stringOf } from '#core/instrument';
import { semitonesOf } from '#core/pitch';
import { beatsHz, pureRatio, type Ratio } from './ratio.ts';
import { openStringHz } from './target.ts';

/** The harmonics of two neighbouring strings that should sound alike, and the places at which each is touched, mm from the nut. */
export interface MatchingHarmonics {
  /** The partial of the string that is tuned. */
  readonly ownPartial: number;
  /** The place at which it is touched, mm from the nut. */
  readonly ownMm: number;
  /** The partial of the string it is tuned with. */
  readonly againstPartial: number;
  /** The place at which that one is touched, mm from the nut. */
  readonly againstMm: number;
}

/** One string to tune. */
export interface TuningStep {
  /** The index of the string that is tuned: 0 for string I. */
  readonly stringIndex: number;
  /** The frequency it should have, Hz. */
  readonly targetHz: number;
  /** The string it is tuned against, tuned before it; null for the first, which takes the reference. */
  readonly against: number | null;
  /** The interval to hear between the two; null where it is no small ratio, and only the tuner helps. */
  readonly ratio: Ratio | null;
  /** The beats a second that remain when both are right: 0 for pure fifths and fourths, a few for equal ones. */
  readonly beatsWhenRight: number;
  /** The harmonics that may be compared instead, on cello and double bass. */
  readonly harmonics: MatchingHarmonics | null;
}

/** Lists the strings in the order in which players tune: the A first, then outward string by string, the lower ones before the higher. */
export function tuningSteps(instrument: Instrument): readonly TuningStep[] {
  const first = startingString(instrument);
  const indexes = instrument.strings.map((_, index) => index);
  const lower = indexes.filter((index) => index > first);
  const higher = indexes.filter((index) => index < first).toReversed();
  return [
    { stringIndex: first, targetHz: hzOf(instrument, first), against: null, ratio: null, beatsWhenRight: 0, harmonics: null },
    ...lower.map((index) => stepAgainst(instrument, index, index - 1)),
    ...higher.map((index) => stepAgainst(instrument, index, index + 1)),
  ];
}

/** Finds an A string where there is one, else the highest string. */
function startingString({ strings }: Instrument): number {
  const a = strings.findIndex(({ open }) => open.letter === 5 && open.alteration === 0);
  return Math.max(0, a);
}

function stepAgainst(instrument: Instrument, stringIndex: number, against: number): TuningStep {
  const own = stringOf(instrument, stringIndex);
  const other = stringOf(instrument, against);
  const ratio = pureRatio(own.open, other.open);
  const targetHz = hzOf(instrument, stringIndex);
  return {
    stringIndex,
    targetHz,
    against,
    ratio,
    beatsWhenRight: ratio ? beatsHz(ratio, targetHz, hzOf(instrument, against)) : 0,
    harmonics: ratio && (instrument.kind === 'cello' || instrument.kind === 'bass') ? matching(instrument, own, other, ratio) : null,
  };
}

/** Finds the harmonics that match: the p-th partial of the lower string is the q-th of the higher one (p : q their ratio). */
function matching(instrument: Instrument, own: OpenString, other: OpenString, { p, q }: Ratio): MatchingHarmonics | null {
  const ownIsLower = semitonesOf(own.open) < semitonesOf(other.open);
  const [ownPartial, againstPartial] = ownIsLower ? [p, q] : [q, p];
  const touchedMm = (partial: number): number | null => {
    const node = HARMONIC_NODES.find((node) => node.partial === partial);
    return node ? instrument.stringLengthMm * node.share : null;
  };
  const [ownMm, againstMm] = [touchedMm(ownPartial), touchedMm(againstPartial)];
  return ownMm === null || againstMm === null ? null : { ownPartial, ownMm, againstPartial, againstMm };
}

function hzOf(instrument: Instrument, index: number): number {
  return openStringHz(instrument, stringOf(instrument, index));
}
