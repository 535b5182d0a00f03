import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { element } from '#core/format';
import { xmlText } from '../../../src/files/xml.ts';

const HEAD = '<?xml version="1.0" encoding="UTF-8"?>\n';

describe('a tree of elements as XML', () => {
  it('keeps the order of what is in it', () => {
    const tree = element('note', [element('rest'), element('duration', '4'), element('rest')]);
    assert.equal(xmlText(tree), `${HEAD}<note><rest/><duration>4</duration><rest/></note>\n`);
  });

  it('holds no character that XML forbids, wherever it comes from', () => {
    assert.equal(xmlText(element('words', 'a\u0001b\ud800c\u{1d11e}', { of: 'x\u000b' })), `${HEAD}<words of="x">abc\u{1d11e}</words>\n`);
  });

  it('escapes text and attributes', () => {
    const tree = element('words', 'a < b & "c"', { of: 'Tom & "Ann"' });
    assert.match(xmlText(tree), /<words of="Tom &amp; &quot;Ann&quot;">a &lt; b &amp; (&quot;|")c(&quot;|")<\/words>/);
  });

  it('writes numbers as attributes, and an empty text as an empty element', () => {
    assert.equal(xmlText(element('sound', '', { tempo: 72 })), `${HEAD}<sound tempo="72"/>\n`);
  });
});
