import type { PositionName } from '#core/hand';
import type { StringNumber } from '#core/instrument';
import { countText, listText, positionShort, positionWords } from '#core/messages';
import { noteLabel } from '#core/pitch';
import type { AlternativeName, Difference } from '#core/plan';
import type { Plan } from '#core/plan/describe';

/** The strings of a plan, as names need them. */
export type Strings = Plan['strings'];

type Kind = AlternativeName['kind'];
type Of<K extends Kind> = Extract<AlternativeName, { kind: K }>;

/** Names what another fingering does: "shifts on the A string", "third position, no shift". */
export function alternativeName(name: AlternativeName, strings: Strings): string {
  return nameOfKind(name.kind, name, strings);
}

function nameOfKind<K extends Kind>(kind: K, name: AlternativeName, strings: Strings): string {
  return isOf(kind, name) ? NAMES[kind](name, strings) : '';
}

function isOf<K extends Kind>(kind: K, name: AlternativeName): name is Of<K> {
  return name.kind === kind;
}

const NAMES: { readonly [K in Kind]: (name: Of<K>, strings: Strings) => string } = {
  unlocked: () => 'without your locked notes',
  'finger-a-semitone': () => 'a finger for each semitone',
  slides: ({ fingers }) => `slides with ${listText(fingers)}`,
  'two-and-two': ({ string }, strings) => `1 2, 1 2 up the ${stringText(string, strings)}`,
  groups: ({ fingers }) => `${fingers.join(' ')} on every string`,
  'no-shift': ({ position }) => `${positionWords(position)}, no shift`,
  starts: ({ position, shifts: [shift] }, strings) =>
    shift
      ? `starts in ${inShort(position)}, shifts on ${openText(shift.string, strings)} to ${inShort(shift.position)}`
      : `starts in ${positionWords(position)}`,
  strings: ({ shifts }, strings) => shiftsText(shifts, strings),
  positions: ({ positions }) => `through ${positionsText(positions)}`,
  moment: ({ notes }) => `shifts ${countText(Math.abs(notes), 'note', 'notes')} ${notes > 0 ? 'later' : 'sooner'}`,
  'open-strings': () => 'open strings',
  stopped: () => 'no open strings',
  'same-fingers': () => 'the same fingers on every string',
  'more-open': ({ strings: open }, strings) => (open.length === 0 ? 'more open strings' : openStringsText(open, strings)),
  'fewer-open': ({ strings: open }, strings) => (open.length === 0 ? 'fewer open strings' : `no ${openStringsText(open, strings)}`),
  'fourth-finger': ({ string }, strings) => `fourth finger on the ${stringText(string, strings)}`,
  'no-fourth-finger': ({ string }, strings) => `no fourth finger on the ${stringText(string, strings)}`,
  fingers: ({ string }, strings) => `other fingers on the ${stringText(string, strings)}`,
  both: ({ one, other }, strings) =>
    stringsInShort(`${firstInBrief(one, strings)}, ${inBrief(other, 'string' in one ? one.string : null, strings)}`),
};

/** Shortens "on the E string" to "on E", where two things stand in one name. */
function stringsInShort(name: string): string {
  return name.replaceAll(/\bthe (\S+) string\b/g, '$1');
}

/** Writes the first of two things a line does. */
function firstInBrief(difference: Difference, strings: Strings): string {
  if (difference.kind === 'positions') return `through ${listText(difference.positions.map(positionShort))}`;
  return difference.kind === 'strings' ? shiftsInShort(difference.shifts, strings) : alternativeName(difference, strings);
}

/**
 * Writes the second of two things a line does: the place of a shift is given by the strings alone, but for the one that was named already.
 */
function inBrief(difference: Difference, told: StringNumber | null, strings: Strings): string {
  if (difference.kind === 'starts') return `starts in ${positionWords(difference.position)}`;
  if (difference.kind === 'moment') return `${alternativeName(difference, strings)} on the ${stringText(difference.string, strings)}`;
  if (difference.kind === 'positions') return `through ${listText(difference.positions.map(positionShort))}`;
  if (difference.kind !== 'strings') return alternativeName(difference, strings);
  const elsewhere = [...new Set(difference.shifts.map(({ string }) => string))].filter((string) => string !== told);
  if (elsewhere.length === 0) return shiftsText(difference.shifts, strings);
  return `shifts on the ${listText(elsewhere.map((string) => stringText(string, strings)))}`;
}

/** Names a position as teachers say it when it is clear that a position is meant: "third". */
function inShort(position: PositionName): string {
  return positionWords(position).replace(/ position$/, '');
}

/** Writes positions: "first and third position", more of them by their numbers; one of another kind is named whole. */
function positionsText(positions: readonly PositionName[]): string {
  if (positions.length > 2) return severalInShort(positions.map(positionShort));
  const words = positions.map(positionWords);
  const numbered = words.every((word) => word.endsWith(' position'));
  return numbered ? `${listText(positions.map(inShort))} position` : listText(words);
}

/** Writes several positions: "1st, 3rd and 7th position", of the double bass "½, III and V". */
function severalInShort(names: readonly string[]): string {
  return names.every((name) => /\d(st|nd|rd|th)$/.test(name)) ? `${listText(names)} position` : listText(names);
}

/** Writes shifts: "shifts on the A string to third position"; more than one in short. */
function shiftsText(shifts: Of<'strings'>['shifts'], strings: Strings): string {
  const [only, ...more] = shifts;
  if (!only || more.length > 0) return shiftsInShort(shifts, strings);
  return `shifts on the ${stringText(only.string, strings)} to ${positionWords(only.position)}`;
}

/** Writes shifts in short: "shifts on A to third, on E to fifth". */
function shiftsInShort(shifts: Of<'strings'>['shifts'], strings: Strings): string {
  return `shifts ${shifts.map(({ string, position }) => `on ${openText(string, strings)} to ${inShort(position)}`).join(', ')}`;
}

/** Writes open strings: "open D string", "open D and G strings". */
function openStringsText(open: readonly StringNumber[], strings: Strings): string {
  return `open ${listText(open.map((string) => openText(string, strings)))} ${open.length === 1 ? 'string' : 'strings'}`;
}

/** Names a string by its open note: "A string". */
function stringText(number: StringNumber, strings: Strings): string {
  return `${openText(number, strings)} string`;
}

function openText(number: StringNumber, strings: Strings): string {
  const string = strings.find((string) => string.number === number);
  return string ? noteLabel(string.name) : number;
}
