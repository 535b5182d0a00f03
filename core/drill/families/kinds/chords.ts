import { type Placement, rankOf, type StringStop } from '#core/hand/placement';
import { reachOf } from '#core/hand/reach';
import { mmFromNut } from '#core/instrument/geometry';
import { stringOf, stringSpacingMm } from '#core/instrument';
import { formatKey, isInKey, pitchInKey } from '#core/key';
import { formatPitch, type Pitch, semitonesOf } from '#core/pitch';
import { allPlacements, type WantedNote, withinReach } from '#core/search/candidates';
import { staysInOneHand, drillBrief, type DrillFor, type DrillNote, type Written, type Ground } from '#core/drill';
import { boardOf } from '#core/drill/position';
import type { FamilyOf } from '../request.ts';
import { asAsked } from '../written.ts';

/** A chord of three notes on three neighbouring strings, in one hand. */
interface ThreeNotes {
  /** The pitches, from the lowest. */
  readonly pitches: readonly [Pitch, Pitch, Pitch];
  /** The stops, from the lowest string. */
  readonly stops: readonly [StringStop, StringStop, StringStop];
  /** The inversion: 0 for the root in the bass, 1 for the third, 2 for the fifth. */
  readonly inversion: number;
  /** The fingers that do not stand on their own letter (violin, viola): they are set closer or further than the key has them. */
  readonly displaced: number;
  /** The strain of the widest two fingers that stand at once, as a share of this hand's largest span. */
  readonly strain: number;
}

/**
 * Writes the triads of a key that a hand can play in a position on three neighbouring strings, degree by degree, on the lower strings
 * first. The form chosen has most fingers on their own letters; among those, the root position if it can be played, else the inversion that
 * is easiest for the hand. Rolled, the two lower notes lead in one bow to the two upper; held, all three fingers stay while the bow goes to
 * and fro between them.
 */
export function chords(ground: Ground, player: DrillFor, { position, played }: FamilyOf<'chords'>): Written {
  const notes = (chord: ThreeNotes): readonly DrillNote[] => writeChord(ground, chord, { position, played });
  const isPlayed = (chord: ThreeNotes): boolean => staysInOneHand(drillBrief(player, formatKey(ground.key), notes(chord)));
  const isNamed = (placement: Placement): boolean =>
    isOpenPair(placement) || ground.hand.positionName(placement, ground.key).label === position;
  // One hand plays the whole drill: of the hands that may open, the one that holds the most chords.
  const [most = []] = staysNamed(ground, isNamed)
    .map((stance) =>
      inHand(ground, {
        played,
        isPlayed,
        inPosition: (placement) => isNamed(placement) && (stance === null || isOpenPair(placement) || placement.stance === stance),
      }),
    )
    .toSorted((one, other) => other.length - one.length);
  return asAsked(most.map(notes));
}

function isOpenPair({ finger, upper }: Placement): boolean {
  return finger === '0' && upper?.finger === '0';
}

/**
 * Lists the stances in which a hand of a name that may open can stay (the cello on the neck); null alone where the hand has no such choice.
 */
function staysNamed(ground: Ground, isNamed: (placement: Placement) => boolean): readonly (number | null)[] {
  const placements = boardOf(ground)
    .strings.flat()
    .map(({ placement }) => placement);
  const stays = placements.filter((placement) => placement.block !== null && isNamed(placement)).map(({ stance }) => stance);
  return stays.length > 0 ? [...new Set(stays)] : [null];
}

function inHand(ground: Ground, sought: Omit<Sought, 'degree' | 'string'>): readonly ThreeNotes[] {
  const lowest = ground.instrument.strings
    .map((_, index) => index)
    .slice(2)
    .toReversed();
  return DEGREES.flatMap((degree) => lowest.flatMap((string) => best(chordsOn(ground, { ...sought, degree, string }), sought) ?? []));
}

/** The degrees of a key: 0 for the tonic. */
const DEGREES = [0, 1, 2, 3, 4, 5, 6] as const;

interface Sought extends Pick<FamilyOf<'chords'>, 'played'> {
  /** The degree of its root. */
  readonly degree: number;
  /** The lowest of its three strings. */
  readonly string: number;
  readonly inPosition: (placement: Placement) => boolean;
  /** Tells whether the planner plays the chord, to and fro, in one hand. */
  readonly isPlayed: (chord: ThreeNotes) => boolean;
}

/**
 * Chooses the best form: every finger on its own letter first, then root position before both inversions, and an easy reach before a wide
 * one.
 */
function best(found: readonly ThreeNotes[], { isPlayed }: Pick<Sought, 'isPlayed'>): ThreeNotes | null {
  const inOrder = found.toSorted(
    (one, other) => one.displaced - other.displaced || one.inversion - other.inversion || one.strain - other.strain,
  );
  return inOrder.find(isPlayed) ?? null;
}

function chordsOn(ground: Ground, { degree, string, played, inPosition }: Sought): readonly ThreeNotes[] {
  const letters = [0, 2, 4].map((above) => (ground.key.tonic.letter + degree + above) % 7);
  const [low, mid, high] = [string, string - 1, string - 2].map((lower) => tones(ground, lower, { letters, inPosition }));
  if (!low || !mid || !high) return [];
  const pairsOf = (lower: readonly Tone[], upper: readonly Tone[]): readonly Pair[] =>
    lower.flatMap((one) => upper.flatMap((other) => pairs(ground, one, other).filter(({ placement }) => inPosition(placement))));
  const above = pairsOf(mid, high);
  return pairsOf(low, mid).flatMap((lower) =>
    above.flatMap((upper) => joinPairs(ground, lower, upper, { letters, held: played === 'held' }) ?? []),
  );
}

/** A note of a triad on a string. */
interface Tone {
  readonly string: number;
  readonly pitch: Pitch;
}

/** Lists the notes of a triad that a position holds on a string, the open string among them. */
function tones(
  ground: Ground,
  string: number,
  { letters, inPosition }: Pick<Sought, 'inPosition'> & { readonly letters: readonly number[] },
): readonly Tone[] {
  const { instrument, key } = ground;
  const open = stringOf(instrument, string).semitones;
  const isHeld = ({ pitch }: Tone): boolean =>
    semitonesOf(pitch) === open ||
    allPlacements({ ...ground, highestAnchor: ground.hand.highestAnchor }, wantedNote(pitch, null)).some(
      (placement) => placement.stringIndex === string && inPosition(placement),
    );
  return Array.from({ length: instrument.highestSemitone + 1 }, (_, above) => open + above)
    .filter((semitones) => isInKey(semitones, key))
    .map((semitones) => ({ string, pitch: pitchInKey(semitones, key) }))
    .filter((tone) => letters.includes(tone.pitch.letter) && isHeld(tone));
}

/** Two notes of a chord as one hand plays them. */
interface Pair {
  readonly tones: readonly [Tone, Tone];
  readonly placement: Placement;
  readonly stops: readonly [StringStop, StringStop];
}

function pairs(ground: Ground, lower: Tone, upper: Tone): readonly Pair[] {
  if (lower.pitch.letter === upper.pitch.letter) return [];
  const board = { ...ground, highestAnchor: ground.hand.highestAnchor };
  return allPlacements(board, wantedNote(lower.pitch, upper.pitch)).flatMap((placement): readonly Pair[] => {
    const { upper: high } = placement;
    const onStrings = placement.stringIndex === lower.string && high?.stringIndex === upper.string;
    if (!high || !onStrings || !withinReach({ ...ground, limits: [] }, placement)) return [];
    return [{ tones: [lower, upper], placement, stops: [placement, high] }];
  });
}

/** Tells whether a placement is a plain note or double stop. */
function wantedNote(pitch: Pitch, upper: Pitch | null): WantedNote {
  return { pitch, upper, top: null, chromatic: false, wide: false, harmonics: 'none', other: null };
}

/** Joins two pairs that share their middle note into a chord in one hand; null where they are not one chord, or no hand plays it so. */
function joinPairs(
  ground: Ground,
  lower: Pair,
  upper: Pair,
  { letters, held }: { readonly letters: readonly number[]; readonly held: boolean },
): ThreeNotes | null {
  const [[low, mid], [, high]] = [lower.stops, upper.stops];
  const [[lowTone, midTone], [, highTone]] = [lower.tones, upper.tones];
  const isTriad = new Set([lowTone, midTone, highTone].map(({ pitch }) => pitch.letter)).size === 3;
  if (!isTriad || !isOneHand(lower, upper) || !standTogether(low, high)) return null;
  const strains = [lower, upper].map(({ placement }) => strainOf(ground, placement));
  const outer = outerStrain(ground, low, high);
  if (held && outer > 1) return null;
  return {
    pitches: [lowTone.pitch, midTone.pitch, highTone.pitch],
    stops: [low, mid, high],
    inversion: letters.indexOf(lowTone.pitch.letter),
    displaced: [low, mid, high].filter((stop) => isDisplaced(stop, lower.placement)).length,
    strain: Math.max(...strains, held ? outer : 0),
  };
}

/**
 * Tells whether one hand holds two pairs that share their middle finger. The cello's hand opens from its first finger: a chord in an open
 * hand without that finger would be a shift from any other.
 */
function isOneHand({ placement: own, stops: [low, mid] }: Pair, { placement: others, stops: [again, high] }: Pair): boolean {
  if (own.stance !== others.stance || mid.finger !== again.finger || mid.semitonesAboveOpen !== again.semitonesAboveOpen) return false;
  if (own.block === null) return others.block === null;
  const isClosed = own.block - own.anchor === 1;
  return own.block === others.block && own.anchor === others.anchor && (isClosed || [low, mid, high].some(({ finger }) => finger === '1'));
}

/** Tells whether a finger plays another letter than its position gives it. */
function isDisplaced({ finger, letterSteps }: StringStop, { letterPosition }: Placement): boolean {
  return finger !== '0' && letterPosition !== null && letterSteps !== letterPosition + Number(finger) - 1;
}

/**
 * Tells whether the outer fingers can stand together: the one on the higher string stands higher, or level; a finger does not reach over
 * the string between.
 */
function standTogether(low: StringStop, high: StringStop): boolean {
  if (low.finger === '0' || high.finger === '0') return true;
  const fingers = (rankOf(high.finger) ?? 0) - (rankOf(low.finger) ?? 0);
  const apart = (high.semitonesAboveOpen - low.semitonesAboveOpen) * Math.sign(fingers);
  return fingers !== 0 && apart >= Math.max(0, Math.abs(fingers) - 1);
}

function strainOf({ hand, doubleStopHand, instrument }: Ground, placement: Placement): number {
  const { needMm, span } = reachOf(hand, doubleStopHand, instrument, placement);
  return needMm / span.maxMm;
}

/**
 * Measures the strain of the outer fingers, two strings apart: along and across by Pythagoras, as two fingers on neighbouring strings are
 * measured.
 */
function outerStrain({ instrument, doubleStopHand }: Ground, low: StringStop, high: StringStop): number {
  if (low.finger === '0' || high.finger === '0') return 0;
  const [one, other] = [low, high].map((stop) => mmFromNut(instrument.stringLengthMm, stop.semitonesAboveOpen));
  if (one === undefined || other === undefined) return 0;
  const across = 2 * stringSpacingMm(instrument, (one + other) / 2);
  return Math.hypot(other - one, across) / doubleStopHand.acrossStrings.maxMm;
}

function writeChord(
  { instrument }: Ground,
  { pitches, stops }: ThreeNotes,
  { position, played }: Pick<FamilyOf<'chords'>, 'position' | 'played'>,
): readonly DrillNote[] {
  const pair = (from: 0 | 1, duration: string, slur: boolean): DrillNote => {
    const [lower, upper] = [stops[from], stops[from === 0 ? 1 : 2]];
    const isOpen = lower.finger === '0' && upper.finger === '0';
    return {
      pitches: pitches.slice(from, from + 2).map(formatPitch),
      fingered: {
        string: stringOf(instrument, lower.stringIndex).name,
        finger: lower.finger,
        upperFinger: upper.finger,
        ...(isOpen ? {} : { position }),
      },
      duration,
      ...(slur ? { slur } : {}),
    };
  };
  if (played === 'rolled') return [pair(0, '1/4', true), pair(1, '1/2', false)];
  return [pair(0, '1/4', true), pair(1, '1/4', true), pair(0, '1/4', true), pair(1, '1/4', false)];
}
