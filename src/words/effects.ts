import type { Asked, Brief, PlanSums } from '#core/plan';
import { positionWords, pointsText } from '#core/words';
import { noteLabel, OPEN_STRING_LABELS, PREFERENCE_LABELS, PURPOSE_LABELS } from './labels.ts';
import { mmText } from './plan-words.ts';

/** A part of the brief in words: "only first position", "strong fingers", "3 fixed notes". */
export function askedText(asked: Asked, { limits = {}, locks = [], purpose }: Brief): string {
  switch (asked.kind) {
    case 'wish':
      return PREFERENCE_LABELS[asked.name];
    case 'limit':
      return limitText(asked.name, limits);
    case 'part':
      return {
        purpose: PURPOSE_LABELS[purpose ?? 'none'],
        wayDown: 'down as up',
        samePatternEveryOctave: 'one pattern for every octave',
        locks: locks.length === 1 ? 'one fixed note' : `${locks.length} fixed notes`,
      }[asked.name];
  }
}

function limitText(name: Extract<Asked, { kind: 'limit' }>['name'], limits: NonNullable<Brief['limits']>): string {
  switch (name) {
    case 'positions':
      return `only ${(limits.positions ?? []).map((label) => positionWords({ label, alteration: null })).join(', ')}`;
    case 'strings':
      return `only the strings ${(limits.strings ?? []).map(noteLabel).join(', ')}`;
    case 'fingers':
      return `only fingers ${(limits.fingers ?? []).join(', ')}`;
    case 'openStrings':
      return `open strings ${OPEN_STRING_LABELS[limits.openStrings ?? 'allow']}`;
    case 'highestPerString':
      return 'a highest note on a string';
    case 'shifts':
      return `exactly ${limits.shifts ?? 0} shifts`;
    case 'harmonics':
      return 'natural harmonics';
  }
}

const COUNTED = [
  ['shifts', 'shift', 'shifts'],
  ['crossings', 'string crossing', 'string crossings'],
  ['openStrings', 'open string', 'open strings'],
  ['extensions', 'extension', 'extensions'],
  ['stretches', 'stretch', 'stretches'],
] as const;

/** How one plan's sums differ from another's: "2 shifts fewer", "the widest reach 71 mm, not 66 mm" and, where both are priced alike, "1.4 dearer". */
export function sumDifferences(from: PlanSums, to: PlanSums, priced: boolean): readonly string[] {
  const counted = COUNTED.flatMap(([name, one, many]) => {
    const more = (to[name] ?? 0) - (from[name] ?? 0);
    if (more === 0) return [];
    const count = Math.abs(more);
    return [`${count} ${count === 1 ? one : many} ${more > 0 ? 'more' : 'fewer'}`];
  });
  const [was, is] = [Math.round(from.widestReachMm), Math.round(to.widestReachMm)];
  const cost = to.costThousandths - from.costThousandths;
  return [
    ...counted,
    ...(was === is ? [] : [`the widest reach ${mmText(is)}, not ${mmText(was)}`]),
    ...(!priced || Math.abs(cost) < 10 ? [] : [`${pointsText(cost)} ${cost > 0 ? 'dearer' : 'cheaper'}`]),
  ];
}
