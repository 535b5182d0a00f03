import { goesBackText } from '../kept/versions.ts';
import { dequal } from 'dequal';
import type { Brief } from '#core/brief';
import { LIMIT_NAMES, type LimitName, limitPart } from '#core/brief/parts/limits';
import { USUAL_KEY } from '#core/brief/parts/materials';
import { WAY_DOWN_WORDS } from '#core/brief/parts/rules';
import { listText } from '#core/messages';
import { keyLabel } from '#core/key';
import { noteLabel } from '#core/pitch';
import { wayLabel } from '../hand/hands.ts';
import { materialLabel } from './pieces.ts';
import { noteAtText, type TellNoteOfLine, tellNotesOfBrief } from '../line/note-places.ts';
import { wishLabels } from './wishes.ts';
import { variantLabels } from '../line/rhythm.ts';
import { changesText } from '../line/signature.ts';
import { type OtherSide, setupChanges } from '../studio/setup.ts';

/** The teacher's decisions about a piece, as far as the words of its changes need them. */
export interface Decided {
  readonly name: string;
  readonly brief: Brief;
  readonly lineText: string;
}

/** Writes the change from one state of a piece to the next: "A major, one octave", "note 5 locked: 3 on D". */
export function workChange(before: Decided, after: Decided, otherSide: OtherSide = 'was'): string {
  const told = [
    before.name === after.name ? '' : `named “${after.name}”`,
    materialChange(before.brief, after.brief),
    ...setupChanges(before.brief, after.brief, otherSide),
    partChange(before.brief, after.brief, rhythmText),
    partChange(before.brief, after.brief, ({ tempo }) => (tempo === undefined ? 'no tempo' : `♩ = ${tempo}`)),
    ...LIMITS.map((name) => partChange(before.brief, after.brief, (brief) => limitText(name, brief))),
    partChange(before.brief, after.brief, ({ wayDown }) => (wayDown === 'as-up' ? WAY_DOWN_WORDS.asked : WAY_DOWN_WORDS.free)),
    partChange(before.brief, after.brief, (brief) => wishLabels(brief).join(', ') || 'no preferences'),
    lockChange(before.brief, after.brief),
    dequal(before.brief.marks, after.brief.marks) ? '' : 'a mark at a note',
  ].filter((words) => words !== '');
  return told.length === 0 ? 'a change' : told.join('; ');
}

/** Writes how a version differs from the piece as it is now: the effect of bringing it back. */
export function versionText(now: Decided, version: Decided): string {
  const isSame = dequal([now.name, now.brief, now.lineText], [version.name, version.brief, version.lineText]);
  return goesBackText(isSame, [workChange(now, version, 'now')]);
}

function materialChange(before: Brief, after: Brief): string {
  if (dequal(before.material, after.material)) return '';
  if (after.material.kind !== 'line' || before.material.kind !== 'line') return materialLabel(after);
  const [was, is] = [before.material, after.material];
  return [
    dequal(was.notes, is.notes) ? '' : 'the notes',
    was.key === is.key ? '' : keyLabel(is.key ?? USUAL_KEY),
    dequal(was.changes, is.changes) ? '' : changesText(is.changes),
  ]
    .filter((words) => words !== '')
    .join('; ');
}

/** Writes a part of the brief, when its words differ. */
function partChange(before: Brief, after: Brief, words: (brief: Brief) => string): string {
  return words(before) === words(after) ? '' : words(after);
}

function rhythmText({ rhythm }: Brief): string {
  if (rhythm === undefined) return '';
  const plain = `${rhythm.noteValue ?? ''} in ${rhythm.meter ?? ''}, ${rhythm.notesPerBow ?? 1} to a bow`;
  return [plain, ...variantLabels(rhythm)].join(', ');
}

/** The limits that are named separately; others are named with the player, or among the wishes. */
const LIMITS = LIMIT_NAMES.filter((name) => limitPart(name).ofPlayer !== true && limitPart(name).stands.in === 'sentence');

function limitText<Name extends LimitName>(name: Name, { limits }: Brief): string {
  const { words } = limitPart(name);
  const value = limits?.[name];
  return value === undefined ? words.none : words.asked(value);
}

function lockChange(before: Brief, after: Brief): string {
  const [were, are] = [before.locks ?? [], after.locks ?? []];
  const locked = are.filter((lock) => !were.some((was) => dequal(was, lock)));
  const free = were.filter((lock) => !are.some((is) => is.note === lock.note));
  const [only] = locked;
  const [freed] = free;
  const tell = tellNotesOfBrief(after);
  const told = [
    locked.length === 1 && only
      ? `${noteAtText(tell(only.note), only.note)} locked: ${lockText(only)}`
      : locked.length > 1
        ? `${locked.length} notes locked`
        : '',
    free.length === 1 && freed
      ? `${noteAtText(tell(freed.note), freed.note)} unlocked`
      : free.length > 1
        ? `${free.length} notes unlocked`
        : '',
  ];
  return told.filter((words) => words !== '').join(', ');
}

function lockText({ finger, upperFinger, topFinger, string }: NonNullable<Brief['locks']>[number]): string {
  const fingers = finger === undefined ? '' : wayLabel({ finger, upperFinger: upperFinger ?? null, topFinger: topFinger ?? null });
  return [fingers, string === undefined ? '' : `on ${noteLabel(string)}`].filter((words) => words !== '').join(' ');
}

/** The number of differently fingered notes that are told one by one. */
const MOST_TOLD = 3;

/** Writes which notes (line indexes) the engine fingered differently; empty where nothing is known of it. */
export function refingeredText(notes: readonly number[] | null, tell: TellNoteOfLine): string {
  if (notes === null) return '';
  if (notes.length === 0) return 'no fingering changed';
  if (notes.length > MOST_TOLD) return `${notes.length} notes fingered differently`;
  return `fingered differently: ${listText(notes.map((note) => noteAtText(tell(note), note)))}`;
}
