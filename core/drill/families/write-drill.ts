import { type Brief, handSchoolOf } from '#core/brief';
import { handOf, USUAL_OPTIONS } from '#core/hand/models';
import { type HandSchool, schoolsOf } from '#core/hand';
import { drillIssue } from '#core/messages';
import { keyLabel } from '#core/key';
import { badReading, goodReading, type Reading } from '#core/result';
import { meterOf } from '#core/rhythm';
import {
  isPlayed,
  staysInOneHand,
  withoutShifts,
  type Drill,
  drillBrief,
  type DrillFor,
  type DrillNote,
  type Written,
  type Ground,
  groundOf,
} from '#core/drill';
import { withLoopFingers } from '#core/drill/hot-spots';
import { writeStudy } from '#core/drill/shifts';
import { againstOpenString, chromatic, oneString, withGuide } from './kinds/along.ts';
import { chords } from './kinds/chords.ts';
import { doubleStops } from './kinds/double-stops.ts';
import { blocks, firstAndFourth, home, hovering, positionSet } from './kinds/in-position.ts';
import { matching, matrix } from './kinds/matrix.ts';
import { liftAndReplace, twoPlaces } from './kinds/one-finger.ts';
import type { DrillRequest, FamilyName, FamilyOf } from './request.ts';
import { leadingInto } from './kinds/into-the-piece.ts';
import { loop } from './kinds/loop.ts';
import { slurNotes, fillMeasure, inRhythm, measuresLong } from './variants.ts';

/**
 * Writes a drill of any family for a player: a line like any other, its fingers locked, that the engine confirms can be played. Measures
 * without a hand are left out, which is said; where none is left, the answer says why there is no drill.
 */
export function writeDrill(writtenFor: DrillFor, { key, asks, variant }: DrillRequest): Reading<Drill> {
  const player = asAskedFor(writtenFor, asks);
  const ground = groundOf(player, key);
  if (!ground.ok) return ground;
  const written = writeFamily(asks.family, asks, { ground: ground.value, player, key });
  if (!written.ok) return written;
  const { measures, keys, altered } = written.value;
  const into = asks.family === 'shift' ? asks.into : undefined;
  const whole = measures.map((notes, order): Measure => {
    return { notes: fillMeasure(inRhythm(notes, variant.rhythm), into ? meterOf(into) : undefined), key: keys?.[order] ?? key };
  });
  const agreed = playable({ player, family: asks.family }, whole);
  if (agreed.length === 0) return badReading(drillIssue('not-here', { key: keyLabel(key) }));
  const leftOut = measures.length - agreed.length;
  const brief = briefOf(player, agreed, variant.notesPerBow);
  const drill: Drill = {
    brief: isInOnePosition(asks) ? withoutShifts(brief) : brief,
    altered: leftOut > 0 ? [...altered, { what: 'measures-left-out', count: leftOut }] : altered,
  };
  return goodReading(into ? leadingInto(drill, into) : drill);
}

/** A measure filled with a rest, and its key, documents' form. */
interface Measure {
  readonly notes: readonly DrillNote[];
  readonly key: string;
}

/** Puts measures in a row, changing the key signature where a measure is in another key. */
function briefOf(player: DrillFor, measures: readonly Measure[], notesPerBow: number): Brief {
  const brief = drillBrief(
    player,
    measures[0]?.key ?? '',
    slurNotes(
      measures.flatMap(({ notes }) => notes),
      notesPerBow,
    ),
  );
  const changes = measures.flatMap(({ key }, order) => {
    const measure = measures.slice(0, order).reduce((sum, { notes }) => sum + measuresLong(notes), 1);
    return order > 0 && key !== measures[order - 1]?.key ? [{ measure, key }] : [];
  });
  if (brief.material.kind !== 'line' || changes.length === 0) return brief;
  return { ...brief, material: { ...brief.material, changes } };
}

/** Adapts the player: a hand that sets the thumb, where that is asked for; fingers held or lifted in a loop. */
function asAskedFor(player: DrillFor, asks: DrillRequest['asks']): DrillFor {
  if (asks.family === 'loop') return withLoopFingers(player, { fingers: asks.fingers === 'as-taught' ? null : asks.fingers });
  return withThumb(player, asks);
}

/** Gives a drill that is asked for on the thumb a hand that sets it. */
function withThumb(player: DrillFor, asks: DrillRequest['asks']): DrillFor {
  if (!('position' in asks) || asks.position !== 'thumb') return player;
  const { kind } = player.instrument;
  const setsThumb = (school: HandSchool): boolean => handOf(kind, school, USUAL_OPTIONS).positionLabels.includes('thumb');
  const school = setsThumb(handSchoolOf(player)) ? undefined : schoolsOf(kind).find(setsThumb);
  return school === undefined ? player : { ...player, player: { ...player.player, school } };
}

/** The player, the place and the key for which a drill is written. */
interface Asked {
  readonly ground: Ground;
  readonly player: DrillFor;
  readonly key: string;
}

/** The writer of each family. */
const WRITERS: { readonly [Name in FamilyName]: (asks: FamilyOf<Name>, asked: Asked) => Reading<Written> } = {
  loop: (asks, { player, key }) => loop(player, key, asks),
  shift: (asks, { player, key }) => writeStudy(player, { ...asks, key }),
  guide: (asks, { player, key }) => withGuide(player, key, asks),
  matrix: (asks, { ground }) => goodReading(matrix(ground, asks)),
  matching: (asks, { ground }) => goodReading(matching(ground, asks)),
  home: (asks, { ground }) => goodReading(home(ground, asks)),
  position: (asks, { ground }) => goodReading(positionSet(ground, asks)),
  'one-string': (asks, { ground, player }) => goodReading(oneString(ground, player, asks)),
  chromatic: (asks, { player }) => goodReading(chromatic(player, asks)),
  'two-places': (asks, { ground, player }) => goodReading(twoPlaces(ground, player, asks)),
  'first-and-fourth': (asks, { ground }) => goodReading(firstAndFourth(ground, asks)),
  'lift-and-replace': (asks, { ground, player }) => goodReading(liftAndReplace(ground, player, asks)),
  blocks: (asks, { ground }) => goodReading(blocks(ground, asks)),
  hovering: (asks, { ground }) => goodReading(hovering(ground, asks)),
  chords: (asks, { ground, player }) => goodReading(chords(ground, player, asks)),
  'double-stops': (asks, { ground, player }) => goodReading(doubleStops(ground, player, asks)),
  'open-string': (asks, { ground }) => goodReading(againstOpenString(ground, asks)),
};

function writeFamily<Name extends FamilyName>(name: Name, asks: FamilyOf<Name>, asked: Asked): Reading<Written> {
  return WRITERS[name](asks, asked);
}

/** The families that are played inside one position, without a shift. */
const IN_ONE_POSITION: readonly FamilyName[] = [
  'position',
  'two-places',
  'first-and-fourth',
  'lift-and-replace',
  'blocks',
  'hovering',
  'chords',
  'open-string',
];

function isInOnePosition({ family }: Pick<DrillRequest['asks'], 'family'>): boolean {
  return IN_ONE_POSITION.includes(family);
}

/**
 * Keeps all measures where a hand plays them in a row; else as many as it plays, one after the other. Inside a position the hand stays
 * where it is.
 */
function playable(asked: { readonly player: DrillFor; readonly family: FamilyName }, measures: readonly Measure[]): readonly Measure[] {
  const isHeld = isInOnePosition(asked) ? staysInOneHand : isPlayed;
  const plays = (some: readonly Measure[]): boolean => some.length > 0 && isHeld(briefOf(asked.player, some, 1));
  if (plays(measures)) return measures;
  // A scale is played whole or not at all.
  if (asked.family === 'position') return [];
  return measures.reduce<readonly Measure[]>((kept, measure) => (plays([...kept, measure]) ? [...kept, measure] : kept), []);
}
