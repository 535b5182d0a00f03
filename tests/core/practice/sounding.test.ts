import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { type Along, PLAIN_ALONG, type PracticeItem } from '#core/practice/item';
import { soundOfItem, type InHand, runItem, soundingAt } from '#core/practice/session';
import { USUAL_SET } from '#core/practice/ladder';
import { lineBrief, planBest } from '../../support/briefs.ts';

/** The plan of a scale on the A string: one shift or more. */
const PLAN = planBest(
  lineBrief('violin', ['A4', 'B4', 'C5', 'D5', 'E5', 'F5', 'G5', 'A5', 'B5'], { limits: { strings: ['A4'] }, tempo: 60 }),
);

const ITEM: PracticeItem = {
  practised: { piece: 'p', title: 'Air', part: { part: 'whole' } },
  minutes: 5,
  ladder: { from: 60, to: 66, step: 6, heldFirst: false, bows: [], rule: 'up-and-down' },
  set: USUAL_SET,
  along: PLAIN_ALONG,
  grouping: 'all',
};

const GROUP = { from: 0, to: 8 };

function inHand(along: Partial<Along>): InHand {
  const rung = { tempo: 60, beatsPerNote: null, notesPerBow: null };
  return { plan: PLAN, item: { ...ITEM, along: { ...PLAIN_ALONG, ...along } }, rung, group: GROUP };
}

const FIRST = { at: 'play', tries: [] } as const;
const SECOND = { at: 'play', tries: [true] } as const;

describe('what sounds at a step', () => {
  it('is the whole item first, then the note of arrival alone, and names are told in silence', () => {
    const here = inHand({});
    const { prompts } = runItem(PLAN, here.item);
    const at = (prompt: (typeof prompts)[number]) => soundingAt({ at: 'prepare', prompt: prompts.indexOf(prompt) }, here);
    assert.deepEqual(at('hear'), soundOfItem(here));
    assert.equal(at('names'), null);
    const [shift] = PLAN.shifts;
    assert.ok(shift);
    assert.deepEqual(
      at('target')?.model?.notes.map(({ note, seconds }) => [note, seconds]),
      [[shift.to, 4]],
    );
  });

  it('is the model before the first try alone, counted in, or in turns with every try', () => {
    const before = inHand({ model: 'before' });
    assert.deepEqual([soundingAt(FIRST, before)?.model?.notes.length, soundingAt(FIRST, before)?.countIn], [9, true]);
    assert.deepEqual([soundingAt(SECOND, before)?.model, soundingAt(SECOND, before)?.countIn], [null, false]);
    const inTurns = soundingAt(SECOND, inHand({ model: 'in-turns' }));
    assert.deepEqual([inTurns?.inTurns, inTurns?.model?.notes.length], [true, 9]);
  });

  it('is a metronome in the meter of the line, after a measure that is counted', () => {
    const metronome = soundingAt(FIRST, inHand({ metronome: true, subdivision: 2 }))?.metronome;
    assert.deepEqual([metronome?.tempo, metronome?.meter.beats, metronome?.subdivision, metronome?.countIn], [60, 4, 2, true]);
  });

  it('is a drone on the tonic or on an open string, in just that pitch', () => {
    const open = soundingAt(FIRST, inHand({ drone: 'A4' }))?.droneHz;
    const tonic = soundingAt(FIRST, inHand({ drone: 'tonic' }))?.droneHz;
    assert.ok(open && Math.abs(open - 440) < 1);
    // C, the tonic, no higher than the lowest note.
    assert.ok(tonic && open && tonic <= open);
    assert.equal(soundingAt(FIRST, inHand({}))?.droneHz, null);
  });

  it('is silence while a miss is told, in a rest, and at the end', () => {
    const here = inHand({ model: 'in-turns', metronome: true });
    const silent = [
      { at: 'aim' },
      { at: 'miss', tries: [], miss: 'flat', where: { note: null, voice: null } },
      { at: 'rest', clean: true, over: false },
      { at: 'pain' },
      { at: 'end-check' },
      { at: 'done', reached: null },
    ] as const;
    for (const step of silent) assert.equal(soundingAt(step, here), null, step.at);
  });
});
