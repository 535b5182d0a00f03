import type { Brief, Lock } from '#core/brief';
import type { Compared, Evidence, Ground, Instead, Reason, Without } from '#core/explain';
import type { Finger } from '#core/hand/placement';
import type { Plan } from '#core/plan/describe';
import { weighedText } from '../../../src/words/explain/weighed.ts';
import { EQUAL_BELOW } from '#core/weights';
import { GROUNDS } from './grounds-true.ts';
import { comesBack, isNamedTruly } from './named-truly.ts';
import { bestOf, FINGERS, free, isOpenOrIn, mayPlay, positionsOf, soundAt, withLocks } from './plans-asked.ts';
import type { Of, Told, Untrue } from './told.ts';

/** The result where no plan was found that shows a sentence to be true, and none that shows it to be untrue. */
export const UNPROVEN = 'unproven';

function stringOf({ strings }: Plan, open: string): string | undefined {
  return strings.find(({ name }) => name === open)?.name;
}

function costOver(best: Plan, other: Plan): number {
  return other.cost.totalThousandths - best.cost.totalThousandths;
}

/** Tells whether the words for a difference fit it: the words, and the figure to a rounding. */
function weighsAsTold({ deltaThousandths }: Compared, best: Plan, other: Plan | null): Untrue {
  if (other === null) return 'there is no such fingering';
  const over = costOver(best, other);
  return weighedText(over) === weighedText(deltaThousandths) ? null : `told ${deltaThousandths}, is ${over}`;
}

function cheapest(plans: readonly (Plan | null)[]): Plan | null {
  const found = plans.flatMap((plan) => plan ?? []);
  return found.toSorted((one, other) => one.cost.totalThousandths - other.cost.totalThousandths)[0] ?? null;
}

/** The check for each thing that the line may do instead. */
const INSTEAD: { readonly [Does in Instead['does']]: (told: Told, instead: Of<Instead, 'does', Does>, compared: Compared) => Untrue } = {
  'goes-otherwise': ({ reason, brief, best }, { name }, compared) => {
    const { without, fewer } = withoutShiftAt(brief, best, reason);
    const asTold = [...without, ...fewer].filter(
      (other) => weighsAsTold(compared, best, other) === null && (name === null || isNamedTruly(name, best, other)),
    );
    const cheaper = without.find(
      (other) => costOver(best, other) < compared.deltaThousandths && weighsAsTold(compared, best, other) !== null,
    );
    // A line that is as good without this shift has it elsewhere; then the reason is about one shift fewer.
    if (cheaper && costOver(best, cheaper) > 0)
      return `a line without it costs ${costOver(best, cheaper)}, told ${compared.deltaThousandths}`;
    return asTold.length > 0 ? null : UNPROVEN;
  },
  'on-string': ({ reason, brief, best }, { string }, compared) => {
    if (stringOf(best, string) === undefined) return 'no such string';
    const other = onString(brief, reason.note, string);
    return other === 'not told apart' ? null : weighsAsTold(compared, best, other);
  },
  rests: ({ reason, brief, best }, _, compared) => {
    const resting = everyWay(brief, best, reason.note).filter((other) => soundAt(other, reason.note)?.extended === false);
    const least = cheapest(resting);
    if (least === null) return restsSomewhere(brief, best, reason.note) ? null : UNPROVEN;
    return costOver(best, least) >= compared.deltaThousandths || weighsAsTold(compared, best, least) === null
      ? null
      : `told ${compared.deltaThousandths}, is ${costOver(best, least)}`;
  },
  'stops-it': ({ reason, brief, best }, { finger }, compared) => leastFinger({ reason, brief, best }, finger, compared, {}),
  'takes-finger': ({ reason, brief, best }, { finger }, compared) => {
    const here = soundAt(best, reason.note)?.stops[0];
    if (!here) return 'no note';
    // The open string is another one.
    if (finger === '0') return weighsAsTold(compared, best, withLocks(brief, [{ note: reason.note, finger }]));
    return leastFinger({ reason, brief, best }, finger, compared, { string: here.open, not: here.finger });
  },
};

/** Tells whether the finger named is the cheapest of those that could be. */
function leastFinger(
  { reason, brief, best }: Pick<Told, 'reason' | 'brief' | 'best'>,
  finger: Finger,
  compared: Compared,
  { string, not }: { readonly string?: string; readonly not?: Finger },
): Untrue {
  const lockOn = (finger: Finger): Lock => ({ note: reason.note, finger: finger, ...(string === undefined ? {} : { string }) });
  const own = withLocks(brief, [lockOn(finger)]);
  // A locked finger may be that of either note of a double stop.
  if ((soundAt(best, reason.note)?.stops.length ?? 1) > 1) return null;
  const wrong = weighsAsTold(compared, best, own);
  if (wrong !== null) return wrong;
  const fingers: readonly Finger[] = not === undefined ? FINGERS : [...FINGERS, '0'];
  const asked = fingers.filter(
    (other) => other !== not && other !== finger && (other === '0' || mayPlay(best, reason.note, other, string)),
  );
  const others = asked.map((finger) => withLocks(brief, [lockOn(finger)]));
  const least = cheapest(others);
  return least !== null && own !== null && costOver(own, least) < 0 && weighsAsTold(compared, best, least) !== null
    ? 'another finger is easier'
    : null;
}

/**
 * Gives the best plan with a note (of a double stop, the lower one) on a string; null where there is none. A locked string lets in an open
 * string that the brief avoids, and either note of a double stop, which cannot be told apart from the lock asked for.
 */
function onString(brief: Brief, note: number, string: string): Plan | null | 'not told apart' {
  const other = withLocks(brief, [{ note, string }]);
  const there = other && soundAt(other, note);
  if (!there) return null;
  const policy = brief.limits?.openStrings;
  const open = there.stops[0].finger === '0';
  const avoided = (policy === 'avoid' && open) || (policy === 'prefer' && !open);
  return there.stops[0].open !== string || avoided ? 'not told apart' : other;
}

/** Gives the best plan for each string and finger with which a note can be played. */
function everyWay(brief: Brief, best: Plan, note: number): readonly Plan[] {
  return best.strings.flatMap(({ name }) =>
    FINGERS.filter((finger) => mayPlay(best, note, finger, name)).flatMap(
      (finger) => withLocks(brief, [{ note, string: name, finger }]) ?? [],
    ),
  );
}

/** Tells whether the note can be played by a hand at rest in some position. */
function restsSomewhere(brief: Brief, best: Plan, note: number): boolean {
  return positionsOf(best).some((position) =>
    best.strings.some(({ name }) => {
      const other = withLocks(brief, [{ note, string: name, position }]);
      return other !== null && soundAt(other, note)?.extended === false;
    }),
  );
}

/** The check for each thing without which the note cannot be played. */
const WITHOUT: { readonly [Lacks in Without['lacks']]: (told: Told, without: Of<Without, 'lacks', Lacks>) => Untrue } = {
  'shift-near': ({ reason, brief, best }) => {
    const [found] = withoutShiftAt(brief, best, reason).without;
    return found ? 'there is a line without it' : null;
  },
  'other-string': ({ reason, brief }, { string }) => {
    const other = onString(brief, reason.note, string);
    return other === null || other === 'not told apart' ? null : 'it can be played there';
  },
  extension: ({ reason, brief, best }) =>
    everyWay(brief, best, reason.note).some((other) => soundAt(other, reason.note)?.extended === false) ? 'it can be played at rest' : null,
  'high-place': ({ reason, brief, best }) => {
    const here = soundAt(best, reason.note);
    const lower = everyWay(brief, best, reason.note).filter((other) => {
      const there = soundAt(other, reason.note);
      return there !== null && isOtherwise(reason, best, other) && there.anchor <= (here?.anchor ?? 0);
    });
    return lower.length === 0 ? null : 'it can be played otherwise no higher up';
  },
  'open-string': ({ reason, brief, best }) => {
    // No finger is asked for where the brief prefers open strings; of a double stop either note may be open.
    if (brief.limits?.openStrings === 'prefer' || (soundAt(best, reason.note)?.stops.length ?? 1) > 1) return null;
    const asked = FINGERS.filter((finger) => mayPlay(best, reason.note, finger));
    return asked.some((finger) => withLocks(brief, [{ note: reason.note, finger }])) ? 'a finger can play it' : null;
  },
  'this-finger': ({ reason, brief, best }, { string }) => {
    const here = soundAt(best, reason.note)?.stops[0].finger;
    if ((soundAt(best, reason.note)?.stops.length ?? 1) > 1) return null;
    const other = FINGERS.find(
      (finger) =>
        finger !== here && mayPlay(best, reason.note, finger, string) && withLocks(brief, [{ note: reason.note, finger, string }]) !== null,
    );
    return other === undefined ? null : `${other} can play it`;
  },
};

/** Tells whether another plan plays the note without what the reason is about. */
function isOtherwise({ about, note }: Reason, best: Plan, other: Plan): boolean {
  const [here, there] = [soundAt(best, note), soundAt(other, note)];
  const before = best.notes.slice(0, note).findLast((note) => note.kind === 'note');
  if (!here || !there || before?.kind !== 'note') return false;
  switch (about) {
    case 'crossing':
      return there.stops[0].string === before.stops[0].string;
    case 'extension':
    case 'pivot':
      return !there.extended;
    case 'open-string':
      return there.stops[0].finger !== '0';
    case 'finger':
      return there.stops[0].string === here.stops[0].string && there.stops[0].finger !== here.stops[0].finger;
    case 'shift':
    case 'shift-here':
      return false;
  }
}

/** The number of notes to either side of a shift that are asked about with it. */
const WINDOW = 2;

/** Lists plans without a shift in the notes around one, as far as other shifts leave room: all of them in one position, each in turn. */
function withoutShiftAt(
  brief: Brief,
  best: Plan,
  { note, about }: Reason,
): { readonly without: readonly Plan[]; readonly fewer: readonly Plan[] } {
  const sounding = best.notes.flatMap((note, index) => (note.kind === 'note' ? [index] : []));
  const order = sounding.indexOf(note);
  const shiftsTo = (at: number): boolean => best.shifts.some(({ to }) => to === sounding[at]);
  let [from, to] = [order - 1, order];
  if (about === 'shift') {
    while (from > order - 1 - WINDOW && from > 0 && !shiftsTo(from)) from -= 1;
    while (to < order + WINDOW && to < sounding.length - 1 && !shiftsTo(to + 1)) to += 1;
  }
  const inside = sounding.slice(Math.max(0, from), to + 1);
  const stays = (other: Plan): boolean => !other.shifts.some((shift) => inside.slice(1).includes(shift.to));
  const common = positionsOf(best).filter((position) => inside.every((index) => isOpenOrIn(best, index, position)));
  const shared = common.flatMap(
    (position) =>
      withLocks(
        brief,
        inside.map((index) => ({ note: index, position })),
      ) ?? [],
  );
  const fewer = Array.from({ length: best.shifts.length }, (_, shifts) =>
    bestOf({ ...free(brief), limits: { ...free(brief).limits, shifts } }),
  );
  return { without: shared.filter(stays), fewer: fewer.flatMap((other) => other ?? []) };
}

/** The check for each kind of evidence. */
const EVIDENCE: { readonly [Kind in Evidence['kind']]: (told: Told, evidence: Of<Evidence, 'kind', Kind>) => Untrue } = {
  locked: ({ brief, reason }) => (brief.locks?.some(({ note }) => note === reason.note) === true ? null : 'nothing is fixed there'),
  needed: (told, { without }) => neededUntrue(without.lacks, told, without),
  costlier: (told, { instead, compared }) => {
    const isUneven = compared.isUneven && compared.deltaThousandths > -EQUAL_BELOW && comesBack(told.best);
    return compared.deltaThousandths < 0 && !isUneven ? 'it is easier' : insteadUntrue(instead.does, told, instead, compared);
  },
  asked: (told, { instead, compared }) =>
    compared.deltaThousandths >= 0 ? 'it is no easier' : insteadUntrue(instead.does, told, instead, compared),
};

function neededUntrue<Lacks extends Without['lacks']>(lacks: Lacks, told: Told, without: Without): Untrue {
  return isLacking(lacks, without) ? WITHOUT[lacks](told, without) : 'another kind';
}

function isLacking<Lacks extends Without['lacks']>(lacks: Lacks, without: Without): without is Of<Without, 'lacks', Lacks> {
  return without.lacks === lacks;
}

function insteadUntrue<Does extends Instead['does']>(does: Does, told: Told, instead: Instead, compared: Compared): Untrue {
  return isDoing(does, instead) ? INSTEAD[does](told, instead, compared) : 'another kind';
}

function isDoing<Does extends Instead['does']>(does: Does, instead: Instead): instead is Of<Instead, 'does', Does> {
  return instead.does === does;
}

function evidenceUntrue<Kind extends Evidence['kind']>(kind: Kind, told: Told, evidence: Evidence): Untrue {
  return isEvidence(kind, evidence) ? EVIDENCE[kind](told, evidence) : 'another kind';
}

function isEvidence<Kind extends Evidence['kind']>(kind: Kind, evidence: Evidence): evidence is Of<Evidence, 'kind', Kind> {
  return evidence.kind === kind;
}

function groundUntrue<Kind extends Ground['kind']>(kind: Kind, told: Told, ground: Ground): Untrue {
  return isGround(kind, ground) ? GROUNDS[kind](told, ground) : 'another kind';
}

function isGround<Kind extends Ground['kind']>(kind: Kind, ground: Ground): ground is Of<Ground, 'kind', Kind> {
  return ground.kind === kind;
}

/** Finds what of a reason is not true, read from its own data, the notes of its plan, and `plan()`; null where all is. */
export function untrueOf(told: Told): Untrue {
  const { ground, evidence, note, written } = told.reason;
  const here = soundAt(told.best, note);
  if (here?.stops[0].written !== written) return `the note is not ${written}`;
  const wrong = ground && groundUntrue(ground.kind, told, ground);
  if (!ground && !evidence) return 'nothing speaks for it';
  return wrong ?? (evidence && evidenceUntrue(evidence.kind, told, evidence));
}

/** The kinds of things that a reason may say. */
export const REASON_KINDS: readonly string[] = [
  ...Object.keys(GROUNDS).map((kind) => `ground ${kind}`),
  ...Object.keys(EVIDENCE),
  ...Object.keys(INSTEAD),
  ...Object.keys(WITHOUT),
];

/** Lists the kinds of things that one reason says. */
export function kindsOf({ ground, evidence }: Reason): readonly string[] {
  return [
    ...(ground ? [`ground ${ground.kind}`] : []),
    ...(evidence ? [evidence.kind] : []),
    ...(evidence && 'instead' in evidence ? [evidence.instead.does] : []),
    ...(evidence && 'without' in evidence ? [evidence.without.lacks] : []),
  ];
}
