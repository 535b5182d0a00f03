import { semitoneStepAt } from '#core/fit';
import type { InstrumentKind } from '#core/instrument';
import type { Plan, PlannedSound, SetDown, Shift } from '#core/plan/describe';
import { parsePitch, semitonesOf, stepsOf } from '#core/pitch';
import type { HotSpotKind, LoopPlace, Place, Way } from './hot-spot.ts';

/** A sounding note with its line index. */
interface Sound {
  readonly note: number;
  readonly sound: PlannedSound;
}

/** A note of a plan and the one that sounds before it in the same stay. */
interface Step {
  readonly before: Sound;
  readonly here: Sound;
}

/** The semitones and letters of an augmented second. */
const AUGMENTED_SECOND = { semitones: 3, letters: 1 } as const;

/** The labels of the positions in which a pupil begins. */
const HOME_LABELS: readonly string[] = ['half', '1', 'I'];

/** Lists everything in a plan that may be hard, in the order of the line. */
export function placesOf(plan: Plan): readonly Place[] {
  const steps = stepsIn(plan);
  return [
    ...plan.shifts.map(shiftPlace),
    ...steps.flatMap((step) => PAIR_KINDS.filter(([, holds]) => holds(step, plan)).map(([kind]) => pairPlace(kind, step))),
    ...plan.setDowns.flatMap((block) => blockPlace(plan, block)),
    ...steps.flatMap((step) => diagonalPlace(plan, step)),
    ...steps.flatMap((step) => movedPlace(plan, step)),
    ...topPlace(plan),
  ].toSorted((one, other) => one.note - other.note);
}

/** Finds a note that is no hot spot by itself, with its neighbours; null for a rest, and beyond the line. */
export function aroundNote(plan: Plan, note: number): LoopPlace | null {
  if (!soundAt(plan, note)) return null;
  return { kind: 'note', note, loop: [note - 1, note, note + 1].filter((index) => soundAt(plan, index) !== null) };
}

/** Tells whether the hand stands above half and first position. */
export function isAboveFirst({ position }: PlannedSound): boolean {
  return !HOME_LABELS.includes(position.label);
}

/** Gives the sounding note at an index; null for a rest. */
export function soundAt({ notes }: Plan, index: number): PlannedSound | null {
  const note = notes[index];
  return note?.kind === 'note' ? note : null;
}

/** The kinds of places that two neighbouring notes of one stay may contain. */
const PAIR_KINDS: readonly (readonly [HotSpotKind, (step: Step, plan: Plan) => boolean])[] = [
  ['crossing', ({ before, here }) => isStopped(before) && isStopped(here) && crosses(before, here) && isAboveFirst(here.sound)],
  ['augmented-second', ({ before, here }) => isStopped(before) && isStopped(here) && isAugmentedSecond(before, here)],
  ['extension', (step, plan) => opensHand(step, plan)],
  ['one-finger-semitone', ({ here }, plan) => semitoneStepAt(plan, here.note) !== null],
];

/**
 * Tells whether the hand opens from one note to the next: on the cello it is open where the first finger and one of the others stand a
 * semitone further apart than closed, whichever of them is called extended; elsewhere a finger leaves the hand at rest.
 */
function opensHand({ before, here }: Step, { brief }: Plan): boolean {
  const isNeckOfCello = brief.instrument.kind === 'cello' && [before, here].some(({ sound }) => NECK_OPENED.includes(sound.shape));
  if (!isNeckOfCello) return isExtended(here) && !isExtended(before);
  const [one, other] = [before, here]
    .map(({ sound }) => sound.stops[0])
    .toSorted((first, second) => Number(first.finger) - Number(second.finger));
  if (one?.finger !== '1' || !other || other.finger === '1') return false;
  return other.semitonesAboveOpen - one.semitonesAboveOpen === Number(other.finger);
}

/** Tells whether the finger reaches out of the hand; one that rolls around its thumb does not. */
function isExtended({ sound }: Sound): boolean {
  return sound.extended && sound.shape !== 'pivoted';
}

const NECK_OPENED: readonly PlannedSound['shape'][] = ['reached-back', 'reached-forward'];

function shiftPlace({ from, to, handSemitones, before }: Shift): Place {
  const open = before > from ? Array.from({ length: before - from }, (_, order) => from + 1 + order) : [];
  return { kind: 'shift', note: to, way: handSemitones > 0 ? 'up' : 'down', loop: [from, ...open, to] };
}

function pairPlace(kind: HotSpotKind, { before, here }: Step): Place {
  return { kind, note: here.note, way: wayOf(before.sound, here.sound), loop: [before.note, here.note] };
}

/** Finds fingers that land together from a stopped note; after an open string they have time. */
function blockPlace(plan: Plan, { note, fingers }: SetDown): readonly Place[] {
  const [before, here] = [soundAt(plan, note - 1), soundAt(plan, note)];
  if (!before || !here || here.beginsStay || !isStopped({ note: note - 1, sound: before })) return [];
  const landing = Array.from({ length: fingers.length }, (_, order) => note + order);
  return [{ kind: 'block', note, way: wayOf(before, here), loop: [note - 1, ...landing] }];
}

/** The note under the same finger on the other string may lie some notes back, so the loop leaves out the notes between. */
function diagonalPlace(plan: Plan, { here }: Step): readonly Place[] {
  const { diagonal, stops } = here.sound;
  const stay = plan.stays.find(({ from, to }) => from <= here.note && here.note <= to);
  if (!diagonal || !stay) return [];
  for (let note = here.note - 1; note >= stay.from; note -= 1) {
    const sound = soundAt(plan, note);
    const stop = sound?.stops.find((stop) => stop.finger === stops[0].finger && stop.string === diagonal.string);
    if (!sound || !stop) continue;
    const opens = openingBetween(plan, { note, sound }, here);
    return opens ? [{ kind: 'diagonal', note: here.note, way: wayOf(sound, here.sound), loop: [note, ...opens, here.note] }] : [];
  }
  return [];
}

/** The number of notes for which a finger still feels where it stood. */
const FELT_NOTES = 4;

/**
 * Finds a finger set down a semitone beside where it stood a few notes before in the same hand, with others between (A, then A♭ with 3):
 * the hand of violin and viola moves that finger alone. Where the two notes follow each other it is found among the pairs.
 */
function movedPlace(plan: Plan, { here }: Step): readonly Place[] {
  const { kind } = plan.brief.instrument;
  if ((kind !== 'violin' && kind !== 'viola') || here.sound.stops[0].finger === '0') return [];
  const before = placeBefore(plan, here);
  if (!before || before.note === here.note - 1 || before.semitonesAway !== 1) return [];
  return [{ kind: 'one-finger-semitone', note: here.note, way: wayOf(before.sound, here.sound), loop: [before.note, here.note] }];
}

/** Finds where the finger of a note stood on its string a few notes before, in the same hand; null where it did not play there. */
function placeBefore(plan: Plan, { note, sound }: Sound): (Sound & { readonly semitonesAway: number }) | null {
  const [{ finger, string, semitonesAboveOpen }] = sound.stops;
  for (let at = note - 1; at >= Math.max(0, note - FELT_NOTES); at -= 1) {
    if (soundAt(plan, at + 1)?.beginsStay) return null;
    const earlier = soundAt(plan, at);
    const stop = earlier?.stops.find((stop) => stop.finger === finger && stop.string === string);
    if (earlier && stop) return { note: at, sound: earlier, semitonesAway: Math.abs(stop.semitonesAboveOpen - semitonesAboveOpen) };
  }
  return null;
}

/**
 * Finds the note of the first finger during which the hand of the cello opens or closes between two notes under one finger; that note
 * belongs to the loop. Null where the hand opens at another time.
 */
function openingBetween(plan: Plan, before: Sound, here: Sound): readonly number[] | null {
  const [one, other] = [before, here].map(({ sound }) => NECK_OPENED.includes(sound.shape));
  if (plan.brief.instrument.kind !== 'cello' || one === other || here.sound.stops[0].finger === '1') return [];
  const between = soundsOf(plan).find(({ note, sound }) => note > before.note && note < here.note && sound.stops[0].finger === '1');
  return between ? [between.note] : null;
}

/** Finds the highest note, where the hand has gone up for it. */
function topPlace(plan: Plan): readonly Place[] {
  const sounds = soundsOf(plan);
  const highest = sounds.reduce<Sound | null>((top, sound) => (top === null || pitchOf(sound) > pitchOf(top) ? sound : top), null);
  if (!highest || !isStopped(highest) || !isAboveFirst(highest.sound) || liesInFirst(plan, highest)) return [];
  const order = sounds.indexOf(highest);
  const [before, after] = [sounds[order - 1], sounds[order + 1]];
  if (before) return [{ kind: 'top', note: highest.note, way: 'up', loop: [before.note, highest.note] }];
  return after ? [{ kind: 'top', note: highest.note, way: 'down', loop: [highest.note, after.note] }] : [];
}

/** Tells whether first position, not extended, has the note on its string. */
function liesInFirst({ brief }: Plan, { sound }: Sound): boolean {
  return sound.stops.every(({ semitonesAboveOpen }) => semitonesAboveOpen <= HIGHEST_IN_FIRST[brief.instrument.kind]);
}

/** The place of the highest finger in first position, semitones above the open string. */
const HIGHEST_IN_FIRST: Readonly<Record<InstrumentKind, number>> = { violin: 7, viola: 7, cello: 5, bass: 4 };

function stepsIn(plan: Plan): readonly Step[] {
  const sounds = soundsOf(plan);
  return sounds.slice(1).flatMap((here, order): readonly Step[] => {
    const before = sounds[order];
    return before && !here.sound.beginsStay ? [{ before, here }] : [];
  });
}

function soundsOf(plan: Plan): readonly Sound[] {
  return plan.notes.flatMap((note, index) => (note.kind === 'note' ? [{ note: index, sound: note }] : []));
}

function isStopped({ sound }: Sound): boolean {
  return sound.stops.some(({ finger }) => finger !== '0');
}

function crosses(before: Sound, here: Sound): boolean {
  return before.sound.stops[0].string !== here.sound.stops[0].string;
}

function isAugmentedSecond(before: Sound, here: Sound): boolean {
  const [one, other] = [before, here].map(({ sound }) => parsePitch(sound.stops[0].pitch));
  if (one?.ok !== true || other?.ok !== true) return false;
  const semitones = Math.abs(semitonesOf(one.value) - semitonesOf(other.value));
  return semitones === AUGMENTED_SECOND.semitones && Math.abs(stepsOf(one.value) - stepsOf(other.value)) === AUGMENTED_SECOND.letters;
}

function wayOf(before: PlannedSound, here: PlannedSound): Way {
  return soundOf(here) >= soundOf(before) ? 'up' : 'down';
}

function pitchOf({ sound }: Sound): number {
  return soundOf(sound);
}

function soundOf({ stops }: PlannedSound): number {
  const pitch = parsePitch(stops[stops.length - 1]?.pitch ?? '');
  return pitch.ok ? semitonesOf(pitch.value) : -Infinity;
}
