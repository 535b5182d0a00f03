import type { StageName } from '#core/drill/apart';
import { countText } from '#core/messages';
import type { Along, Grouping, Practised, PracticeItem } from '#core/practice/item';
import type { Prompt } from '#core/practice/log';
import type { RunItem, Strain } from '#core/practice/session';
import { goodOnesWanted, type Miss, type Rung, runsOfSet, type Voice } from '#core/practice/ladder';
import { noteLabel } from '#core/pitch';
import { noteAtText, passageText, type TellNote, tellsNothing } from '../line/note-places.ts';
import { STAGE_WORDS } from '../drills/stages.ts';

/** The names of the ways to miss. */
export const MISS_WORDS: Readonly<Record<Miss, string>> = {
  flat: 'flat',
  sharp: 'sharp',
  late: 'late',
  'wrong-finger': 'wrong finger',
  noise: 'noise',
  unsaid: 'missed, not said how',
};

/** The names of the voices of a double stop. */
export const VOICE_WORDS: Readonly<Record<Voice, string>> = { lower: 'the lower voice', upper: 'the upper voice' };

/** The words of the prompts before an item is played. */
export const PROMPT_WORDS: Readonly<Record<Prompt, string>> = {
  hear: 'Listen. Then hear it again in your head.',
  names: 'Say the names of the notes, up and back.',
  target: 'Hear the note of arrival alone. Sing it.',
  silent: 'Set the fingers in their places without the bow.',
};

/** The words under the first step where double stops are heard string by string. */
export const HEARD_APART = 'You hear the lower voice, then the upper, then both.';

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

/** Marks a piece that belongs to nobody yet. */
export function forNobodyText(title: string): string {
  return `${title} (for nobody yet)`;
}

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

/** Writes what sounds along with a set: "You hear the model once, the metronome with 2 clicks to a beat, and a drone on open D." */
export function soundsText({ model, drone, metronome, subdivision, silentMeasures }: Along): string {
  const clicks = subdivision === 1 ? '' : ` with ${subdivision} clicks to a beat`;
  const silent = silentMeasures ? ', silent every other measure' : '';
  const heard = [
    ...(model === 'none' ? [] : [model === 'before' ? 'the model once, before you play' : 'the model, then silence for your turn']),
    ...(metronome ? [`the metronome${clicks}${silent}`] : []),
    ...(drone === 'none' ? [] : [`a ${droneText(drone)}`]),
  ];
  return heard.length === 0 ? 'Nothing sounds along: listen to yourself.' : `You hear ${heard.join('; ')}.`;
}

/** Writes what a stage asks for; null for any other part. */
export function stageAsksText({ part }: Pick<Practised, 'part'>): string | null {
  return part.part === 'stage' ? STAGE_WORDS[part.stage].how : null;
}

/** Writes the practised part of a piece: "all of it", "measure 2, beat 1 to beat 3 (B♭5 to D♭6)". */
export function partText({ piece, part }: Pick<Practised, 'piece' | 'part'>, tell: TellNote = tellsNothing): string {
  switch (part.part) {
    case 'whole':
      return 'all of it';
    case 'passage':
      return passageText(part, (note) => tell(piece, note));
    case 'stage':
      return `shift to ${noteAtText(tell(piece, part.note), part.note)}: ${stageText(part.stage)}`;
  }
}

/** Writes an item: "Evening line", "Evening line, measure 2, beat 1 to beat 3 (B♭5 to D♭6)". */
export function itemText(practised: Practised, tell: TellNote = tellsNothing): string {
  return practised.part.part === 'whole' ? practised.title : `${practised.title}, ${partText(practised, tell)}`;
}

/** Writes a note of what is practised; those of a stage are counted, as its line is its own. */
export function practisedNoteText({ piece, part }: Pick<Practised, 'piece' | 'part'>, note: number, tell: TellNote): string {
  return noteAtText(part.part === 'stage' ? null : tell(piece, note), note);
}

function stageText(stage: StageName): string {
  const { name } = STAGE_WORDS[stage];
  return `${name.charAt(0).toLowerCase()}${name.slice(1)}`;
}

/** The place where something to practise went. */
interface PutInTold {
  readonly what: string;
  readonly place: 'session' | 'week';
  /** The name of the player; empty for nobody. */
  readonly name: string;
  readonly wasThere: boolean;
}

/** Writes where something to practise went: "Measure 2, beat 1 to beat 3 (B♭5 to D♭6): in Wren’s session for today." */
export function putInText({ what, place, name, wasThere }: PutInTold): string {
  const whose = name === '' ? 'the' : `${name}’s`;
  const where = `${wasThere ? 'already ' : ''}in ${whose} ${place === 'session' ? 'session for today' : 'week'}`;
  return `${what.charAt(0).toUpperCase()}${what.slice(1)}: ${where}.`;
}

/** Writes why something to practise went nowhere. */
export function notPutInText(why: string): string {
  return `It was not put in. ${why}`.trim();
}

/** The reason why a piece that no hand plays as its sentence asks is not put in: a proposed change makes it playable. */
export const NOT_PLAYABLE_YET = 'No hand plays it as the sentence asks: make the proposed change first.';

/** Writes a tempo: "♩ = 72". */
export function tempoText(tempo: number): string {
  return `♩ = ${Math.round(tempo)}`;
}

/** Writes how a rung is played beside its tempo; empty as written. */
export function rungText({ beatsPerNote, notesPerBow }: Rung): string {
  if (beatsPerNote !== null) return beatsPerNote === 1 ? 'one beat to each note' : `hold each note ${beatsPerNote} beats`;
  return notesPerBow === null ? '' : `${notesPerBow} notes to a bow`;
}

/** Writes what a set asks for: "4 good ones of 5", "3 good ones in a row". */
export function setText({ set, cap }: Pick<RunItem, 'set' | 'cap'>): string {
  const wanted = goodOnesWanted(set, cap);
  const good = countText(wanted, 'good one', 'good ones');
  if (set.counted === 'in-all') return `${good} of ${runsOfSet(set, cap)}`;
  return wanted === 1 ? good : `${good} in a row`;
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
