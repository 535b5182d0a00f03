import { goesBackText } from '../kept/versions.ts';
import { dequal } from 'dequal';
import { limitPart } from '#core/brief/parts/limits';
import { type Brief, waysOf } from '#core/brief';
import { PURPOSE_LABELS } from '#core/brief/parts/rules';
import { questionsFor, sideOf } from '#core/brief/parts/school';
import type { WhatChanged } from '#core/explain';
import { FINGER_DISTANCE_MM, type FOURTH_FINGERS, type HandMeasurements, type PlayerHand } from '#core/hand/reach';
import { defaultSize, type InstrumentKind, type InstrumentSpec, type OpenTuning, REFERENCE_A, TUNINGS } from '#core/instrument';
import { listText } from '#core/messages';
import { pitchLabel } from '#core/pitch';
import { HAND_LABELS, SCHOOL_LABELS } from '../hand/hands.ts';
import { noteAtText, type TellNoteOfLine } from '../line/note-places.ts';
import { fingerboardName } from './instruments.ts';
import { mmText } from '../plan-words.ts';

/** The names for the length of the fourth finger beside the third. */
export const FOURTH_FINGER_LABELS: Readonly<Record<(typeof FOURTH_FINGERS)[number] | 'usual', string>> = {
  usual: 'of the usual length',
  short: 'short beside the third',
  long: 'long beside the third',
};

/** The days of a term, after which the studio asks again: hands grow. */
const TERM_DAYS = 120;
const DAY_MS = 86_400_000;

/** Writes that a hand is to be measured again when a term has passed since the last; null before, or where no day is given. */
export function measureAgainText(measuredOn: string, today: Date): string | null {
  const measured = Date.parse(measuredOn);
  if (Number.isNaN(measured) || today.getTime() - measured < TERM_DAYS * DAY_MS) return null;
  return 'Measured more than a term ago: measure again, hands grow.';
}

/** Writes the remarks on a hand beside its spans, a sentence each: never verdicts. */
export function handRemarks({ fourthFinger, armMm, nails, measuredOn }: HandMeasurements, today: Date): readonly string[] {
  const again = measuredOn === undefined ? null : measureAgainText(measuredOn, today);
  return [
    ...(fourthFinger === 'short'
      ? ['The fourth finger is short: watch how it falls on the lower strings, where mm along the string do not tell.']
      : []),
    ...(fourthFinger === 'long' ? ['The fourth finger is long: it may reach what the spans do not promise.'] : []),
    ...(armMm === undefined ? [] : [`Arm ${armMm} mm.`]),
    ...(nails === undefined ? [] : [`Nails: ${nails}${/[.!?]$/.test(nails) ? '' : '.'}`]),
    ...(again === null ? [] : [again]),
  ];
}

/** Writes how open strings are tuned to each other, by what their players hear. */
export function openTuningLabel(kind: InstrumentKind, tuning: OpenTuning): string {
  if (tuning === 'equal') return 'equal, as a tuner shows';
  return kind === 'bass' ? 'in pure fourths from the A' : 'in pure fifths from the A';
}

/** An instrument, a player or a school, with the briefs that describe it. */
export interface ToldByBriefs {
  readonly document: { readonly name: string };
  readonly briefs: readonly Brief[];
}

/** Writes how an earlier version of an instrument, a player or a school differs from the present one: the effect of bringing it back. */
export function setupVersionText(now: ToldByBriefs, version: ToldByBriefs): string {
  const { name } = version.document;
  const changes = now.briefs.flatMap((brief, index) => setupChanges(brief, version.briefs[index] ?? brief, 'now'));
  const told = [...(now.document.name === name ? [] : [`the name “${name}”`]), ...new Set(changes)];
  return goesBackText(dequal(now.document, version.document), told);
}

/** The name for the other side of a difference: before, or now. */
export type OtherSide = 'was' | 'now';

/**
 * Lists the differences between two descriptions of an instrument, a player and a school, a phrase each: "string length: 307 mm (was: 300
 * mm)".
 */
export function setupChanges(before: Brief, after: Brief, otherSide: OtherSide = 'was'): readonly string[] {
  return [
    ...tellRows([...instrumentChanges(before.instrument, after.instrument), ...playerChanges(before, after)], otherSide),
    ...schoolChanges(before, after, otherSide),
  ];
}

/** The words before and after a change. */
type Told = readonly [what: string, before: string, after: string];

function instrumentChanges(before: InstrumentSpec, after: InstrumentSpec): readonly Told[] {
  const kindOf = (spec: InstrumentSpec): string => fingerboardName(spec.kind, spec.size ?? defaultSize(spec.kind));
  const spacing = (spec: InstrumentSpec): string =>
    spec.outerSpacingMm ? `${mmText(spec.outerSpacingMm.nut)} and ${mmText(spec.outerSpacingMm.bridge)}` : 'usual';
  return [
    ['instrument', kindOf(before), kindOf(after)],
    ['string length', lengthText(before), lengthText(after)],
    ['strings', stringsText(before), stringsText(after)],
    ['string spacing', spacing(before), spacing(after)],
    ['reference A', `${before.a4Hz ?? REFERENCE_A.usual} Hz`, `${after.a4Hz ?? REFERENCE_A.usual} Hz`],
    ['open strings', openTuningLabel(before.kind, before.openTuning ?? 'pure'), openTuningLabel(after.kind, after.openTuning ?? 'pure')],
    ['pressing', pressingText(before), pressingText(after)],
  ];
}

function playerChanges(before: Brief, after: Brief): readonly Told[] {
  const school = ({ player }: Brief): string => (player?.school ? SCHOOL_LABELS[player.school] : 'usual');
  const { words } = limitPart('positions');
  const partOf = ({ limits }: Brief): string => (limits?.positions ? words.inSentence(limits.positions) : words.none);
  return [
    ['player', before.player?.name ?? 'any', after.player?.name ?? 'any'],
    ['hand', handText(before), handText(after)],
    ['left hand', school(before), school(after)],
    ['school', before.school?.name ?? 'none', after.school?.name ?? 'none'],
    ['purpose', before.purpose ? PURPOSE_LABELS[before.purpose] : 'none', after.purpose ? PURPOSE_LABELS[after.purpose] : 'none'],
    ['positions', partOf(before), partOf(after)],
  ];
}

/** Lists what is taught differently from before: "the fourth finger going up (was: whichever suits, going up)". */
function schoolChanges(before: Brief, after: Brief, otherSide: OtherSide): readonly string[] {
  const [were, are] = [waysOf(before), waysOf(after)];
  const changed = questionsFor(after.instrument.kind).filter((name) => were[name] !== are[name]);
  const weights = ({ school, instrument }: Brief): string => JSON.stringify(school?.weights?.[instrument.kind] ?? {});
  return [
    ...changed.map((name) => `${sideOf(name, are[name] ?? '').label} (${otherSide}: ${sideOf(name, were[name] ?? '').label})`),
    ...(weights(before) === weights(after) ? [] : ['costs of the school changed']),
  ];
}

function tellRows(rows: readonly Told[], otherSide: OtherSide): readonly string[] {
  return rows.flatMap(([what, before, after]) => (before === after ? [] : [`${what}: ${after} (${otherSide}: ${before})`]));
}

function lengthText({ stringLengthMm }: InstrumentSpec): string {
  return stringLengthMm === undefined ? 'typical for the size' : mmText(stringLengthMm);
}

function stringsText({ kind, tuning }: InstrumentSpec): string {
  return (tuning ?? TUNINGS[kind]).toReversed().map(pitchLabel).join(' ');
}

function pressingText({ pressingMm }: InstrumentSpec): string {
  return pressingMm?.some((mm) => mm !== 0) === true ? pressingMm.map((mm) => mmText(mm)).join(', ') : 'none';
}

function handText({ player }: Brief): string {
  const hand = player?.hand;
  if (!hand) return 'not measured';
  const span = (name: string, measured: { readonly comfortMm: number; readonly maxMm: number } | undefined): string =>
    measured ? ` ${name} ${measured.comfortMm} to ${measured.maxMm} mm` : '';
  const spans = `${span('1–4', hand.firstToFourth)}${span('1–2', hand.firstToSecond)}${span('T–3', hand.thumbToThird)}`;
  const fingers =
    hand.fingerDistanceMm === undefined || hand.fingerDistanceMm === FINGER_DISTANCE_MM ? '' : ` fingertips ${hand.fingerDistanceMm} mm`;
  return `${spans === '' ? HAND_LABELS[hand.preset ?? 'average'] : 'measured,'}${spans}${fingers}`;
}

/** Lists the effects of a change on a piece, a sentence each; empty when none shows. */
export function changeEffects(changed: WhatChanged, tell: TellNoteOfLine): readonly string[] {
  switch (changed.kind) {
    case 'no-longer-planned':
      return ['It can no longer be planned so.', ...changed.issues.slice(0, 1).map((issue) => `${issue.message} ${issue.hint}`)];
    case 'planned-again':
      return ['It can be planned now; before, it could not.'];
    case 'planned':
      return plannedEffects(changed, tell);
  }
}

function plannedEffects(changed: Extract<WhatChanged, { kind: 'planned' }>, tell: TellNoteOfLine): readonly string[] {
  const { otherwise, shifts, widestMm, nowStretched, nowComfortable, movedMm } = changed;
  return [
    ...(otherwise.length > 0 ? [`${notesText(otherwise, tell)} fingered differently.`] : []),
    ...(shifts[0] === shifts[1] ? [] : [`${shifts[1]} shifts, before ${shifts[0]}.`]),
    ...(nowStretched.length > 0 ? [`${notesText(nowStretched, tell)} now a stretch.`] : []),
    ...(nowComfortable.length > 0 ? [`${notesText(nowComfortable, tell)} no longer a stretch.`] : []),
    ...(Math.abs(widestMm[0] - widestMm[1]) >= 0.5 ? [`The widest reach is ${mmText(widestMm[1])}, before ${mmText(widestMm[0])}.`] : []),
    ...(movedMm >= 0.05 ? [`Places on the string move by up to ${movedMm.toFixed(1)} mm.`] : []),
  ];
}

/** The number of notes that are told one by one. */
const MOST_TOLD = 3;

function notesText(indexes: readonly number[], tell: TellNoteOfLine): string {
  if (indexes.length > MOST_TOLD) return `${indexes.length} notes are`;
  const told = listText(indexes.map((index) => noteAtText(tell(index), index)));
  return `${told.charAt(0).toUpperCase()}${told.slice(1)} ${indexes.length === 1 ? 'is' : 'are'}`;
}

/** Writes the measured and estimated spans of a hand in a line. */
export function handLine({ firstToFourth, fingerDistanceMm }: PlayerHand): string {
  return `first to fourth finger ${mmText(firstToFourth.comfortMm)} comfortable, ${mmText(firstToFourth.maxMm)} at most; two fingers side by side ${mmText(fingerDistanceMm)}`;
}
