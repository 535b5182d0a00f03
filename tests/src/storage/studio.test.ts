import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { withHand, withInstrumentSpec, withProfile, withSize } from '#core/brief/edits';
import { documentToText } from '#core/documents';
import { readInstrument } from '#core/instrument';
import { plan } from '#core/plan';
import { DEMO_PIECES } from '../../../src/demo/pieces.ts';
import { DEMO_STUDIO } from '../../../src/demo/studio.ts';
import {
  instrumentFields,
  type InstrumentFields,
  readInstrumentFields,
  stringBeyond,
} from '../../../src/islands/setup/instrument-fields.ts';
import { instrumentForPlayer, playerFields, type PlayerFields, readPlayerFields } from '../../../src/islands/setup/player-fields.ts';
import { profileOf } from '../../../src/records/for-briefs.ts';
import { NOTHING_USED } from '../../../src/records/new-records.ts';
import { instrumentDocument, playerDocument } from '../../../src/records/studio.ts';
import { readFileText } from '../../../src/validation/documents.ts';
import { handChoice } from '../../../src/words/hand/hands.ts';
import { tellNotesOfBrief } from '../../../src/words/line/note-places.ts';
import { changeEffects, openTuningLabel, setupChanges } from '../../../src/words/studio/setup.ts';
import { ask } from '../../support/plans/asked.ts';

const VIOLIN = instrumentFields(instrumentDocument('Test', { kind: 'violin' }));
const PLAYER = playerFields(playerDocument('Test', { kind: 'violin', player: {} }), NOTHING_USED);

function instrumentTrouble(change: Partial<InstrumentFields>): string {
  const { issues } = readInstrumentFields({ ...VIOLIN, ...change });
  return issues.map((issue) => `${issue.where.pointer} ${issue.message} ${issue.hint}`).join(' ');
}

function handTrouble(spans: Partial<PlayerFields['spans']>, fingerDistance = ''): string {
  const fields = { ...PLAYER, source: 'measured', fingerDistance, spans: { ...PLAYER.spans, ...spans } };
  return readPlayerFields(fields, instrumentForPlayer('violin', null))
    .issues.map((issue) => `${issue.where.pointer} ${issue.message} ${issue.hint}`)
    .join(' ');
}

describe('what is typed of a hand besides its spans', () => {
  const trouble = (change: Partial<PlayerFields>): string =>
    readPlayerFields({ ...PLAYER, source: 'average', ...change }, instrumentForPlayer('violin', null))
      .issues.map((issue) => issue.message)
      .join(' ');

  it('is refused with a sentence, not dropped', () => {
    assert.match(trouble({ measuredOn: 'last week' }), /“last week” cannot be read as the day/);
    assert.match(trouble({ arm: '3' }), /“3” is not the length of an arm/);
    assert.match(trouble({ arm: 'long' }), /“long” is not the length/);
    assert.equal(trouble({ measuredOn: '2026-09-01', arm: '560' }), '');
  });
});

describe('an instrument as typed', () => {
  it('that is left as it is usual says nothing but its kind and size', () => {
    assert.deepEqual(readInstrumentFields(VIOLIN).document?.instrument, { kind: 'violin', size: '4/4' });
  });

  it('is named with its sane range where a measure cannot be', () => {
    assert.match(instrumentTrouble({ length: '2000' }), /stringLengthMm .*2000 .*160.*370/);
    assert.match(instrumentTrouble({ length: '0' }), /stringLengthMm .*160.*370/);
    assert.match(instrumentTrouble({ length: '-328' }), /stringLengthMm .*160.*370/);
    assert.match(instrumentTrouble({ length: 'long' }), /stringLengthMm/);
    assert.match(instrumentTrouble({ a4: '500' }), /a4Hz .*415.*445/);
    assert.match(instrumentTrouble({ nut: '0' }), /outerSpacingMm\/nut/);
  });

  it('has its tapes from the nut up, and names what is no place for one', () => {
    const { document } = readInstrumentFields({ ...VIOLIN, tapes: '5, 2; 4 4' });
    assert.deepEqual(document?.instrument.tapes, [2, 4, 5]);
    assert.match(instrumentTrouble({ tapes: '2, 2.5' }), /tapes “2\.5” .* 1 to 24/);
    assert.match(instrumentTrouble({ tapes: '2, 25' }), /tapes “25” /);
  });

  it('names the string that is no pitch or stands out of order', () => {
    const [first, ...others] = VIOLIN.strings;
    assert.ok(first);
    assert.match(instrumentTrouble({ strings: [{ ...first, open: 'H4' }, ...others] }), /tuning\/0 .*H4/);
    assert.match(instrumentTrouble({ strings: [...others, first] }), /tuning\/3/);
    assert.match(instrumentTrouble({ strings: [{ ...first, pressing: '-1' }, ...others] }), /pressingMm\/0/);
  });

  it('takes a comma for a point, a retuned string, and one string more', () => {
    const lower = stringBeyond('violin', VIOLIN.strings, 'lower');
    const { document } = readInstrumentFields({ ...VIOLIN, length: '326,5', strings: [...VIOLIN.strings, lower] });
    assert.equal(document?.instrument.stringLengthMm, 326.5);
    assert.deepEqual(document?.instrument.tuning, ['E5', 'A4', 'D4', 'G3', 'C3']);
  });

  it('is offered its own words for how it is tuned', () => {
    assert.match(openTuningLabel('bass', 'pure'), /fourths/);
    assert.match(openTuningLabel('cello', 'pure'), /fifths/);
  });
});

describe('a hand as typed', () => {
  it('of 3 mm, of none, or upside down is refused in words', () => {
    assert.match(handTrouble({ firstToFourth: { comfort: '3', most: '3' } }), /firstToFourth .*20 to 350/);
    assert.match(handTrouble({ firstToFourth: { comfort: '0', most: '80' } }), /firstToFourth/);
    assert.match(handTrouble({ firstToFourth: { comfort: '90', most: '80' } }), /cannot be more than the largest, 80 mm/);
    assert.match(handTrouble({ firstToFourth: { comfort: '70', most: '' } }), /two measurements/);
    assert.match(handTrouble({}, '0'), /fingerDistanceMm/);
  });

  it('reads back what it wrote', () => {
    for (const { player, instrument } of DEMO_STUDIO) {
      const own = instrumentForPlayer(instrument.instrument.kind, instrument.instrument);
      assert.deepEqual(readPlayerFields(playerFields(player, NOTHING_USED), own).document, player);
      assert.deepEqual(readInstrumentFields(instrumentFields(instrument)).document?.name, instrument.name);
    }
  });
});

describe('an instrument or a player as JSON', () => {
  it('comes back as it was', async () => {
    for (const { player, instrument } of DEMO_STUDIO) {
      assert.deepEqual(await readFileText('player', documentToText(player)), { ok: true, value: player });
      assert.deepEqual(await readFileText('instrument', documentToText(instrument)), { ok: true, value: instrument });
    }
  });

  it('that is something else, or newer, is refused in words', async () => {
    const [entry] = DEMO_STUDIO;
    assert.ok(entry);
    const foreign = await readFileText('player', documentToText(entry.instrument));
    const newer = await readFileText('player', documentToText(entry.player).replace(/"version": \d/, '"version": 9'));
    assert.match(foreign.ok ? '' : (foreign.issues[0]?.message ?? ''), /not a Dove Path player/);
    assert.match(newer.ok ? '' : (newer.issues[0]?.message ?? ''), /9/);
  });

  it('of the demo can be read, and every demo piece is for somebody there', () => {
    for (const { instrument } of DEMO_STUDIO) assert.ok(readInstrument(instrument.instrument).ok);
    const names = DEMO_STUDIO.map(({ player }) => player.name);
    for (const { brief } of DEMO_PIECES) assert.ok(names.includes(brief.player?.name ?? ''));
  });
});

const BRIEF: Brief = {
  instrument: { kind: 'violin', size: '3/4' },
  player: { name: 'Wren', hand: { preset: 'small' } },
  material: { kind: 'scale', type: 'major', tonic: 'A3', octaves: 2, direction: 'up' },
};

describe('a piece follows its player and its instrument', () => {
  it('taking another string length, but keeping what the teacher decided for the piece', () => {
    const limited: Brief = { ...BRIEF, limits: { strings: ['G3', 'D4', 'A4', 'E5'] } };
    const moved = withInstrumentSpec(limited, { kind: 'violin', size: '3/4', stringLengthMm: 300 });
    assert.deepEqual(moved, { ...limited, instrument: { kind: 'violin', size: '3/4', stringLengthMm: 300 } });
  });

  it('changing only what changed in the player', () => {
    const was = profileOf(playerDocument('Wren', { kind: 'violin', player: { hand: { preset: 'small' } }, positions: ['1'] }));
    const is = { ...was, player: { ...was.player, hand: { preset: 'average' } as const } };
    const own: Brief = { ...BRIEF, purpose: 'performance', limits: { positions: ['1', '3'] } };
    const moved = withProfile(own, is, was);
    assert.deepEqual([moved.purpose, moved.limits, moved.player?.hand], ['performance', { positions: ['1', '3'] }, { preset: 'average' }]);
  });

  it('to another size leaves the measures of the old one behind', () => {
    const measured: Brief = { ...BRIEF, instrument: { ...BRIEF.instrument, stringLengthMm: 300, outerSpacingMm: { nut: 15, bridge: 31 } } };
    assert.deepEqual(withSize(measured, '4/4').instrument, { kind: 'violin', size: '4/4' });
  });

  it('and says what changed, in millimetres', () => {
    const longer = withInstrumentSpec(BRIEF, { kind: 'violin', size: '3/4', stringLengthMm: 320 });
    assert.deepEqual(setupChanges(BRIEF, longer), ['string length: 320 mm (was: typical for the size)']);
    const changed = ask(longer, { kind: 'what-changed', before: BRIEF });
    assert.ok(changed);
    assert.match(
      changeEffects(changed, tellNotesOfBrief(longer)).join(' '),
      /The widest reach is \d+ mm, before \d+ mm\..*Places on the string move by up to \d+\.\d mm\./,
    );
  });

  it('and says when it cannot be planned any more', () => {
    const outcome = plan({ ...BRIEF, instrument: { kind: 'violin', stringLengthMm: 2000 } });
    assert.ok(!outcome.ok);
    assert.match(changeEffects({ kind: 'no-longer-planned', issues: outcome.issues }, () => null).join(' '), /no longer be planned.*2000/);
  });

  it('with the hand named by where it comes from', () => {
    assert.equal(handChoice(undefined), 'any');
    assert.equal(handChoice(withHand(BRIEF, 'large').player?.hand), 'large');
    assert.equal(handChoice({ firstToFourth: { comfortMm: 70, maxMm: 80 } }), 'measured');
  });
});
