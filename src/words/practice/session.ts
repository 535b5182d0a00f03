import type { StageName } from '#core/drill/apart';
import { countText } from '#core/messages';
import type { Grouping, PracticeItem, PracticePart } from '#core/practice/item';
import type { Miss, Prompt } from '#core/practice/log';
import type { RunItem, Strain } from '#core/practice/session';
import { type Rung, goodOnesWanted } from '#core/practice/ladder';
import { noteLabel } from '#core/pitch';
import { STAGE_WORDS } from '../drills/stages.ts';

/** The names of the ways to miss. */
export const MISS_WORDS: Readonly<Record<Miss, string>> = {
  flat: 'flat',
  sharp: 'sharp',
  late: 'late',
  'wrong-finger': 'wrong finger',
  noise: 'noise',
};

/** The words of the prompts before an item is played. */
export const PROMPT_WORDS: Readonly<Record<Prompt, string>> = {
  hear: 'Listen. Then hear it again in your head.',
  names: 'Say the names of the notes, up and back.',
  target: 'Hear the note of arrival alone. Sing it.',
  silent: 'Set the fingers in their places without the bow.',
};

/** The words for what was passed over, in a log. */
export const SKIPPED_WORDS: Readonly<Record<Prompt, string>> = {
  hear: 'listening first',
  names: 'saying the names',
  target: 'hearing the note of arrival',
  silent: 'setting the fingers without the bow',
};

/** The words for why a set is short. */
export const STRAIN_WORDS: Readonly<Record<Strain, string>> = {
  'wide-reach': 'the hand is opened wide',
  'double-stops': 'double stops tire the hand',
  thumb: 'the thumb on the string tires the hand',
};

/** The names of the groupings of notes. */
export const GROUPING_WORDS: Readonly<Record<Grouping, string>> = {
  all: 'all at once',
  cell: 'string by string in each hand',
  tetrachord: 'four notes at a time',
  octave: 'an octave at a time',
  'two-octaves': 'two octaves at a time',
  measure: 'a measure at a time',
  'two-measures': 'two measures at a time',
};

/** The names of the ways to hear the model. */
export const MODEL_WORDS: Readonly<Record<PracticeItem['along']['model'], string>> = {
  none: 'no model',
  before: 'model before each set',
  'in-turns': 'model and silence in turns',
};

/** The names of the rules that move a ladder. */
export const LADDER_RULE_WORDS: Readonly<Record<PracticeItem['ladder']['rule'], string>> = {
  'up-and-down': 'clean: up, failed: down',
  'two-up': 'two clean: up, failed: down',
  'never-down': 'clean: up, never down',
  'back-to-start': 'clean: up, failed: back to the start',
};

/** The names of the ways to count a set. */
export const COUNTED_WORDS: Readonly<Record<PracticeItem['set']['counted'], string>> = {
  'in-a-row': 'good in a row',
  'in-all': 'good in all',
};

/** Writes the sound under the line. */
export function droneText(drone: string): string {
  if (drone === 'none') return 'no drone';
  return drone === 'tonic' ? 'drone on the tonic' : `drone on open ${noteLabel(drone)}`;
}

/** Writes the practised part of a piece: "all of it", "notes 5 to 9", "shift to note 12: slow slide". */
export function partText(part: PracticePart): string {
  switch (part.part) {
    case 'whole':
      return 'all of it';
    case 'passage':
      return `notes ${part.from + 1} to ${part.to + 1}`;
    case 'stage':
      return `shift to note ${part.note + 1}: ${stageText(part.stage)}`;
  }
}

/** Writes an item: "Evening line", "Evening line, notes 3 to 7". */
export function itemText({ title, part }: PracticeItem['practised']): string {
  return part.part === 'whole' ? title : `${title}, ${partText(part)}`;
}

function stageText(stage: StageName): string {
  const { name } = STAGE_WORDS[stage];
  return `${name.charAt(0).toLowerCase()}${name.slice(1)}`;
}

/** Writes a tempo: "♩ = 72". */
export function tempoText(tempo: number): string {
  return `♩ = ${Math.round(tempo)}`;
}

/** Writes how a rung is played beside its tempo; empty as written. */
export function rungText({ beatsPerNote, notesPerBow }: Rung): string {
  if (beatsPerNote !== null) return beatsPerNote === 1 ? 'one beat to each note' : `hold each note ${beatsPerNote} beats`;
  return notesPerBow === null ? '' : `${notesPerBow} notes to a bow`;
}

/** Writes what a set asks for: "five, in all". */
export function setText({ set, cap }: Pick<RunItem, 'set' | 'cap'>): string {
  const wanted = goodOnesWanted(set, cap);
  return `${countText(wanted, 'good one', 'good ones')}${wanted === 1 ? '' : set.counted === 'in-a-row' ? ', in a row' : ', in all'}`;
}

/** Writes minutes and seconds: "1:05". */
export function clockText(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** Writes the tolerance: "In tune is within 19 cents: 1.2 mm at A♭6." */
export function toleranceText(cents: number, at: { readonly name: string; readonly mmPerTenCents: number } | null): string {
  const mm = at === null ? '' : `: ${((at.mmPerTenCents * cents) / 10).toFixed(1)} mm at ${at.name}`;
  return `In tune is within ${cents} cents${mm}.`;
}

/** The words for what helps after a miss, by the side the school takes on correcting. */
export const CORRECTING_WORDS: Readonly<Record<string, string>> = {
  anew: 'Lift the finger and set it again in its place.',
  small: 'Roll the finger to the note.',
  both: 'Lift the finger and set it again, or roll it to the note.',
};

/** The sentence at every rest. */
export const EAR_TIRES = 'Rest. Stop when the ear tires.';

/** The sentence when it hurts. */
export const PAIN_WORDS = 'Stop here. Shake out your hands. Tell your teacher; if it stays or comes back, see a doctor.';

const KEY_NAMES: Readonly<Record<string, string>> = {
  Space: 'space bar',
  PageDown: 'page down',
  PageUp: 'page up',
  ArrowRight: 'right arrow',
  ArrowLeft: 'left arrow',
  ArrowUp: 'up arrow',
  ArrowDown: 'down arrow',
};

/** Names a key by the code that the browser gives it: "page down", "B", "F5". */
export function keyText(code: string): string {
  return KEY_NAMES[code] ?? code.replace(/^(Key|Digit)/, '').replace(/^Numpad/, 'number pad ');
}

/** The aims to choose from. */
export const AIMS_OFFERED = [
  'In tune with the open strings',
  'One shift, clean and silent',
  'An even tempo',
  'Calm fingers',
  'Names of the notes',
] as const;

/** The checks at the end to choose from. */
export const END_CHECKS_OFFERED = [
  'Play it once, at tempo, as if for someone.',
  'Play it with your eyes closed.',
  'Check the last note with the open string.',
] as const;

/** Writes that a session or a week has as many things as it can have. */
export function takesNoMoreText(most: number): string {
  return `There is room for ${most} things. Take something out first.`;
}
