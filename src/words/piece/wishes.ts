import type { Brief, Passage } from '#core/brief';
import { limitsSet } from '#core/brief/parts/limits';
import { SAME_PATTERN_WORDS } from '#core/brief/parts/rules';
import { PREFERENCES, wishPart } from '#core/brief/parts/wishes';
import { listText } from '#core/messages';
import { noteAtText, passageText, type TellNoteOfLine, tellNotesOfBrief } from '../line/note-places.ts';

/** The strengths of a wish, 0 to 1, as documents have them and in words. */
export const STRENGTHS: readonly { readonly value: number; readonly name: string }[] = [
  { value: 0, name: 'no' },
  { value: 0.35, name: 'a little' },
  { value: 0.7, name: 'rather' },
  { value: 1, name: 'above all' },
];

/** Writes what is asked of some notes alone: "only the strings D from measure 2, beat 1 to beat 3 (B♭5 to D♭6)". */
export function passageLabel({ from, to, limits, preferences = {} }: Passage, tell: TellNoteOfLine): string {
  const limited = limitsSet(limits).map(({ part, value }) => part.words.asked(value));
  const wished = PREFERENCES.filter((wish) => (preferences[wish] ?? 0) > 0).map((wish) => wishPart(wish).label);
  return `${listText([...limited, ...wished])} ${from === to ? `at ${noteAtText(tell(from), from)}` : `from ${passageText({ from, to }, tell)}`}`;
}

/** Writes the wishes, and the rules that hold for the whole line. */
export function wishLabels(brief: Brief): readonly string[] {
  const { preferences = {}, limits, stretches = [] } = brief;
  const tell = tellNotesOfBrief(brief);
  const rules = limitsSet(limits).filter(({ part }) => part.stands.in === 'rules');
  return [
    ...PREFERENCES.filter((wish) => (preferences[wish] ?? 0) > 0).map((wish) => wishPart(wish).label),
    ...(brief.samePatternEveryOctave === true ? [SAME_PATTERN_WORDS.asked] : []),
    ...rules.map(({ part, value }) => part.words.inSentence(value)).filter((words) => words !== ''),
    ...stretches.map((passage) => passageLabel(passage, tell)),
  ];
}

/** Writes the wishes in the sentence. */
export function wishText(wishes: readonly string[]): string {
  return wishes.length === 0 ? 'no preferences' : listText(wishes);
}
