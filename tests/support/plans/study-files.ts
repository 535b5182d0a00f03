import type { InstrumentKind } from '#core/instrument';
import { musicXmlText } from '../../../src/files/musicxml.ts';
import { planBest } from '../briefs.ts';
import { madeStudy } from './made-studies.ts';

/** A file as a browser is given it. */
export interface StudyFile {
  readonly name: string;
  readonly mimeType: string;
  readonly buffer: Buffer;
}

/** Writes studies of our own as scores, numbered from 1. */
export function studyFiles(kind: InstrumentKind, count: number): readonly StudyFile[] {
  return Array.from({ length: count }, (_, seed) => {
    const plan = planBest(madeStudy(kind, seed));
    const name = `Study ${seed + 1}`;
    return { name: `${name}.musicxml`, mimeType: 'application/xml', buffer: Buffer.from(musicXmlText(name, plan)) };
  });
}
