import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { hangingComments, namesWithoutMeaning, participleNames, repeatedNames } from '../../scripts/shape/english.ts';
import { measureTree } from '../../scripts/shape/measures.ts';
import { sourceIn } from '../../scripts/shape/sources.ts';

describe('the shape of the code', async () => {
  for (const { part, measures } of await measureTree('.')) {
    it(`keeps its limits in ${part}`, () => {
      const missed = measures.filter(({ isMet }) => !isMet);
      assert.deepEqual(
        missed.map(({ what, found, aim, missing }) => `${what}: ${found}, not ${aim}: ${missing.slice(0, 5).join(', ')}`),
        [],
      );
    });
  }
});

describe('the English of the code', () => {
  const source = sourceIn(
    'core/example.ts',
    [
      '/** What it costs. */',
      'export function told(all: readonly number[]): number {',
      '  // A whole sentence goes on in a second line,',
      '  // Where this is no beginning.',
      '  return all.filter((each) => each > 0).length;',
      '}',
      '/** Gives so many notes. */',
      'export const laidOut = (): number => 1;',
      '/** The open string. */',
      'export type OpenString = string;',
    ].join('\n'),
  );

  it('is counted: comments that are half a sentence or a name again, functions that are participles, names that say nothing', () => {
    assert.deepEqual(hangingComments([source]), ['core/example.ts:1', 'core/example.ts:7']);
    assert.deepEqual(participleNames([source]), ['core/example.ts:2: told', 'core/example.ts:8: laidOut']);
    assert.deepEqual(namesWithoutMeaning([source]), ['core/example.ts:5']);
    assert.deepEqual(repeatedNames([source]), ['core/example.ts:10']);
  });
});
