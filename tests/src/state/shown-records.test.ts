import assert from 'node:assert/strict';
import { afterEach, describe, it } from 'node:test';
import { newInstrument } from '../../../src/records/new-records.ts';
import type { InstrumentRecord } from '../../../src/records/record.ts';
import { instrumentDocument } from '../../../src/records/studio.ts';
import { noteWaiting, waitingStore } from '../../../src/state/keeping/waiting.ts';
import { type Shown, withFirst, withRead, withWritten } from '../../../src/state/reading/shown-records.ts';
import { CHANGED_ELSEWHERE_STUDIO, CHANGED_IN_BOTH_STUDIO } from '../../../src/words/kept/other-tabs.ts';

const viola: InstrumentRecord = { ...newInstrument(instrumentDocument('Viola', { kind: 'viola' })), revision: 1 };

/** Gives the viola with another string length, as a tab wrote it, mm. */
const withLength = (stringLengthMm: number, revision: number, writtenBy = 'another tab'): InstrumentRecord => ({
  ...viola,
  document: instrumentDocument('Viola', { kind: 'viola', stringLengthMm }),
  revision,
  writtenBy,
});

/** Shows a change that is made here, and waits to be written. */
function typeHere(shown: Shown<'instrument'>, next: InstrumentRecord): Shown<'instrument'> {
  const [base = null] = shown.records;
  noteWaiting(next.id, { name: 'instrument', record: next, change: 1, since: 0, base, keptAhead: true, failed: null });
  return { ...shown, records: withFirst(shown.records, next) };
}

const lengthsOf = ({ records }: Shown<'instrument'>): readonly (number | undefined)[] =>
  records.map(({ document }) => document.instrument.stringLengthMm);

afterEach(() => waitingStore.setState({ waiting: new Map() }));

/** Shows the viola as it is first read. */
const opened = withRead<'instrument'>(null, [viola]);

describe('records that a page shows', () => {
  it('are as another tab left them, and the page says so', () => {
    const shown = withRead(opened, [withLength(360, 2)]);
    assert.deepEqual([lengthsOf(shown), shown.notice, shown.times.get(viola.id)], [[360], CHANGED_ELSEWHERE_STUDIO, 1]);
  });

  it('are as they were typed here while that is not written yet', () => {
    const shown = withRead(typeHere(opened, withLength(355, 1)), [withLength(360, 2)]);
    assert.deepEqual([lengthsOf(shown), shown.notice], [[355], null]);
  });

  it('have the change that another tab wrote just after this one, though it came before this one knew that it was written', () => {
    const next = withLength(355, 1);
    const read = withRead(typeHere(opened, next), [withLength(360, 3)]);
    noteWaiting(viola.id, null);
    const shown = withWritten(read, { next, written: withLength(355, 2, 'this tab'), isJoined: false });
    assert.deepEqual([lengthsOf(shown), shown.notice, shown.times.get(viola.id)], [[360], CHANGED_ELSEWHERE_STUDIO, 1]);
  });

  it('do not go back to what came before this tab wrote', () => {
    const next = withLength(355, 1);
    const read = withRead(typeHere(opened, next), [withLength(360, 2)]);
    noteWaiting(viola.id, null);
    const shown = withWritten(read, { next, written: withLength(355, 3), isJoined: true });
    assert.deepEqual([lengthsOf(shown), shown.notice], [[355], CHANGED_IN_BOTH_STUDIO]);
  });

  it('stay gone where another tab deleted them', () => {
    assert.deepEqual(lengthsOf(withRead(opened, [])), []);
  });
});
