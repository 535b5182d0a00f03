import type { ClassPart, ClassScore, PartChange, Share, Sounding } from '#core/class-score';
import { defaultSize, INSTRUMENT_KINDS } from '#core/instrument';
import { countText, listText } from '#core/messages';
import { measureNumbers } from '#core/material/measures';
import type { Plan } from '#core/plan/describe';
import { pitchLabel } from '#core/pitch';
import { capital } from '../capital.ts';
import { hotSpotText } from '../explain/hot-spots.ts';
import { fingerboardName, INSTRUMENT_LABELS } from '../studio/instruments.ts';

/** The words on the page of one key for a class. */
export const CLASS_SCORE = {
  title: 'Class score',
  line: 'The line',
  ofKey: 'A scale or a chord',
  ofPiece: 'A piece',
  piece: 'Piece',
  key: 'Key',
  kind: 'Line',
  noteValue: 'Note values',
  tempo: 'Tempo, quarter notes a minute',
  players: 'The class',
  player: 'Player',
  instrument: 'Instrument',
  plays: 'Plays',
  sounding: 'Together',
  make: 'Make the score',
  again: 'Make it again with these choices',
  empty: 'Choose at least two players, or instruments without a player.',
  noPieces: 'There is no piece to choose from.',
  nobody: 'Nobody in this class can play a note of this line within what each is allowed. Choose another line, or allow more positions.',
  failed: 'The score could not be made, because the engine stopped. Make it once more.',
  finding: 'Finding a part for each player',
  score: 'Score',
  hard: 'Hard for this player',
  sheet: 'Sheet',
  saveXml: 'Save as MusicXML',
  saveMidi: 'Save as MIDI',
  printed: 'The score names all players of the class; a sheet that is saved by itself names its own player only.',
} as const;

/** The names of the shares of a line. */
export const SHARE_LABELS: Readonly<Record<Share, string>> = {
  all: 'every note',
  firsts: 'first notes of measures, and open strings',
  open: 'open strings only',
};

/** The names of the ways in which the parts sound together. */
export const SOUNDING_LABELS: Readonly<Record<Sounding, string>> = {
  octaves: 'in octaves, each where it lies best',
  unison: 'in unison',
};

/** Names the players of a staff: "Violin: Ada, Ben"; an instrument without a player by itself. */
export function staffName(parts: readonly ClassPart[]): string {
  const [first] = parts;
  if (!first) return '';
  const names = parts.flatMap(({ member }) => (member.name === '' ? [] : [member.name]));
  const instrument = capital(INSTRUMENT_LABELS[first.plan.brief.instrument.kind]);
  return names.length === 0 ? instrument : `${instrument}: ${names.join(', ')}`;
}

/** Tells who plays together, and how: "3 violins, 1 cello; in octaves, each where it lies best." */
export function classAbout({ parts }: ClassScore, sounding: Sounding): string {
  const counted = INSTRUMENT_KINDS.flatMap((kind) => {
    const count = parts.filter(({ plan }) => plan.brief.instrument.kind === kind).length;
    const name = INSTRUMENT_LABELS[kind];
    return count === 0 ? [] : [countText(count, name, kind === 'bass' ? 'double basses' : `${name}s`)];
  });
  return `${counted.join(', ')}; ${SOUNDING_LABELS[sounding]}.`;
}

/** Tells what concerns all of a class, a sentence each: where all shift, where nobody does, who has nothing to play. */
export function classTold({ parts, silent, sharedShifts, quiet }: ClassScore): readonly string[] {
  const shared = sharedShifts.map(({ measure, beat }) => `measure ${measure}, beat ${beat}`);
  const calm = quiet.map(({ from, to }) => (from === to ? String(from) : `${from}–${to}`));
  const shifts = parts.some(({ plan }) => plan.shifts.length > 0);
  const without = silent.map(({ name, base }) => (name === '' ? `the ${INSTRUMENT_LABELS[base.instrument.kind]}` : name));
  return [
    ...(shared.length === 0 ? [] : [`Everyone who plays there arrives by a shift: ${shared.join('; ')}.`]),
    ...(shifts && shared.length === 0 ? ['Nowhere do all shift at once.'] : []),
    ...(shifts ? [] : ['Nobody shifts.']),
    ...(shifts && calm.length > 0 ? [`In ${nounOf(calm)} ${listText(calm)} nobody shifts.`] : []),
    ...(without.length === 0 ? [] : [`No note of the line is played by ${listText(without)}: none lies within what is allowed there.`]),
  ];
}

function nounOf(measures: readonly string[]): string {
  return measures.length === 1 && !measures[0]?.includes('–') ? 'measure' : 'measures';
}

/** The table of the players: who, on what, which notes, and what is hard. */
export function classRows({ parts }: ClassScore): readonly (readonly string[])[] {
  return [
    [CLASS_SCORE.player, CLASS_SCORE.instrument, CLASS_SCORE.plays, CLASS_SCORE.hard],
    ...parts.map((part) => [memberName(part), boardName(part.plan), playsText(part), hardText(part)]),
  ];
}

/** Names a player of a class; an instrument without a player by itself. */
export function memberName({ member: { name }, plan }: Pick<ClassPart, 'member' | 'plan'>): string {
  return name === '' ? capital(INSTRUMENT_LABELS[plan.brief.instrument.kind]) : name;
}

function boardName({ brief: { instrument } }: Plan): string {
  return fingerboardName(instrument.kind, instrument.size ?? defaultSize(instrument.kind));
}

/** Tells which notes a player plays: "every note, beginning on G3"; otherwise what differs, by measures. */
function playsText({ member, plan, changes, plainer }: ClassPart): string {
  const first = plan.notes.find((note) => note.kind === 'note');
  const begins = first?.kind === 'note' ? `, beginning on ${pitchLabel(first.stops[0].written)}` : '';
  const what = `${SHARE_LABELS[member.share]}${begins}`;
  const bare = plainer ? ['without grace notes, ornaments and harmonics'] : [];
  if (member.share !== 'all') return [what, 'rests between', ...bare].join('; ');
  const told = CHANGE_WORDS.flatMap(({ how, words }) => {
    const measures = measuresOf(changes.filter((change) => change.how === how));
    return measures === '' ? [] : [`${words} in ${measures}`];
  });
  return [what, ...told, ...bare].join('; ');
}

/** The words for notes that differ, in the order in which they are told. */
const CHANGE_WORDS: readonly { readonly how: PartChange['how']; readonly words: string }[] = [
  { how: 'rest', words: 'rests' },
  { how: 'octave', words: 'another octave' },
  { how: 'open string', words: 'open strings in another octave' },
  { how: 'one of two', words: 'one note of two' },
];

/** Names measures in runs: "measures 3–5 and 8". */
function measuresOf(changes: readonly PartChange[]): string {
  const runs: { readonly from: number; readonly to: number }[] = [];
  for (const { measure } of changes) {
    const last = runs.at(-1);
    if (last && measure <= last.to + 1) runs[runs.length - 1] = { from: last.from, to: Math.max(last.to, measure) };
    else runs.push({ from: measure, to: measure });
  }
  const named = runs.map(({ from, to }) => (from === to ? String(from) : `${from}–${to}`));
  return named.length === 0 ? '' : `${nounOf(named)} ${listText(named)}`;
}

/** Tells what is hard in a part, with the measures: "measure 3: shift up, 1–2". */
function hardText({ hard, plan }: ClassPart): string {
  const numbers = measureNumbers(plan.line);
  const told = hard.map((spot) => `measure ${numbers[spot.note] ?? 1}: ${hotSpotText(spot, plan)}`);
  return told.length === 0 ? 'nothing beyond the notes themselves' : told.join('; ');
}
