import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { beforeEach, describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { withHand, withLimits, withMaterialKind, withPattern, withRhythm, withSize } from '#core/brief/edits';
import { FIRST_BRIEF } from '#core/brief/lines';
import { type Alternative, plan } from '#core/plan';
import {
  acceptRelaxation,
  changeBrief,
  changeBriefAndReadLine,
  describeInstrument,
  namePlayer,
  settleChange,
  adoptAlternative,
  playOnInstrument,
  givePieceTo,
  typeLine,
  unlock,
} from '../../../src/state/edits/brief-actions.ts';
import { dismissNotice, noticeNow } from '../../../src/state/notices.ts';
import { planningStore } from '../../../src/state/planning.ts';
import { select, selectionStore } from '../../../src/state/selection.ts';
import { studioStore } from '../../../src/state/studio.ts';
import { newPiece, renamePiece } from '../../../src/state/bench/work-actions.ts';
import { redo, undo } from '../../../src/state/bench/work-history.ts';
import { workStore } from '../../../src/state/bench/work.ts';
import { newInstrument, newPlayer } from '../../../src/records/new-records.ts';
import { instrumentDocument, playerDocument } from '../../../src/records/studio.ts';

const VIOLIN = newInstrument(instrumentDocument('Wren’s violin', { kind: 'violin', size: '3/4', stringLengthMm: 305 }));
const CELLO = newInstrument(instrumentDocument('Martin’s cello', { kind: 'cello', size: '4/4' }));
const WREN = newPlayer(playerDocument('Wren', { kind: 'violin', player: { hand: { preset: 'small' } }, positions: ['1', '3'] }), {
  instrumentId: VIOLIN.id,
  schoolId: null,
});

const now = () => ({ ...workStore.getState(), ...planningStore.getState(), ...selectionStore.getState(), notice: noticeNow() });

beforeEach(() => {
  newPiece();
  studioStore.setState({ instruments: [VIOLIN, CELLO], players: [WREN] });
});

describe('a change of the brief', () => {
  it('keeps a fixed finger where its note stays, and lets it go, saying so, where it does not', () => {
    const locked: Brief = { ...FIRST_BRIEF, locks: [{ note: 1, finger: '1' }] };
    changeBrief(() => locked);
    changeBrief((brief) => withRhythm(brief, { meter: '3/4' }));
    assert.deepEqual([now().brief.locks, now().notice], [[{ note: 1, finger: '1' }], null]);
    changeBrief((brief) => withPattern(brief, { tonic: 'A3' }));
    assert.deepEqual([now().brief.locks, now().notice], [undefined, 'One locked finger no longer fits its note and was removed.']);
    dismissNotice();
    assert.equal(now().notice, null);
  });

  it('can be undone and done again, the name too', () => {
    changeBrief((brief) => withLimits(brief, { positions: ['1'] }));
    renamePiece('Mine');
    undo();
    assert.deepEqual([now().name, now().brief.limits], ['', { positions: ['1'] }]);
    undo();
    assert.equal(now().brief, FIRST_BRIEF);
    redo();
    redo();
    assert.deepEqual([now().name, now().brief.limits], ['Mine', { positions: ['1'] }]);
  });

  it('takes the lock of one note away', () => {
    changeBrief((brief) => ({
      ...brief,
      locks: [
        { note: 0, finger: '0' },
        { note: 2, finger: '2' },
      ],
    }));
    unlock(0);
    assert.deepEqual(now().brief.locks, [{ note: 2, finger: '2' }]);
  });
});

describe('the studio on the bench', () => {
  it('gives its instrument to the piece, with what was measured', () => {
    playOnInstrument(VIOLIN);
    assert.deepEqual([now().instrumentId, now().brief.instrument], [VIOLIN.id, VIOLIN.document.instrument]);
  });

  it('moves the line to an instrument of another kind, as well as it can', () => {
    givePieceTo(WREN);
    playOnInstrument(CELLO);
    const { brief, playerId, instrumentId } = now();
    assert.deepEqual([brief.instrument.kind, instrumentId, playerId], ['cello', CELLO.id, null]);
    assert.ok(plan(brief).ok);
  });

  it('gives its player with hand, positions and own instrument', () => {
    givePieceTo(WREN);
    const { brief, playerId, instrumentId } = now();
    assert.deepEqual(brief.player, { hand: { preset: 'small' }, name: 'Wren' });
    assert.deepEqual([brief.limits?.positions, playerId, instrumentId], [['1', '3'], WREN.id, VIOLIN.id]);
    assert.equal(brief.instrument.stringLengthMm, 305);
  });

  it('no longer stands behind what the teacher describes otherwise', () => {
    givePieceTo(WREN);
    changeBrief((brief) => withHand(brief, 'large'));
    assert.deepEqual([now().playerId, now().instrumentId], [null, VIOLIN.id]);
    changeBrief((brief) => withSize(brief, '1/2'));
    assert.deepEqual([now().instrumentId, now().brief.instrument], [null, { kind: 'violin', size: '1/2' }]);
  });

  it('parts from an instrument or player without changing the piece', () => {
    givePieceTo(WREN);
    const { brief } = now();
    describeInstrument();
    assert.deepEqual([now().instrumentId, now().brief], [null, brief]);
    namePlayer('Somebody');
    assert.deepEqual([now().playerId, now().brief.player?.name], [null, 'Somebody']);
  });

  it('tells of a change until it is settled, one way or the other', () => {
    const before: Brief = { ...FIRST_BRIEF, tempo: 60 };
    givePieceTo(WREN);
    workStore.setState({ changed: { before } });
    settleChange('new');
    assert.deepEqual([now().changed, now().playerId], [null, WREN.id]);
    workStore.setState({ changed: { before } });
    settleChange('old');
    assert.deepEqual([now().changed, now().playerId, now().brief.tempo], [null, null, 60]);
  });
});

describe('a line as it is typed', () => {
  beforeEach(() => changeBrief((brief) => withMaterialKind(brief, 'line', '')));

  it('becomes the material where it reads', () => {
    typeLine('G3 A3:1/4');
    const { material } = now().brief;
    assert.ok(material.kind === 'line');
    assert.deepEqual(
      material.notes.map((note) => note.duration),
      ['1/8', '1/4'],
    );
  });

  it('is kept with its mistake where it does not, and the last good line stays', () => {
    typeLine('G3 A3');
    const { brief } = now();
    typeLine('G3 H3');
    assert.equal(now().lineText, 'G3 H3');
    assert.equal(now().brief, brief);
    assert.match(now().issues[0]?.message ?? '', /H3/);
  });

  it('is read again when its note value changes', () => {
    typeLine('G3 A3');
    changeBriefAndReadLine((brief) => withRhythm(brief, { noteValue: '1/2' }));
    const { material } = now().brief;
    assert.ok(material.kind === 'line');
    assert.deepEqual(
      material.notes.map((note) => note.duration),
      ['1/2', '1/2'],
    );
  });

  it('is only a text while the material is another', () => {
    changeBrief(() => FIRST_BRIEF);
    typeLine('G3');
    assert.deepEqual([now().lineText, now().brief], ['G3', FIRST_BRIEF]);
  });
});

describe('another fingering', () => {
  it('is taken by fixing the notes that differ, string and finger', () => {
    const outcome = plan(FIRST_BRIEF, { alternatives: 3 });
    assert.ok(outcome.ok);
    const [other] = outcome.value.alternatives;
    assert.ok(other);
    adoptAlternative(other);
    assert.deepEqual(
      now().brief.locks?.map((lock) => lock.note),
      other.differsAt,
    );
    const again = plan(now().brief);
    assert.ok(again.ok);
    assert.deepEqual(again.value.best.notes.map(fingeringOf), other.plan.notes.map(fingeringOf));
  });

  it('without the locks frees all notes', () => {
    changeBrief((brief) => ({ ...brief, locks: [{ note: 1, finger: '1' }] }));
    const outcome = plan(FIRST_BRIEF);
    assert.ok(outcome.ok);
    const free: Alternative = {
      name: { kind: 'unlocked' },
      plan: outcome.value.best,
      differsAt: [1],
      deltaThousandths: 0,
      gains: [],
      pays: [],
    };
    adoptAlternative(free);
    assert.equal(now().brief.locks, undefined);
  });

  it('that one limit relaxed would give, is what the brief then asks', () => {
    const tight = withLimits(FIRST_BRIEF, { highestPerString: [{ string: 'E5', highest: 'F5' }], strings: ['E5'] });
    const outcome = plan(tight);
    assert.ok(!outcome.ok);
    workStore.setState({ brief: tight });
    planningStore.setState({ relaxed: outcome.relaxed });
    acceptRelaxation();
    assert.equal(now().brief, outcome.relaxed === null ? tight : outcome.relaxed.brief);
  });
});

describe('a note of the bench', () => {
  it('is selected and deselected', () => {
    select(3);
    assert.equal(now().selected, 3);
    select(null);
    assert.equal(now().selected, null);
  });
});

function fingeringOf(note: {
  readonly kind: string;
  readonly stops?: readonly { readonly open: string; readonly finger: string }[];
}): string {
  return (note.stops ?? []).map((stop) => `${stop.open} ${stop.finger}`).join('+');
}
