import type { AlternativeName } from '#core/plan';
import type { Plan, PlannedSound } from '#core/plan/describe';

function sounds({ notes }: Plan): readonly PlannedSound[] {
  return notes.flatMap((note) => (note.kind === 'note' ? [note] : []));
}

function stoppedSounds(plan: Plan): readonly PlannedSound[] {
  return sounds(plan).filter(({ stops }) => stops.some(({ finger }) => finger !== '0'));
}

function openIn(plan: Plan): number {
  return sounds(plan).filter(({ stops }) => stops.length === 1 && stops[0].finger === '0').length;
}

function openOn(plan: Plan, string: string): number {
  return sounds(plan).filter(({ stops }) => stops.length === 1 && stops[0].finger === '0' && stops[0].string === string).length;
}

/** Counts how often a line plays 1 and 2 on a string and then shifts up along it. */
function pairsUp(plan: Plan, string: string): number {
  const all = sounds(plan);
  return all.filter((note, order) => {
    const [next, after] = [all[order + 1], all[order + 2]];
    const pair = [note, next].map((plannedSound) => plannedSound?.stops[0]);
    const shifts = after?.beginsStay === true && after.stops[0].string === string;
    return shifts && pair.every((stop) => stop?.string === string) && pair[0]?.finger === '1' && pair[1]?.finger === '2';
  }).length;
}

/** Tells whether every string has the same finger at the same place above its open note. */
function hasSameFingers(plan: Plan): boolean {
  const fingers = new Map<number, string>();
  const all = sounds(plan).map(({ stops }) => stops[0]);
  for (const { semitonesAboveOpen, finger } of all) fingers.set(semitonesAboveOpen, finger);
  return all.every(({ semitonesAboveOpen, finger }) => fingers.get(semitonesAboveOpen) === finger);
}

function fourthsOn(plan: Plan, string: string): number {
  return sounds(plan).filter(({ stops }) => stops.length === 1 && stops[0].finger === '4' && stops[0].string === string).length;
}

function inPlay(note: PlannedSound | undefined): string {
  return note?.stops.map(({ string, finger }) => `${string} ${finger}`).join('+') ?? '';
}

/** Lists the fingers that go a semitone on along their string. */
function sliding(plan: Plan): readonly string[] {
  const all = sounds(plan).map(({ stops }) => stops[0]);
  const slides = all.flatMap((stop, order) => {
    const before = all[order - 1];
    const on = before?.string === stop.string && before.finger === stop.finger && stop.finger !== '0';
    return on && Math.abs(before.semitonesAboveOpen - stop.semitonesAboveOpen) === 1 ? [stop.finger] : [];
  });
  return [...new Set(slides)].toSorted();
}

/** Finds the fingers of the lowest string as a line goes up, where every string has them, the last one perhaps not all. */
function groupsUp(plan: Plan): string | null {
  const all = sounds(plan).map(({ stops }) => `${stops[0].string} ${stops[0].finger}`);
  const comesBack = all.join() === all.toReversed().join();
  const oneWay = comesBack ? all.slice(0, (all.length + 1) / 2) : all;
  for (const rising of [oneWay, oneWay.toReversed()]) {
    const byString = new Map<string, string>();
    for (const [string = '', finger = ''] of rising.map((text) => text.split(' '))) {
      byString.set(string, `${byString.get(string) ?? ''}${finger}`);
    }
    const [first = '', ...others] = [...byString.values()];
    const last = others.pop() ?? '';
    if (others.every((fingers) => fingers === first) && first.startsWith(last)) return first;
  }
  return null;
}

type Kind = AlternativeName['kind'];
type Of<K extends Kind> = Extract<AlternativeName, { kind: K }>;

const TRUE_OF: { readonly [K in Kind]: (name: Of<K>, best: Plan, other: Plan) => boolean } = {
  unlocked: (_, __, other) => other.brief.locks === undefined,
  'no-shift': ({ position }, _, other) => other.shifts.length === 0 && beginsIn(other) === position.label,
  starts: ({ position, shifts }, best, other) =>
    beginsIn(other) === position.label && beginsIn(best) !== position.label && shiftsThere(other, shifts),
  strings: ({ shifts }, _, other) => shifts.length > 0 && shiftsThere(other, shifts),
  positions: ({ positions }, _, other) =>
    positions.length > 0 && positions.every(({ label }) => other.stays.some(({ position }) => position.label === label)),
  moment: ({ notes }, best, other) => shiftedNotes(best, other).includes(notes),
  'open-strings': (_, best, other) => openIn(other) > openIn(best),
  'two-and-two': ({ string }, best, other) => pairsUp(other, string) >= 2 && pairsUp(best, string) < 2,
  groups: ({ fingers }, best, other) => groupsUp(other) === fingers.join('') && groupsUp(best) !== fingers.join(''),
  'same-fingers': (_, best, other) => hasSameFingers(other) && sliding(other).length === 0 && sliding(best).length > 0,
  'more-open': ({ strings }, best, other) =>
    openIn(other) > openIn(best) && strings.every((string) => openOn(other, string) > 0 && openOn(best, string) === 0),
  stopped: (_, best, other) => openIn(other) < openIn(best),
  'fewer-open': ({ strings }, best, other) =>
    openIn(other) < openIn(best) && strings.every((string) => openOn(other, string) === 0 && openOn(best, string) > 0),
  'finger-a-semitone': (_, best, other) => sliding(other).length === 0 && sliding(best).length > 0,
  slides: ({ fingers }, best, other) =>
    sliding(other).join() === fingers.toSorted().join() && sliding(other).join() !== sliding(best).join(),
  'fourth-finger': ({ string }, best, other) => fourthsOn(other, string) > fourthsOn(best, string),
  'no-fourth-finger': ({ string }, best, other) => fourthsOn(other, string) === 0 && fourthsOn(best, string) > 0,
  fingers: ({ string }, best, other) =>
    sounds(other).some((note, order) => note.stops[0].string === string && inPlay(note) !== inPlay(sounds(best)[order])),
  both: ({ one, other: too }, best, other) => one.kind !== too.kind && isNamedTruly(one, best, other) && isNamedTruly(too, best, other),
};

/** Tells whether the name of another fingering is true of its plan, read from nothing but the plans. */
export function isNamedTruly(name: AlternativeName, best: Plan, other: Plan): boolean {
  return isTrue(name.kind, name, best, other);
}

function isTrue<K extends Kind>(kind: K, name: AlternativeName, best: Plan, other: Plan): boolean {
  return isOf(kind, name) && TRUE_OF[kind](name, best, other);
}

function isOf<K extends Kind>(kind: K, name: AlternativeName): name is Of<K> {
  return name.kind === kind;
}

function beginsIn(plan: Plan): string | undefined {
  return stoppedSounds(plan)[0]?.position.label;
}

function shiftsThere(
  { shifts, notes }: Plan,
  named: readonly { readonly string: string; readonly position: { readonly label: string } }[],
): boolean {
  return named.every(({ string, position }) =>
    shifts.some(({ to, toPosition }) => {
      const note = notes[to];
      return note?.kind === 'note' && note.stops[0].string === string && toPosition.label === position.label;
    }),
  );
}

/** Gives the number of notes by which each shift of the other plan comes after each of the best. */
function shiftedNotes(best: Plan, other: Plan): readonly number[] {
  return other.shifts.flatMap(({ to }) => best.shifts.map((shift) => to - shift.to));
}

/** Counts how often a plan goes to a position for one stopped note, or there and back for two. */
export function visitsOf(plan: Plan): number {
  const stays = plan.stays
    .map((stay) => ({
      at: stay.firstFingerMm,
      notes: plan.notes
        .slice(stay.from, stay.to + 1)
        .filter((note) => note.kind === 'note' && note.stops.some(({ finger }) => finger !== '0')).length,
    }))
    .filter(({ notes }) => notes > 0);
  return stays.filter(({ at, notes }, index) => {
    const [before, after] = [stays[index - 1], stays[index + 1]];
    if (notes > 2 || !(before ?? after)) return false;
    return notes === 1 || (before !== undefined && after !== undefined && (at - before.at) * (after.at - at) < 0);
  }).length;
}

/** Counts the pitches that a plan plays both open and stopped. */
export function countMixed(plan: Plan): number {
  const all = sounds(plan).flatMap(({ stops }) => (stops.length === 1 ? [stops[0]] : []));
  const open = new Set(all.filter(({ finger }) => finger === '0').map(({ pitch }) => pitch));
  return new Set(all.filter(({ finger, pitch }) => finger !== '0' && open.has(pitch)).map(({ pitch }) => pitch)).size;
}

/** Tells whether a plan is fingered backward as it is forward. */
export function comesBack(plan: Plan): boolean {
  const all = sounds(plan).map(inPlay);
  return all.join() === all.toReversed().join();
}
