import { countText, listText } from '#core/messages';
import { fadeAfter, type Fading, type Help } from '#core/practice/fading';

/** The names of the helps with which a piece can be shown. */
export const HELP_WORDS: Readonly<Record<Help, string>> = {
  path: 'the path of the hand',
  tapes: 'the places on the fingerboard',
  pattern: 'which fingers touch',
  names: 'the names of the notes',
  numbers: 'the finger numbers',
  tuner: 'the tuner',
  staff: 'the staff',
};

/** The name of the page on which nothing is left. */
export const BLANK_PAGE = 'From memory, with nothing to look at.';

/** Writes some helps: "the staff and the finger numbers"; "nothing" for a blank page. */
export function helpsText(helps: readonly Help[]): string {
  return helps.length === 0 ? 'nothing' : listText(helps.map((help) => HELP_WORDS[help]));
}

/** Writes where a player is in a course: the helps shown, and the next one to go. */
export function fadingText(fading: Fading): string {
  const { shown, clean, byHeart } = fadeAfter(fading);
  if (byHeart) return 'Known by heart: clean on a blank page.';
  const left = fading.course.clean - clean;
  const sets = countText(left, 'more clean set', 'more clean sets');
  const [next] = shown;
  if (next === undefined) return `The last step: ${sets} from memory, and it is known by heart.`;
  return `${sets} in a row, and ${goes(next)}.`;
}

/** Writes which helps go: "the finger numbers go", "the staff goes". */
function goes(help: Help): string {
  return `${HELP_WORDS[help]} ${PLURAL.has(help) ? 'go' : 'goes'}`;
}

const PLURAL: ReadonlySet<Help> = new Set(['tapes', 'names', 'numbers']);

/** The words of the page. */
export const FADING_WORDS = {
  waiting: 'Planning the piece …',
  withCourse: 'the helps of the course',
  withOwn: 'helps of my own choice',
  noCourse: 'No course is set: every help is shown as it is chosen.',
  begin: 'Begin the usual course',
  clean: 'Clean set',
  failed: 'Not clean',
  set: 'Set this course',
} as const;
