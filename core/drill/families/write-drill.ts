import { handSchoolOf } from '#core/brief';
import { handOf, type HandSchool, schoolsOf, USUAL_OPTIONS } from '#core/hand';
import { drillIssue } from '#core/messages';
import { keyLabel } from '#core/pitch';
import { badReading, goodReading, type Reading } from '#core/result';
import { meterOf } from '#core/rhythm';
import { isPlayed } from '../best-of.ts';
import { type Drill, drillBrief, type DrillFor, type DrillNote, type Written } from '../drill.ts';
import { playedSo } from '../hot-spots/loop.ts';
import { studied } from '../shifts/shift-study.ts';
import { type Ground, groundOf } from '../standings.ts';
import { againstOpenString, chromatic, oneString, withGuide } from './along.ts';
import { chords } from './chords.ts';
import { doubleStops } from './double-stops.ts';
import { blocks, firstAndFourth, home, hovering, positionSet } from './in-position.ts';
import { matrix } from './matrix.ts';
import { liftAndReplace, twoPlaces } from './one-finger.ts';
import type { DrillRequest, FamilyName, FamilyOf } from './request.ts';
import { leadingInto } from './into-the-piece.ts';
import { loop } from './loop.ts';
import { bowed, filled, inRhythm } from './variants.ts';

/**
 * Writes a drill of any family for a player: a line like any other, its fingers locked, that the engine agrees can be played.
 * Measures it finds no hand for are left out, which is said; where none is left, it says why there is no drill.
 */
export function writeDrill(writtenFor: DrillFor, { key, asks, variant }: DrillRequest): Reading<Drill> {
  const player = asAskedFor(writtenFor, asks);
  const ground = groundOf(player, key);
  if (!ground.ok) return ground;
  const written = writtenBy(asks.family, asks, { ground: ground.value, player, key });
  if (!written.ok) return written;
  const { measures, altered } = written.value;
  const into = asks.family === 'shift' ? asks.into : undefined;
  const agreed = playable(
    player,
    key,
    measures.map((measure) => filled(inRhythm(measure, variant.rhythm), into ? meterOf(into) : undefined)),
  );
  if (agreed.length === 0) return badReading(drillIssue('not-here', { key: keyLabel(key) }));
  const leftOut = measures.length - agreed.length;
  const drill: Drill = {
    brief: drillBrief(player, key, bowed(agreed.flat(), variant.notesPerBow)),
    altered: leftOut > 0 ? [...altered, { what: 'measures-left-out', count: leftOut }] : altered,
  };
  return goodReading(into ? leadingInto(drill, into) : drill);
}

/** A drill for a hand that sets the thumb, where that is asked for; a loop with its fingers held or lifted. */
function asAskedFor(player: DrillFor, asks: DrillRequest['asks']): DrillFor {
  if (asks.family === 'loop') return playedSo(player, { fingers: asks.fingers === 'as-taught' ? null : asks.fingers });
  return withThumb(player, asks);
}

/** A drill that is asked for on the thumb is written for a hand that sets it. */
function withThumb(player: DrillFor, asks: DrillRequest['asks']): DrillFor {
  if (!('position' in asks) || asks.position !== 'thumb') return player;
  const { kind } = player.instrument;
  const setsThumb = (school: HandSchool): boolean => handOf(kind, school, USUAL_OPTIONS).positionLabels.includes('thumb');
  const school = setsThumb(handSchoolOf(player)) ? undefined : schoolsOf(kind).find(setsThumb);
  return school === undefined ? player : { ...player, player: { ...player.player, school } };
}

/** For whom, where and in which key a drill is written. */
interface Asked {
  readonly ground: Ground;
  readonly player: DrillFor;
  readonly key: string;
}

/** Each family's writer. */
const WRITERS: { readonly [Name in FamilyName]: (asks: FamilyOf<Name>, asked: Asked) => Reading<Written> } = {
  loop: (asks, { player, key }) => loop(player, key, asks),
  shift: (asks, { player, key }) => studied(player, { ...asks, key }),
  guide: (asks, { player, key }) => withGuide(player, key, asks),
  matrix: (asks, { ground }) => goodReading(matrix(ground, asks)),
  home: (asks, { ground }) => goodReading(home(ground, asks)),
  position: (asks, { ground }) => goodReading(positionSet(ground, asks)),
  'one-string': (asks, { ground, player }) => goodReading(oneString(ground, player, asks)),
  chromatic: (asks, { player }) => goodReading(chromatic(player, asks)),
  'two-places': (asks, { ground }) => goodReading(twoPlaces(ground, asks)),
  'first-and-fourth': (asks, { ground }) => goodReading(firstAndFourth(ground, asks)),
  'lift-and-replace': (asks, { ground, player }) => goodReading(liftAndReplace(ground, player, asks)),
  blocks: (asks, { ground }) => goodReading(blocks(ground, asks)),
  hovering: (asks, { ground }) => goodReading(hovering(ground, asks)),
  chords: (asks, { ground }) => goodReading(chords(ground, asks)),
  'double-stops': (asks, { ground, player }) => goodReading(doubleStops(ground, player, asks)),
  'open-string': (asks, { ground }) => goodReading(againstOpenString(ground, asks)),
};

function writtenBy<Name extends FamilyName>(name: Name, asks: FamilyOf<Name>, asked: Asked): Reading<Written> {
  return WRITERS[name](asks, asked);
}

/** All measures where a hand plays them in a row; else those that a hand plays by themselves and in a row. */
function playable(player: DrillFor, key: string, measures: readonly (readonly DrillNote[])[]): readonly (readonly DrillNote[])[] {
  const plays = (some: readonly (readonly DrillNote[])[]): boolean => some.length > 0 && isPlayed(drillBrief(player, key, some.flat()));
  if (plays(measures)) return measures;
  const alone = measures.filter((measure) => plays([measure]));
  return plays(alone) ? alone : alone.slice(0, 1);
}
