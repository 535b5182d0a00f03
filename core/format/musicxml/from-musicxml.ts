import { INSTRUMENT_KINDS, type InstrumentKind } from '#core/instrument';
import { documentIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import type { ForeignPart, ForeignScore } from '#core/format/foreign';
import { at, childOf, childrenOf, type ReadElement, textOf } from '#core/format';
import { PartReader } from './read-part.ts';

/**
 * Reads a MusicXML score (3.1 or 4.0, partwise or timewise) as parts that can be chosen from. Pitches are as they sound: parts that
 * transpose are put back, and a double bass part that says nothing sounds an octave lower than it is written. Refuses a file that is no
 * score, and one without a part.
 */
export function fromMusicXml(tree: readonly ReadElement[]): Reading<ForeignScore> {
  const score = tree.find(({ name }) => name === 'score-partwise' || name === 'score-timewise');
  if (!score) return badReading(documentIssue('not-musicxml', {}));
  const named = new Map(childrenOf(childOf(score, 'part-list'), 'score-part').map((element) => [element.attributes['id'] ?? '', element]));
  const parts = score.name === 'score-partwise' ? childrenOf(score, 'part') : partsOfTimewise(score);
  if (parts.length === 0) return badReading(documentIssue('not-musicxml', {}));
  return goodReading({ title: titleOf(score), parts: parts.map((part) => readPart(part, named.get(part.attributes['id'] ?? ''))) });
}

function titleOf(score: ReadElement): string | null {
  const credited = childrenOf(score, 'credit').find((credit) => textOf(credit, 'credit-type') === 'title');
  return textOf(childOf(score, 'work'), 'work-title') ?? textOf(score, 'movement-title') ?? textOf(credited, 'credit-words') ?? null;
}

/** Turns a timewise score, which has parts in its measures, into parts with measures. */
function partsOfTimewise(score: ReadElement): readonly ReadElement[] {
  const parts = new Map<string, ReadElement[]>();
  for (const measure of childrenOf(score, 'measure')) {
    for (const part of childrenOf(measure, 'part')) {
      const id = part.attributes['id'] ?? '';
      const inPart = parts.get(id) ?? [];
      inPart.push({ ...part, name: 'measure', attributes: measure.attributes });
      parts.set(id, inPart);
    }
  }
  return [...parts].map(([id, children]) => ({ name: 'part', attributes: { id }, text: '', children }));
}

function readPart(part: ReadElement, named: ReadElement | undefined): ForeignPart {
  const name = textOf(named, 'part-name') ?? '';
  const kind = kindOf([textOf(childOf(named, 'score-instrument'), 'instrument-name') ?? '', name], part);
  const reader = new PartReader(kind);
  const measures = childrenOf(part, 'measure').map((measure, order) => reader.measure(measure, order));
  return { name, kind, retuned: reader.retuned, measures };
}

const NAMED: Readonly<Record<InstrumentKind, RegExp>> = {
  cello: /cello/i,
  bass: /violone|contrab|kontrab|double bass|^(string )?bass$|basso?$/i,
  viola: /viola|^alto$|bratsche/i,
  violin: /viol(in|on)|geige/i,
};

/** Finds the instrument by its own name, by that of the part, which may name a player too, else by its first clef. */
function kindOf(names: readonly string[], part: ReadElement): InstrumentKind {
  for (const name of names) {
    const named = (['cello', 'bass', 'viola', 'violin'] as const).find((kind) => NAMED[kind].test(name));
    if (named) return named;
  }
  const sign = textOf(at(part, 'measure', 'attributes', 'clef'), 'sign');
  const byClef: Readonly<Record<string, InstrumentKind>> = { F: 'cello', C: 'viola' };
  return byClef[sign ?? ''] ?? INSTRUMENT_KINDS[0];
}
