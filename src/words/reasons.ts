import type { Compared, Evidence, Instead, Reason, ReasonAbout, WhyNot, Without } from '#core/explain';
import { issuesText, positionWords } from '#core/messages';
import { noteLabel, pitchLabel } from '#core/pitch';
import { payText, pointsText } from './differences.ts';

/** What a reason is about, as a heading. */
export const REASON_HEADINGS: Readonly<Record<ReasonAbout, string>> = {
  shift: 'The shift',
  'shift-here': 'The shift just here',
  crossing: 'The crossing',
  extension: 'The open hand',
  'open-string': 'The open string',
  finger: 'This finger',
};

/** Why something is as it is, in a sentence or two with their numbers. */
export function reasonText({ written, evidence }: Reason): string {
  switch (evidence.kind) {
    case 'locked':
      return 'You fixed it so.';
    case 'needed':
      return `${pitchLabel(written)} cannot be played ${withoutText(evidence.without)}.`;
    case 'dearer':
    case 'asked':
      return `${insteadSentence(evidence)}${stretchText(evidence.compared)}`;
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
      return why.deltaThousandths < 0
        ? `It would cost ${pointsText(why.deltaThousandths)} less; what the brief asks of the whole line keeps it out.`
        : dearerText('It', why.deltaThousandths, why.more);
  }
}

function insteadSentence({ kind, instead, compared }: Extract<Evidence, { readonly instead: Instead }>): string {
  const subject = insteadText(instead);
  if (kind === 'dearer') return dearerText(subject, compared.deltaThousandths, compared.more);
  const lowered = subject.charAt(0).toLowerCase() + subject.slice(1);
  return `The brief asks for it: ${lowered} would cost ${pointsText(compared.deltaThousandths)} less, but would not keep all it asks.`;
}

function dearerText(subject: string, thousandths: number, more: Compared['more']): string {
  if (thousandths === 0) return `${subject} would cost the same; of equals the first is taken.`;
  const what = more.length === 0 ? '' : `: ${payText(more)}`;
  return `${subject} would cost ${pointsText(thousandths)} more${what}.`;
}

/** The other line as the subject of a sentence. */
function insteadText(instead: Instead): string {
  switch (instead.does) {
    case 'stays':
      return `Staying in ${positionWords(instead.position)} here`;
    case 'shifts-less':
      return 'A line with one shift fewer';
    case 'shifts-elsewhere':
      return 'Shifting a note sooner or later, or not at all,';
    case 'stays-on-string':
      return `Staying on the ${noteLabel(instead.string)} string`;
    case 'rests':
      return 'A hand at rest';
    case 'stops-it':
      return `Finger ${instead.finger} instead`;
    case 'takes-finger':
      return instead.finger === '0' ? 'The open string' : `Finger ${instead.finger} there`;
  }
}

/** What the note cannot be played without, as it ends the sentence. */
function withoutText(without: Without): string {
  switch (without.lacks) {
    case 'shift-near':
      return `from ${positionWords(without.position)} without a shift near it`;
    case 'other-string':
      return `on the ${noteLabel(without.string)} string within this brief`;
    case 'extension':
      return 'with a hand at rest within this brief';
    case 'open-string':
      return 'with a finger within this brief';
    case 'this-finger':
      return `with another finger on the ${noteLabel(without.string)} string within this brief`;
  }
}

/** The widest reach the other line asks for, when it is beyond the hand's comfort. */
function stretchText({ stretch }: Compared): string {
  if (!stretch) return '';
  return ` Its widest reach is ${Math.round(stretch.needMm)} mm; this hand is at ease up to ${Math.round(stretch.comfortMm)} mm.`;
}
