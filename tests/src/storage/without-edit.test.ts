import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { withoutEdit } from '../../endure/without-edit.ts';

describe('the trials of what may be lost', () => {
  it('have an edit for each kind of document, each page that keeps changes and each list that tabs share', () => {
    assert.deepEqual(withoutEdit(), []);
  });
});
