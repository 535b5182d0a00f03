import type { ChosenString, Doubt, GivenFingering } from '#core/given';
import { choiceText, countText, listText, positionWords } from '#core/messages';
import { noteLabel } from '#core/pitch';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { EQUAL_BELOW } from '#core/weights';
import { weighedText } from '../explain/weighed.ts';
import { SCHOOL_LABELS } from '../hand/hands.ts';
import { guideText } from '../hand/guides.ts';
import { fingerName, mmText, shiftText } from '../plan-words.ts';
import { noteAtText, passageText, type TellNoteOfLine } from './note-places.ts';

/** The words of the part of the bench that shows a given fingering. */
export const GIVEN = {
  title: 'This fingering',
  drawing: 'This fingering, and ours where it differs',
  lock: 'Lock every note as it is given',
  unlock: 'Compare it only',
  remove: 'Remove it',
  doubts: 'Likely misprints',
  noHand: 'Where our model has no hand',
  beside: 'Beside ours',
  shifts: 'Its shifts',
  columns: ['Where', 'This', 'Ours', 'What it gains', 'What it costs', 'Overall'],
  noOwn: 'Within what is asked of this piece we find no fingering of our own to compare.',
} as const;

/** Writes how much of a line is fingered: "24 of 32 notes are fingered; the other 8 are completed by us, in brackets." */
export function fingeredText({ completed }: GivenFingering, sounding: number): string {
  const given = sounding - completed.length;
  if (completed.length === 0) return `All ${sounding} notes are fingered.`;
  return `${given} of ${sounding} notes are fingered; ${completed.length === 1 ? 'the other one is' : `the other ${completed.length} are`} completed by us, in brackets.`;
}

/** Writes with which hand a fingering was read, where that is not the player’s own; null where it is. */
export function readWithText({ school, isOwnHand }: GivenFingering): string | null {
  return isOwnHand ? null : `It is read with another hand than this player’s: ${SCHOOL_LABELS[school]}.`;
}

/** Writes how a given fingering compares as a whole: "It differs from ours at 6 of 32 notes. On the whole it is a little harder." */
export function comparedText({ against, plan }: GivenFingering): string {
  if (against === null) return GIVEN.noOwn;
  const { differsAt, deltaThousandths } = against;
  if (differsAt.length === 0) return 'We finger it the same, note for note.';
  const sounding = plan.notes.filter(({ kind }) => kind === 'note').length;
  const differs = `It differs from ours at ${differsAt.length} of ${sounding} notes.`;
  return deltaThousandths === null ? differs : `${differs} On the whole it is ${weighedText(deltaThousandths)}.`;
}

/** Writes a sign that fits no hand: "Measure 3, beat 1 (B4): finger 4 reaches this note on no string; 1 and 2 do." */
export function doubtText(doubt: Doubt, tell: TellNoteOfLine): string {
  const where = sentence(noteAtText(tell(doubt.note), doubt.note));
  switch (doubt.kind) {
    case 'finger':
      return `${where}: ${fingerName(doubt.finger)} reaches this note on no string; ${listText(doubt.could)} ${doubt.could.length === 1 ? 'does' : 'do'}.`;
    case 'string':
      return `${where}: ${fingerName(doubt.finger)} and string ${doubt.string} do not go together. With this finger it could be string ${choiceText(doubt.could)}${doubt.fingers.length === 0 ? '' : `, on this string finger ${choiceText(doubt.fingers)}`}.`;
    case 'position': {
      const words = (label: string): string => positionWords({ label, alteration: null });
      return `${where}: with this finger the note does not lie in ${words(doubt.label)}; in ${listText(doubt.could.map(words))} it does.`;
    }
  }
}

/** Writes the notes that no hand of ours plays, one sentence a pair: "Measure 3, beat 1 to beat 2 (B♭4 to C♯5): …". */
export function noHandTexts({ notes, notOneHand }: Plan, tell: TellNoteOfLine): readonly string[] {
  return notOneHand.flatMap(({ from, to, kind }) => {
    const [one, other] = [notes[from], notes[to]];
    if (one?.kind !== 'note' || other?.kind !== 'note') return [];
    const fingers = `${fingersText(one)} and ${fingersText(other)}`;
    const why =
      kind === 'beside' ? 'do not stand so beside each other on one string in any hand of ours' : 'are not covered by any one hand of ours';
    return [`${sentence(passageText({ from, to }, tell))}: without a shift between them, ${fingers} ${why}. It is shown as it is given.`];
  });
}

function fingersText({ stops }: PlannedSound): string {
  return stops.map(({ finger, open }) => `${fingerName(finger)} on ${noteLabel(open)}`).join(' with ');
}

/** Writes how many strings were chosen: "At 12 notes the string is left open: …"; null for none. */
export function stringsText({ strings }: GivenFingering): string | null {
  if (strings.length === 0) return null;
  return `At ${countText(strings.length, 'note', 'notes')} the string is left open; the likeliest is taken, in brackets under the staff.`;
}

/** Tells whether a string that was chosen could as well be another. */
function isClose({ next }: ChosenString): boolean {
  return next !== null && next.deltaThousandths < EQUAL_BELOW;
}

/** Writes the strings that could as well be others: "It could as well be II at measure 2, beat 3 (A4)."; null where none could. */
export function closeStringsText({ strings }: GivenFingering, tell: TellNoteOfLine): string | null {
  const close = strings.filter(isClose);
  if (close.length === 0) return null;
  const told = close.slice(0, MOST_TOLD).map(({ note, next }) => `string ${next?.string ?? ''} at ${noteAtText(tell(note), note)}`);
  const more = close.length - told.length;
  return `It could as well be ${listText([...told, ...(more > 0 ? [`${more} more like it`] : [])])}.`;
}

/** The number of places that a sentence names. */
const MOST_TOLD = 4;

/** Writes the other fingers that are left to the player: "The other finger, 2 at measure 6, beat 1 (B♭5), makes it a little harder." */
export function alternatesText({ alternates }: GivenFingering, tell: TellNoteOfLine): string | null {
  if (alternates.length === 0) return null;
  return alternates
    .map(({ note, finger, deltaThousandths }) => {
      const where = noteAtText(tell(note), note);
      if (deltaThousandths === null) return `The other finger at ${where}, ${finger}, is played by no hand of ours.`;
      const weighs = Math.abs(deltaThousandths) < EQUAL_BELOW ? 'is equally good' : `makes it ${weighedText(deltaThousandths)}`;
      return `The other finger at ${where}, ${finger}, ${weighs}.`;
    })
    .join(' ');
}

/** Writes where one finger takes a note over from another, which our model does not play; null where none does. */
export function takenOverText({ given }: GivenFingering, tell: TellNoteOfLine): string | null {
  const taken = given.filter(({ takenOverBy }) => takenOverBy !== undefined);
  if (taken.length === 0) return null;
  const where = listText(
    taken.map(({ note, finger, takenOverBy }) => `${finger ?? ''} by ${takenOverBy ?? ''} at ${noteAtText(tell(note), note)}`),
  );
  return `A finger is taken over while the note sounds: ${where}. Our model plays such a note with its first finger alone.`;
}

/** Writes each shift with its guide: "Measure 2, beat 3 (E♭5): 1 in first position to 2 in third position. The first finger slides …". */
export function shiftsTold({ shifts }: Plan, tell: TellNoteOfLine): readonly string[] {
  return shifts.map((shift) => {
    const [guide] = shift.guides;
    return `${sentence(noteAtText(tell(shift.to), shift.to))}: ${shiftText(shift)}, ${mmText(shift.handMm)}. ${guide ? guideText(guide) : ''}`.trimEnd();
  });
}

/** Writes the fingers of some notes: "1 2 4 · 1 on D"; a string is named where it changes. */
export function rowOfFingers({ notes }: Plan, indexes: readonly number[]): string {
  let string = '';
  return indexes
    .flatMap((index) => {
      const note = notes[index];
      if (note?.kind !== 'note') return [];
      const [first] = note.stops;
      const named = first.open === string ? '' : `${noteLabel(first.open)}: `;
      string = first.open;
      return [`${named}${note.stops.map(({ finger }) => finger).join('+')}`];
    })
    .join(' ');
}

function sentence(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
