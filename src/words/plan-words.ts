import type { Finger } from '#core/hand/placement';
import { countText, listText, positionWords } from '#core/messages';
import { fingerStands } from '#core/notation';
import { noteLabel, pitchLabel } from '#core/pitch';
import type { Partner, Plan, PlannedReach, PlannedSound, Shift, Stop } from '#core/plan/describe';
import { REACH_LABELS } from './hand/hands.ts';
import { momentAtText, tellNotesOfPlan } from './line/note-places.ts';
import { ORNAMENT_LABELS } from './line/signs.ts';

/** Writes millimetres for reading: "46 mm". */
export function mmText(mm: number): string {
  return `${mm < 10 && mm > 0 ? mm.toFixed(1) : Math.round(mm)} mm`;
}

/** Writes semitones: "3 semitones", "1 semitone". */
export function semitonesText(semitones: number): string {
  const count = Math.abs(semitones);
  return countText(count, 'semitone', 'semitones');
}

/** Writes the strings with a low first finger, by their open notes: "first finger low on E and A". */
export function lowFirstText(opens: readonly string[]): string {
  return `first finger low on ${listText(opens.map(noteLabel))}`;
}

/** Writes a fingering: "finger 1 on II (A)", "open II (A)". */
export function fingeringText(note: PlannedSound): string {
  const stops = note.stops.map((stop) => `${stopText(stop)}${stop.harmonic && note.partner === null ? ', harmonic' : ''}`);
  return `${stops.length > 2 ? listText(stops) : stops.join(' with ')}${note.partner ? `, ${partnerText(note.partner)}` : ''}`;
}

/** Writes a finger on its string: "finger 1 on II (A)", "open II (A)". */
export function stopText({ finger, string, open }: Pick<Stop, 'finger' | 'string' | 'open'>): string {
  const where = `${string} (${noteLabel(open)})`;
  return finger === '0' ? `open ${where}` : `${fingerName(finger)} on ${where}`;
}

/** Names a finger in a sentence: "finger 2", "thumb". */
export function fingerName(finger: Finger): string {
  return finger === 'T' ? 'thumb' : `finger ${finger}`;
}

/** Writes what the other finger of an ornament or a stopped harmonic does: "trill with finger 2 on B4". */
function partnerText({ does, finger, written }: Partner): string {
  if (does === 'touches') return `${fingerName(finger)} touching ${pitchLabel(written)} for the harmonic`;
  const other = finger === '0' ? `the open ${pitchLabel(written)}` : `${fingerName(finger)} on ${pitchLabel(written)}`;
  return `${ORNAMENT_LABELS[does]} with ${other}`;
}

/** Writes a sound as the player reads it: "G3", of a double stop "G3 and B3", of a chord "G3, D4 and B4". */
export function soundText(note: PlannedSound): string {
  return listText(note.stops.map((stop) => pitchLabel(stop.written)));
}

/** Writes one note in a sentence, for a screen reader. */
export function noteText(note: PlannedSound): string {
  const stop = note.stops[0];
  const place = stop.finger === '0' ? '' : `, ${positionWords(note.position)}, ${mmText(stop.mmFromNut)} from the nut`;
  return `${soundText(note)}, ${fingeringText(note)}${place}${note.locked ? ', locked by you' : ''}`;
}

/** Writes how a finger stands, where it matters: "low", "high", "extended". */
export function fingerPlaceText(note: PlannedSound): string {
  return note.stops[0].finger === '0' ? 'open' : (fingerStands(note) ?? '');
}

/** Writes a shift in a sentence: the places and fingers at both ends. */
export function shiftText(shift: Shift): string {
  const from = `${shift.fromFinger} in ${positionWords(shift.fromPosition)}`;
  const to = `${shift.toFinger} in ${positionWords(shift.toPosition)}`;
  return `${from} to ${to}`;
}

/** Writes when the hand has time to move. */
export function shiftMoment(shift: Shift): string {
  if (shift.throughRest) return 'in the rest';
  if (shift.throughOpenString) return 'while the open string sounds';
  return shift.underSlur ? 'inside the bow' : 'at the bow change';
}

/** Gives the speed of a shift, mm per second; null without a tempo. */
export function shiftSpeed(shift: Shift): number | null {
  return shift.seconds === null || shift.seconds === 0 ? null : shift.handMm / shift.seconds;
}

/** Writes how far the notes move: "up 2 semitones", "stay". */
export function movementText(semitones: number): string {
  if (semitones === 0) return 'stay';
  return `${semitones > 0 ? 'up' : 'down'} ${semitonesText(semitones)}`;
}

/** Writes a reach: "73 mm, comfortable, 80 % of the most there is"; without a measured hand the millimetres alone. */
export function reachText({ needMm, judged }: PlannedReach): string {
  if (judged === null) return mmText(needMm);
  return `${mmText(needMm)}, ${REACH_LABELS[judged.verdict]} (${Math.round(judged.shareOfLargest * 100)} % of the largest span)`;
}

/** Writes that locked fingers ask for a hand nobody has, and where; null where they do not. */
export function notOneHandText(plan: Plan): string | null {
  const { notOneHand, notes } = plan;
  const [first] = notOneHand;
  const [from, to] = [first && notes[first.from], first && notes[first.to]];
  if (!first || from?.kind !== 'note' || to?.kind !== 'note') return null;
  const tell = tellNotesOfPlan(plan);
  const tellFinger = (sound: PlannedSound, at: number): string =>
    `${soundText(sound)} with ${fingerName(sound.stops[0].finger)} (${momentAtText(tell(at), at)})`;
  const [one, other] = [tellFinger(from, first.from), tellFinger(to, first.to)] as const;
  const more = notOneHand.length > 1 ? ` ${countText(notOneHand.length - 1, 'place', 'places')} more like it.` : '';
  return `As you locked it, ${one} and ${other} would have to lie in one hand, and no hand holds both. It is played as you wrote it; lock another finger, or a shift between them.${more}`;
}
