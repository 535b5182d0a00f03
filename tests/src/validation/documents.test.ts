import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Brief } from '#core/brief';
import { DOCUMENT_KINDS, documentToText, withHead, type OldDocument, type Piece, upgrade } from '#core/documents';
import { formatPitch, parsePitch } from '#core/pitch';
import { plan } from '#core/plan';
import { DEMO_PIECES } from '../../../src/demo/pieces.ts';
import { readAs, readFileText } from '../../../src/validation/documents.ts';
import { anyLine, lineBrief, planBest } from '../../support/briefs.ts';

describe('a piece as JSON', () => {
  const piece = (brief: Brief): Piece => withHead(DOCUMENT_KINDS.piece, { name: 'A line', brief });

  it('comes back as it was, whatever the line', async () => {
    await fc.assert(
      fc.asyncProperty(anyLine, async (brief) => {
        const reading = await readFileText('piece', documentToText(piece(brief)));
        assert.ok(reading.ok);
        assert.deepEqual(reading.value, piece(brief));
      }),
    );
  });

  it('of the demo passes its schema and can be planned', async () => {
    for (const demo of DEMO_PIECES) {
      assert.ok((await readAs('piece', demo)).ok, demo.name);
      assert.ok(plan(demo.brief).ok, demo.name);
    }
    assert.deepEqual([...new Set(DEMO_PIECES.map((demo) => demo.brief.instrument.kind))].toSorted(), ['bass', 'cello', 'viola', 'violin']);
  });

  it('that is damaged, foreign, newer or wrong is refused in words', async () => {
    const good = documentToText(piece(lineBrief('violin', ['A4'])));
    const ofVersion = (version: number): string => good.replace(/"version": \d/, `"version": ${version}`);
    const words = async (text: string): Promise<string> => {
      const reading = await readFileText('piece', text);
      return reading.ok ? 'read' : (reading.issues[0]?.message ?? '');
    };
    assert.equal(await words(good), 'read');
    assert.match(await words(good.slice(0, 40)), /not readable as JSON/);
    assert.match(await words('[1]'), /not a Dove Path piece: it holds no object/);
    assert.match(await words('{"format":"other"}'), /its format is "other"/);
    assert.match(
      await words(ofVersion(7)),
      new RegExp(`version 7 of its format; this Dove Path reads up to version ${DOCUMENT_KINDS.piece.version}`),
    );
    assert.equal(await words(ofVersion(1)), 'read');
    assert.match(await words(good.replace('"violin"', '"kazoo"')), /\/brief\/instrument\/kind/);
  });

  it('of an older version goes up step by step, and not at all where a step is missing', () => {
    const upgrades = { 1: (old: OldDocument) => ({ ...old, name: 'unnamed' }), 2: (old: OldDocument) => ({ ...old, tags: [] }) };
    assert.deepEqual(upgrade({ version: 1 }, 1, { version: 3, upgrades }), { version: 3, name: 'unnamed', tags: [] });
    assert.equal(upgrade({ version: 0 }, 0, { version: 3, upgrades }), null);
  });

  it('has pitches that parse back to themselves', () => {
    const [note] = planBest(lineBrief('viola', ['F##4'])).notes;
    const pitch = parsePitch(note?.kind === 'note' ? note.stops[0].pitch : '');
    assert.equal(pitch.ok && formatPitch(pitch.value), 'F##4');
  });
});
