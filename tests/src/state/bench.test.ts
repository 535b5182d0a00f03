import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { beforeEach, describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { type Alternative, plan } from '#core/plan';
import { DEMO_PIECES } from '../../../src/demo/pieces.ts';
import { briefFromText, briefToText } from '../../../src/files/brief-link.ts';
import { lockPassage, adoptAlternative } from '../../../src/state/edits/brief-actions.ts';
import { briefOfSide, plainSide } from '../../../src/state/compared-sides.ts';
import {
  bowTogether,
  insertAfter,
  movePitches,
  removeNotes,
  setDuration,
  typePitches,
  writeMark,
  writeOutLine,
} from '../../../src/state/edits/line-actions.ts';
import { pieceOfPassage } from '../../../src/state/edits/passage-piece.ts';
import { noticeNow } from '../../../src/state/notices.ts';
import { keepOthers, overlay } from '../../../src/state/planning-actions.ts';
import { overlaidOf, planningStore } from '../../../src/state/planning.ts';
import { notesRefingered, watchRefingering } from '../../../src/state/bench/refingering.ts';
import { select, selectionStore, selectTo, passageOf } from '../../../src/state/selection.ts';
import { adoptFromOtherTab } from '../../../src/state/bench/in-step.ts';
import { newPiece, renamePiece, switchPiece } from '../../../src/state/bench/work-actions.ts';
import { undo } from '../../../src/state/bench/work-history.ts';
import { workStore } from '../../../src/state/bench/work.ts';
import { database } from '../../../src/storage/database/database.ts';
import { closePiece, loadOpenPieces, noteOpened } from '../../../src/storage/reading/open-pieces.ts';
import { pieceOf } from '../../../src/records/piece-documents.ts';
import { versionsOf } from '../../../src/storage/writing/versions.ts';
import { withTempo } from '#core/brief/edits';
import { putUnwritten } from '../../../src/storage/writing/put-unwritten.ts';
import { newInstrument, newPieceRecord, newPlayer } from '../../../src/records/new-records.ts';
import { instrumentDocument, playerDocument } from '../../../src/records/studio.ts';
import { fingering, lineBrief } from '../../support/briefs.ts';
import { saveRecord } from '../../../src/storage/writing/save-record.ts';

const now = () => ({ ...workStore.getState(), ...planningStore.getState(), ...selectionStore.getState(), notice: noticeNow() });

const LINE = lineBrief('violin', ['A4', 'B4', 'C#5', 'D5', 'E5'], {}, 'D major');

/** Puts a brief and its plans on the bench, as the planner does. */
function planOnBench(brief: Brief): void {
  const outcome = plan(brief, { alternatives: 4 });
  assert.ok(outcome.ok);
  planningStore.setState({ planSet: outcome.value, plannedBrief: brief });
  workStore.setState({ brief });
}

function pitches(): string {
  const { material } = now().brief;
  return material.kind === 'line' ? material.notes.map((note) => ('rest' in note ? 'r' : note.pitches.join('+'))).join(' ') : 'no line';
}

beforeEach(() => {
  newPiece();
  workStore.setState({ brief: LINE, lineText: 'A4 B4 C#5 D5 E5' });
});

describe('a passage', () => {
  it('goes from the note selected before to this one, either way, and a plain selection ends it', () => {
    select(3);
    selectTo(1);
    assert.deepEqual(passageOf(now()), { from: 1, to: 3 });
    selectTo(4);
    assert.deepEqual(passageOf(now()), { from: 3, to: 4 });
    select(2);
    assert.equal(passageOf(now()), null);
    selectTo(2);
    assert.equal(passageOf(now()), null);
  });

  it('is locked as it is fingered, and unlocked', () => {
    planOnBench(LINE);
    lockPassage({ from: 1, to: 2 }, true);
    assert.deepEqual(
      now().brief.locks?.map(({ note }) => note),
      [1, 2],
    );
    lockPassage({ from: 1, to: 2 }, false);
    assert.equal(now().brief.locks, undefined);
  });

  it('becomes a piece of its own in the database', async () => {
    workStore.setState({ name: 'Whole' });
    const made = await pieceOfPassage({ from: 1, to: 3 });
    assert.ok('id' in made);
    const record = await database.pieces.get(made.id);
    assert.deepEqual(
      [record?.document.name, record?.document.lineText],
      ['Whole, measure 1, beat 2 to beat 4 (B4 to D5)', 'B4:1/4 C#5 D5'],
    );
  });
});

describe('notes on the bench', () => {
  it('are moved, lengthened, changed, inserted and taken out; the typed line follows, and undo goes back', () => {
    movePitches({ from: 0, to: 1 }, { by: 'letter', up: true });
    assert.equal(pitches(), 'B4 C#5 C#5 D5 E5');
    setDuration(0, '1/2');
    assert.match(now().lineText, /^B4:1\/2 C#5:1\/4/);
    typePitches(4, 'H5');
    assert.match(now().notice ?? '', /“H5” is not a note/);
    typePitches(4, 'F#5');
    insertAfter(4, 'note');
    assert.deepEqual([pitches(), now().selected], ['B4 C#5 C#5 D5 F#5 F#5', 5]);
    insertAfter(0, 'rest');
    assert.equal(pitches(), 'B4 r C#5 C#5 D5 F#5 F#5');
    removeNotes({ from: 1, to: 3 });
    assert.deepEqual([pitches(), now().selected], ['B4 D5 F#5 F#5', null]);
    bowTogether({ from: 0, to: 2 }, true);
    assert.match(now().lineText, /^\(B4:1\/2 D5:1\/4 F#5\) F#5$/);
    for (let step = 0; step < 7; step += 1) undo();
    assert.equal(pitches(), 'A4 B4 C#5 D5 E5');
    assert.equal(now().notice, null);
  });

  it('of a scale are written out as they are when the teacher wants a line', () => {
    newPiece();
    writeOutLine();
    assert.match(now().lineText, /^G3 A3 B3 C4 D4 E4 F#4 G4/);
    const written = now().brief;
    writeOutLine();
    assert.equal(now().brief, written);
  });

  it('of a scale are written out first, and that is said', () => {
    newPiece();
    removeNotes({ from: 0, to: 0 });
    assert.equal(now().brief.material.kind, 'line');
    assert.match(now().notice ?? '', /now written out one by one/);
  });

  it('are marked, and a mark that says nothing goes', () => {
    writeMark(2, { cue: 'sing' });
    assert.deepEqual(now().brief.marks, [{ note: 2, cue: 'sing' }]);
    writeMark(2, { cue: '' });
    assert.equal(now().brief.marks, undefined);
  });
});

describe('another fingering', () => {
  const scale = DEMO_PIECES[0];

  it('is overlaid only while its plan stands, and taken for a passage alone', () => {
    assert.ok(scale);
    planOnBench(scale.brief);
    const { planSet } = now();
    assert.ok(planSet);
    keepOthers({ plan: planSet.best, found: planSet.alternatives });
    overlay(planSet.alternatives.findIndex(({ differsAt }) => differsAt.length > 1));
    const overlaid: Alternative | null = overlaidOf(now());
    assert.ok(overlaid);
    const [first, ...others] = overlaid.differsAt;
    assert.ok(first !== undefined && others.length > 0);
    adoptAlternative(overlaid, { from: first, to: first });
    assert.deepEqual(
      now().brief.locks?.map(({ note }) => note),
      [first],
    );
    assert.equal(now().overlaid, null);
    planOnBench(now().brief);
    overlay(0);
    assert.equal(overlaidOf(now()), null);
  });
});

describe('what the engine changed', () => {
  it('is told for each plan of the same notes, and remembered for the list', () => {
    planOnBench(LINE);
    const stop = watchRefingering();
    const covered: Brief = { ...LINE, limits: { openStrings: 'none' } };
    planOnBench(covered);
    assert.ok(now().refingered.includes(0));
    assert.deepEqual(notesRefingered(covered), now().refingered);
    planOnBench(lineBrief('violin', ['A4']));
    assert.deepEqual(now().refingered, []);
    stop();
    assert.equal(notesRefingered(LINE), null);
  });
});

describe('several pieces and several tabs', () => {
  const keep = async (name: string): Promise<string> => {
    const record = newPieceRecord(pieceOf(name, LINE, 'A4 B4 C#5 D5 E5'));
    assert.ok((await saveRecord('piece', record)).ok);
    return record.id;
  };

  it('stand open in the order they were opened, at most eight, and close without loss', async () => {
    const ids = await Promise.all(Array.from({ length: 9 }, (_, index) => keep(`Piece ${index}`)));
    for (const id of ids) await noteOpened(id);
    assert.deepEqual(
      (await loadOpenPieces()).map(({ name }) => name),
      Array.from({ length: 8 }, (_, index) => `Piece ${index + 1}`),
    );
    const [, second] = ids;
    assert.ok(second !== undefined);
    assert.equal((await closePiece(second)).length, 7);
    assert.ok(await database.pieces.get(second));
  });

  it('switch once the one on the bench is written', async () => {
    const id = await keep('The other');
    assert.equal(await switchPiece(id), id);
    assert.deepEqual([now().name, now().pieceId], ['The other', id]);
    await switchPiece(null);
    assert.equal(now().name, '');
  });

  it('keep what can be undone when the tab of the one that is there is pressed', async () => {
    const id = await keep('The other');
    await switchPiece(id);
    renamePiece('Changed');
    await switchPiece(id);
    undo();
    assert.equal(now().name, 'The other');
  });

  it('take over what another tab wrote; undo goes back', async () => {
    const id = await keep('Here');
    await switchPiece(id);
    const record = await database.pieces.get(id);
    assert.ok(record);
    adoptFromOtherTab({ ...record, document: { ...record.document, name: 'There', tags: ['june'] }, revision: record.revision + 1 });
    assert.deepEqual([now().name, now().tags, now().base?.revision], ['There', ['june'], record.revision + 1]);
    assert.match(now().notice ?? '', /changed in another tab/);
    undo();
    assert.equal(now().name, 'Here');
  });

  it('write what a page left behind when it is sound, whatever the clock says, and keep what was there', async () => {
    const id = await keep('Left');
    const record = await database.pieces.get(id);
    assert.ok(record);
    const leaveUnwritten = (change: object): Promise<boolean> => putUnwritten(JSON.stringify({ ...record, ...change }));
    await leaveUnwritten({ document: { ...record.document, name: 'Newer' }, updatedAt: record.updatedAt + 1 });
    assert.equal((await database.pieces.get(id))?.document.name, 'Newer');
    await leaveUnwritten({ document: { ...record.document, name: 'By an earlier clock' }, updatedAt: record.updatedAt - 3_600_000 });
    await leaveUnwritten({ document: { ...record.document, name: 7 }, updatedAt: record.updatedAt + 9 });
    assert.deepEqual([await putUnwritten('{"id": "cut off'), await putUnwritten('null')], [true, true]);
    assert.equal((await database.pieces.get(id))?.document.name, 'By an earlier clock');
    assert.equal((await versionsOf('piece', id)).filter(({ fromElsewhere }) => fromElsewhere).length, 2);
    const [aside] = await database.setAside.toArray();
    assert.ok(aside?.id !== id && /name/.test(aside?.reason ?? ''), 'what does not read is set aside, beside the record itself');
    assert.equal(await leaveUnwritten({ document: { ...record.document, version: 9 } }), false, 'what a newer version left stays for it');
  });

  it('join what a page left behind with what another page wrote meanwhile, and keep what does not count as a version', async () => {
    const id = await keep('Left');
    const base = await database.pieces.get(id);
    assert.ok(base);
    const there = { ...base.document, brief: withTempo(base.document.brief, 72) };
    await database.pieces.put({
      ...base,
      document: there,
      revision: base.revision + 1,
      writtenBy: 'another',
      updatedAt: base.updatedAt + 5,
    });
    for (const [name, updatedAt] of [
      ['Later', base.updatedAt + 9],
      ['Earlier', base.updatedAt + 1],
    ] as const)
      await putUnwritten(JSON.stringify({ ...base, document: { ...base.document, name }, updatedAt, base }));
    const now = await database.pieces.get(id);
    assert.deepEqual([now?.document.name, now?.document.brief.tempo, now?.writtenBy], ['Earlier', 72, null]);
    assert.equal((await versionsOf('piece', id)).filter(({ fromElsewhere }) => fromElsewhere).length, 2);
  });

  it('write what a page of an earlier version left behind, where documents had another name', async () => {
    const id = await keep('Left');
    const record = await database.pieces.get(id);
    assert.ok(record);
    const { document, ...others } = record;
    await putUnwritten(JSON.stringify({ ...others, piece: { ...document, name: 'Last words' }, updatedAt: record.updatedAt + 1 }));
    assert.equal((await database.pieces.get(id))?.document.name, 'Last words');
  });
});

describe('a brief in a link', () => {
  it('comes back as it was, in letters an address may have', async () => {
    for (const { brief } of DEMO_PIECES) {
      const text = await briefToText(brief);
      assert.match(text, /^[\w-]+$/);
      assert.deepEqual(await briefFromText(text), { ok: true, value: brief });
    }
  });

  it('that is cut off or of another schema is refused in words', async () => {
    const text = await briefToText(LINE);
    for (const bad of [text.slice(0, 20), '%%%', '']) {
      const reading = await briefFromText(bad);
      assert.ok(!reading.ok && /whole brief/.test(reading.issues[0]?.message ?? ''));
    }
  });
});

describe('a side of a comparison', () => {
  const violin = newInstrument(instrumentDocument('A small violin', { kind: 'violin', size: '1/2' }));
  const player = newPlayer(playerDocument('Wren', { kind: 'violin', player: { hand: { preset: 'small' } }, positions: ['1'] }), {
    instrumentId: violin.id,
    schoolId: null,
  });
  const piece = newPieceRecord(pieceOf('Line', LINE, ''));

  it('is the piece as it is, or for another player on the instrument that goes with it, or on one chosen', () => {
    assert.equal(briefOfSide(plainSide(piece.id), piece, { players: [player], instruments: [violin] }), piece.document.brief);
    const given = briefOfSide({ ...plainSide(piece.id), playerId: player.id }, piece, { players: [player], instruments: [violin] });
    assert.deepEqual([given.player?.name, given.limits?.positions, given.instrument.size], ['Wren', ['1'], '1/2']);
    const on = briefOfSide({ ...plainSide(piece.id), instrumentId: violin.id }, piece, { players: [player], instruments: [violin] });
    assert.deepEqual([on.player, on.instrument.size], [undefined, '1/2']);
    assert.ok(plan(on).ok && fingering !== undefined);
  });
});
