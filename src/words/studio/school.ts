import { type Labels, type QuestionName, QUESTION_NAMES, questionNamed, sideOf, type StyleName, type Ways } from '#core/brief/parts/school';

/** The questions of a school that show in the fingering, by subject, in the order in which they are asked. */
export const QUESTION_GROUPS: readonly { readonly title: string; readonly questions: readonly QuestionName[] }[] = [
  { title: 'Open strings and the fourth finger', questions: ['openUp', 'openDown', 'openAbove', 'fourthAtShifts', 'fourthOnTop'] },
  { title: 'Shifts', questions: ['guide', 'shiftUp', 'shiftDown', 'nextPosition', 'down'] },
  { title: 'The hand', questions: ['celloHand', 'bassHand', 'fingers', 'sameFinger', 'violinSemitones', 'semitones'] },
  { title: 'Style and intonation', questions: ['style', 'intonation'] },
  { title: 'Shown beside the note', questions: QUESTION_NAMES.filter((name) => questionNamed(name).toldAt !== undefined) },
];

/** The names of the labels under the notes. */
export const LABEL_WORDS: Readonly<Record<Labels, string>> = {
  numbers: 'finger numbers',
  names: 'note names',
  both: 'finger numbers and note names',
  neither: 'neither numbers nor names',
};

/** The names of styles at the head of their columns. */
export const STYLE_LABELS: Readonly<Record<StyleName, string>> = { older: 'Older', plain: 'Plain', singing: 'Singing' };

/** The questions whose answers have a part of their own in the sentence. */
const WITH_THEIR_OWN_PART: readonly QuestionName[] = ['down', 'bassHand'];

/** Writes answers in the order of the questions. */
export function waysLabels(ways: Ways): readonly string[] {
  return labelsOf(ways, QUESTION_NAMES);
}

/** Writes answers as they stand among the preferences of the sentence. */
export function waysInSentence(ways: Ways): readonly string[] {
  return labelsOf(
    ways,
    QUESTION_NAMES.filter((name) => !WITH_THEIR_OWN_PART.includes(name)),
  );
}

function labelsOf(ways: Ways, names: readonly QuestionName[]): readonly string[] {
  return names.flatMap((name) => {
    const side = ways[name];
    return side === undefined ? [] : [sideOf(name, side).label];
  });
}
