import type { Compared, Evidence, Ground, Instead, Moment, Reason, ReasonAbout, WhyNot, Without } from '#core/explain';
import { issuesText, positionWords } from '#core/messages';
import { noteLabel, pitchLabel } from '#core/pitch';
import { alternativeName, type Strings } from './alternatives.ts';
import { mainPayText } from './differences.ts';
import { weighedHow, weighedText } from './weighed.ts';

/** The headings of reasons. */
export const REASON_HEADINGS: Readonly<Record<ReasonAbout, string>> = {
  shift: 'The shift',
  'shift-here': 'The shift just here',
  crossing: 'The crossing',
  extension: 'The extension',
  pivot: 'The pivot',
  'open-string': 'The open string',
  finger: 'This finger',
};

/** Writes a reason: the musical ground first, then what the line would do without it, and how that weighs. */
export function reasonText({ about, written, ground, evidence }: Reason, strings: Strings): string {
  const first = ground ? `${groundText(ground, written)} ` : '';
  return `${first}${evidence ? evidenceText(about, written, evidence, strings) : ''}`.trim();
}

function evidenceText(about: ReasonAbout, written: string, evidence: Evidence, strings: Strings): string {
  switch (evidence.kind) {
    case 'locked':
      return 'You locked it.';
    case 'needed':
      return neededText(about, written, evidence.without);
    case 'costlier':
    case 'asked':
      return insteadSentence(evidence, written, strings);
  }
}

/** Writes a musical ground: "C6 lies outside third position." */
function groundText(ground: Ground, written: string): string {
  switch (ground.kind) {
    case 'beyond':
      return `${pitchLabel(ground.written)} lies outside ${positionWords(ground.position)}.`;
    case 'lies-in':
      return ground.until === written
        ? `Here the line lies in ${positionWords(ground.position)}.`
        : `From here to ${pitchLabel(ground.until)} the line lies in ${positionWords(ground.position)}.`;
    case 'moment':
      return MOMENTS[ground.moment];
    case 'not-under-hand':
      return `${pitchLabel(written)} is not under the hand on the ${noteLabel(ground.string)} string in ${positionWords(ground.position)}.`;
    case 'below-open':
      return `${pitchLabel(written)} lies below the open ${noteLabel(ground.string)} string.`;
    case 'lowest-string':
      return `${pitchLabel(written)} is the open lowest string: no finger has it.`;
    case 'spans':
      return `From ${pitchLabel(ground.low)} with 1 to ${pitchLabel(ground.high)} with ${ground.finger} is more than the closed hand holds.`;
  }
}

/** The words for what makes the moment of a shift a good one. */
const MOMENTS: Readonly<Record<Moment, string>> = {
  rest: 'The rest gives the hand time.',
  'open-string': 'The open string gives the hand time.',
  semitone: 'It falls on a semitone, the smallest step.',
};

/** Writes why not the finger or string a teacher expected. */
export function whyNotText(why: WhyNot): string {
  switch (why.kind) {
    case 'chosen':
      return 'That is what the plan has.';
    case 'forbidden':
      return issuesText([why.issue]);
    case 'costs':
      if (why.keptOut === 'asked')
        return `It would be ${weighedText(why.deltaThousandths)}; what the brief asks of the whole line keeps it out.`;
      return why.keptOut === 'uneven' ? unevenText('It', why.deltaThousandths) : harderText('It', { ...why, stretch: null }, why.more);
  }
}

function insteadSentence(
  { kind, instead, compared }: Extract<Evidence, { readonly instead: Instead }>,
  written: string,
  strings: Strings,
): string {
  const subject = insteadText(instead, written, strings);
  if (compared.isUneven) return unevenText(subject, compared.deltaThousandths);
  const more = compared.more.filter(({ term }) => !termsSaidAlready(instead).includes(term));
  if (kind === 'costlier') return harderText(subject, compared, more);
  return `The brief asks for it. ${subject} would be ${weighedText(compared.deltaThousandths)}, but would not keep all it asks.`;
}

/** Lists the costs that the other line has because it is what it is. */
function termsSaidAlready(instead: Instead): readonly Term[] {
  if (instead.does === 'rests') return OPENINGS;
  return instead.does === 'takes-finger' && instead.finger === '0' ? ['open-string'] : [];
}

type Term = Compared['more'][number]['term'];

/** The terms of openings: a line without one extension may have others, which are no reason for it. */
const OPENINGS: readonly Term[] = ['reached-back', 'reached-forward', 'reached-out', 'stretch', 'pivot', 'shape-change'];

function unevenText(subject: string, thousandths: number): string {
  return `${subject} would be ${weighedText(thousandths)}, but the line would not come down as it went up.`;
}

/**
 * Writes the one thing that speaks against the other line: a reach that is not comfortable, or its largest extra cost; the rest is shown on
 * asking.
 */
function harderText(
  subject: string,
  { deltaThousandths, stretch }: Pick<Compared, 'deltaThousandths' | 'stretch'>,
  more: Compared['more'],
): string {
  if (deltaThousandths === 0) return `${subject} would be equally good; of equals the first is taken.`;
  const weighs = weighedText(deltaThousandths);
  const most = weighs === weighedText(0) ? null : stretch ? 'a reach beyond this hand’s comfort' : mainPayText(more);
  return `${subject} would be ${weighs}${most === null ? '' : `: ${most}`}.`;
}

/** Writes the figure behind a reason, and its parts; null where there is none. */
export function reasonHow({ evidence }: Reason): string | null {
  if (!evidence || !('compared' in evidence)) return null;
  const { deltaThousandths, more, less } = evidence.compared;
  return `${weighedHow(deltaThousandths, [...more, ...less])}${stretchText(evidence.compared)}`;
}

/** Writes the other line as the subject of a sentence. */
function insteadText(instead: Instead, written: string, strings: Strings): string {
  const note = pitchLabel(written);
  switch (instead.does) {
    case 'goes-otherwise':
      return instead.name === null ? 'The next best way' : `The next best way (${alternativeName(instead.name, strings)})`;
    case 'on-string':
      return `${note} on the ${noteLabel(instead.string)} string`;
    case 'rests':
      return `Without it, at ${note}, the line`;
    case 'stops-it':
      return `${note} with finger ${instead.finger} instead`;
    case 'takes-finger':
      return instead.finger === '0' ? `${note} on the open string` : `${note} with finger ${instead.finger}`;
  }
}

/** Writes what no line within the brief does without. */
function neededText(about: ReasonAbout, written: string, without: Without): string {
  const note = pitchLabel(written);
  switch (without.lacks) {
    case 'shift-near':
      return `Every fingering within this brief shifts near ${note}.`;
    case 'other-string':
      return `${note} cannot be played on the ${noteLabel(without.string)} string within this brief.`;
    case 'extension':
      return `${note} cannot be played without an extension within this brief.`;
    case 'high-place':
      return about === 'shift'
        ? `Low on the string no hand holds both ${note} and what is before it.`
        : `Lower down there is no other way to play ${note}.`;
    case 'open-string':
      return `${note} cannot be played with a finger within this brief.`;
    case 'this-finger':
      return `${note} cannot be played with another finger on the ${noteLabel(without.string)} string within this brief.`;
  }
}

/** Writes the widest reach of the other line, where it is beyond the hand's comfort. */
function stretchText({ stretch }: Compared): string {
  if (!stretch) return '';
  return ` Its widest reach is ${Math.round(stretch.needMm)} mm; this hand is comfortable up to ${Math.round(stretch.comfortMm)} mm.`;
}
