import type { Compared, Evidence, Ground, Instead, Reason, ReasonAbout, WhyNot, Without } from '#core/explain';
import { issuesText, positionWords } from '#core/messages';
import { noteLabel, pitchLabel } from '#core/pitch';
import { alternativeName, type Strings } from './alternatives.ts';
import { payText } from './differences.ts';
import { weighedHow, weighedText } from './weighed.ts';

/** What a reason is about, as a heading. */
export const REASON_HEADINGS: Readonly<Record<ReasonAbout, string>> = {
  shift: 'The shift',
  'shift-here': 'The shift just here',
  crossing: 'The crossing',
  extension: 'The extension',
  'open-string': 'The open string',
  finger: 'This finger',
};

/** Why something is as it is: the musical ground first, then what the line would do without it, and how that weighs. */
export function reasonText({ about, written, ground, evidence }: Reason, strings: Strings): string {
  const first = ground ? `${groundText(ground, written)} ` : '';
  return `${first}${evidenceText(about, written, evidence, strings)}`.trim();
}

function evidenceText(about: ReasonAbout, written: string, evidence: Evidence, strings: Strings): string {
  switch (evidence.kind) {
    case 'locked':
      return 'You locked it.';
    case 'as-before':
      return `It belongs with ${ABOUT[evidence.about]} at ${pitchLabel(evidence.written)} (note ${evidence.note + 1}), where the reason is told.`;
    case 'needed':
      return neededText(about, written, evidence.without);
    case 'costlier':
    case 'asked':
      return `${insteadSentence(evidence, written, strings)}${stretchText(evidence.compared)}`;
  }
}

const ABOUT: Readonly<Record<ReasonAbout, string>> = {
  shift: 'the shift',
  'shift-here': 'the shift',
  crossing: 'the crossing',
  extension: 'the extension',
  'open-string': 'the open string',
  finger: 'the finger',
};

/** "C6 lies outside third position." */
function groundText(ground: Ground, written: string): string {
  const position = positionWords(ground.position);
  switch (ground.kind) {
    case 'beyond':
      return `${pitchLabel(ground.written)} lies outside ${position}.`;
    case 'not-under-hand':
      return `${pitchLabel(written)} is not under the hand on the ${noteLabel(ground.string)} string in ${position}.`;
  }
}

/** Why not the finger or string a teacher expected. */
export function whyNotText(why: WhyNot): string {
  switch (why.kind) {
    case 'chosen':
      return 'That is what the plan has.';
    case 'forbidden':
      return issuesText([why.issue]);
    case 'costs':
      if (why.keptOut === 'asked')
        return `It would be ${weighedText(why.deltaThousandths)}; what the brief asks of the whole line keeps it out.`;
      return why.keptOut === 'uneven' ? unevenText('It', why.deltaThousandths) : harderText('It', why.deltaThousandths, why.more);
  }
}

function insteadSentence(
  { kind, instead, compared }: Extract<Evidence, { readonly instead: Instead }>,
  written: string,
  strings: Strings,
): string {
  const subject = insteadText(instead, written, strings);
  if (compared.isUneven) return unevenText(subject, compared.deltaThousandths);
  if (kind === 'costlier') return harderText(subject, compared.deltaThousandths, compared.more);
  return `The brief asks for it. ${subject} would be ${weighedText(compared.deltaThousandths)}, but would not keep all it asks.`;
}

function unevenText(subject: string, thousandths: number): string {
  return `${subject} would be ${weighedText(thousandths)}, but the line would not come down as it went up.`;
}

function harderText(subject: string, thousandths: number, more: Compared['more']): string {
  if (thousandths === 0) return `${subject} would be equally good; of equals the first is taken.`;
  const weighs = weighedText(thousandths);
  const what = more.length === 0 || weighs === weighedText(0) ? '' : `: ${payText(more)}`;
  return `${subject} would be ${weighs}${what}.`;
}

/** The figure behind a reason, and what it is made of; null where there is none. */
export function reasonHow({ evidence }: Reason): string | null {
  if (!('compared' in evidence)) return null;
  const { deltaThousandths, more, less } = evidence.compared;
  return weighedHow(deltaThousandths, [...more, ...less]);
}

/** The other line as the subject of a sentence. */
function insteadText(instead: Instead, written: string, strings: Strings): string {
  switch (instead.does) {
    case 'goes-otherwise':
      return instead.name === null ? 'The line without it' : `The line without it (${alternativeName(instead.name, strings)})`;
    case 'on-string':
      return `${pitchLabel(written)} on the ${noteLabel(instead.string)} string`;
    case 'rests':
      return 'A hand that is not extended';
    case 'stops-it':
      return `Finger ${instead.finger} instead`;
    case 'takes-finger':
      return instead.finger === '0' ? 'The open string' : `Finger ${instead.finger} there`;
  }
}

/** What no line within the brief does without. */
function neededText(about: ReasonAbout, written: string, without: Without): string {
  const note = pitchLabel(written);
  switch (without.lacks) {
    case 'shift-near':
      return `No fingering within this brief does without a shift near ${note}.`;
    case 'other-string':
      return `${note} cannot be played on the ${noteLabel(without.string)} string within this brief.`;
    case 'extension':
      return `${note} cannot be played without an extension within this brief.`;
    case 'high-place':
      return about === 'shift'
        ? 'The hand could stay where it is only if the whole line went higher up than it needs to.'
        : `The only other way to play ${note} lies higher up than this line needs to go.`;
    case 'open-string':
      return `${note} cannot be played with a finger within this brief.`;
    case 'this-finger':
      return `${note} cannot be played with another finger on the ${noteLabel(without.string)} string within this brief.`;
  }
}

/** The widest reach the other line asks for, when it is beyond the hand's comfort. */
function stretchText({ stretch }: Compared): string {
  if (!stretch) return '';
  return ` Its widest reach is ${Math.round(stretch.needMm)} mm; this hand is comfortable up to ${Math.round(stretch.comfortMm)} mm.`;
}
