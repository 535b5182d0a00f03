import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { NOTHING_KNOWN } from '#core/drill/hot-spots';
import { after, afterEach, beforeEach, describe, it } from 'node:test';
import { withLimits } from '#core/brief/edits';
import { FIRST_BRIEF } from '#core/brief/lines';
import { noticeNow, say } from '../../../src/state/notices.ts';
import { bringPathNotes, keepOthers, keepPlanning, overlay, stopPlanning, wishFor } from '../../../src/state/planning-actions.ts';
import { overlaidOf, planningStore, planShown } from '../../../src/state/planning.ts';
import { newPiece } from '../../../src/state/bench/work-actions.ts';
import { workStore } from '../../../src/state/bench/work.ts';
import { ask } from '../../support/plans/asked.ts';
import { lineBrief, planBest } from '../../support/briefs.ts';
import { endWorkers, runningWorkers, withNodeWorkers } from '../../support/engine-worker.ts';
import { until } from '../../support/until.ts';

withNodeWorkers();

const LINE = lineBrief('violin', ['A4', 'B4', 'C#5', 'D5', 'E5'], {}, 'D major');

/** A note that no finger of first position reaches on the strings it leaves. */
const TOO_HIGH = withLimits(lineBrief('violin', ['A4', 'D6'], {}, 'D major'), { positions: ['1'] });

let stop = (): void => undefined;

beforeEach(() => {
  newPiece();
  stop = keepPlanning();
});
afterEach(() => stop());
after(endWorkers);

/** Waits until the plan of the brief on the bench is shown. */
async function waitUntilPlanned(): Promise<void> {
  await until(planningStore, ({ plannedBrief }) => plannedBrief === workStore.getState().brief);
}

describe('the brief on the bench', () => {
  it('is planned when it is opened and whenever it changes', async () => {
    await waitUntilPlanned();
    assert.deepEqual(planShown(), planBest(FIRST_BRIEF));
    workStore.setState({ brief: LINE });
    await waitUntilPlanned();
    assert.deepEqual(planShown(), planBest(LINE));
  });

  it('that has changed again has the plan of the last change', async () => {
    workStore.setState({ brief: LINE });
    workStore.setState({ brief: TOO_HIGH });
    workStore.setState({ brief: FIRST_BRIEF });
    await waitUntilPlanned();
    assert.deepEqual([planShown()?.brief, planningStore.getState().issues], [FIRST_BRIEF, []]);
  });

  it('that cannot be planned says why, and shows what the smallest step would give', async () => {
    workStore.setState({ brief: TOO_HIGH });
    const { issues, relaxed, plannedBrief } = await until(planningStore, (state) => state.issues.length > 0);
    assert.match(issues[0]?.message ?? '', /D6 needs .* position on the E string/);
    assert.ok(relaxed);
    assert.deepEqual([planShown()?.brief, plannedBrief], [relaxed.brief, null]);
    workStore.setState({ brief: LINE });
    await waitUntilPlanned();
    assert.deepEqual([planningStore.getState().issues, planningStore.getState().relaxed], [[], null]);
  });

  it('keeps its plan while the line typed into it does not read, and says what is wrong', async () => {
    workStore.setState({ brief: LINE, lineText: 'A4 B4' });
    await waitUntilPlanned();
    workStore.setState({ lineText: 'A4 H4' });
    const { issues } = await until(planningStore, (state) => state.issues.length > 0);
    assert.match(issues[0]?.message ?? '', /H4/);
    assert.deepEqual(planShown(), planBest(LINE));
  });

  it('is no longer planned once that is stopped, and that is said', async () => {
    workStore.setState({ brief: LINE });
    stopPlanning();
    assert.match(noticeNow() ?? '', /^Planning was stopped/);
    assert.equal(planningStore.getState().progress, null);
    workStore.setState({ brief: FIRST_BRIEF });
    await waitUntilPlanned();
  });

  it('says so when the engine dies under its plan, and is planned by another with the next change', async () => {
    await waitUntilPlanned();
    planningStore.setState({ progress: 0.4 });
    workStore.setState({ brief: LINE });
    for (const worker of runningWorkers()) worker.dispatchEvent(new Event('error'));
    await until(planningStore, ({ progress }) => progress === null);
    assert.match(noticeNow() ?? '', /could not be worked out, or took too long/);
    say(null);
    workStore.setState({ brief: FIRST_BRIEF });
    await waitUntilPlanned();
    assert.deepEqual(planShown(), planBest(FIRST_BRIEF));
  });
});

describe('a wish for a note', () => {
  beforeEach(async () => {
    workStore.setState({ brief: LINE });
    await waitUntilPlanned();
  });

  it('is fixed, and its plan comes with it', async () => {
    await wishFor({ note: 0, finger: '4', string: 'D4' });
    assert.deepEqual(workStore.getState().brief.locks, [{ note: 0, finger: '4', string: 'D4' }]);
    assert.equal(planningStore.getState().plannedBrief, workStore.getState().brief);
    assert.equal(noticeNow(), null);
  });

  it('goes before what was fixed for the note, where both cannot be', async () => {
    await wishFor({ note: 0, finger: '4', string: 'D4' });
    await wishFor({ note: 0, finger: '0' });
    assert.deepEqual(
      workStore.getState().brief.locks?.map(({ finger }) => finger),
      ['0'],
    );
  });

  it('that no hand can play is answered, and nothing changes', async () => {
    const answered = wishFor({ note: 0, finger: '1', string: 'E5' });
    // The plan took so long that it is shown to be under way.
    planningStore.setState({ progress: 0 });
    await answered;
    assert.equal(planningStore.getState().progress, null);
    assert.equal(workStore.getState().brief, LINE);
    assert.match(noticeNow() ?? '', /E string/);
  });
});

describe('what is told beside the plan', () => {
  beforeEach(async () => {
    workStore.setState({ brief: LINE });
    await waitUntilPlanned();
  });

  it('belongs to the plan it was asked for', async () => {
    const plan = planShown();
    assert.ok(plan);
    await bringPathNotes(plan);
    const { path } = planningStore.getState();
    assert.deepEqual(path, { plan, ...ask(LINE, { kind: 'about-path', mostHotSpots: 5, known: NOTHING_KNOWN }) });
    await bringPathNotes(planBest(FIRST_BRIEF));
    assert.equal(planningStore.getState().path, path);
  });

  it('of the other fingerings lays one over as long as its plan stands', async () => {
    const plan = planShown();
    assert.ok(plan);
    const found = ask(LINE, { kind: 'alternatives', most: 3 });
    keepOthers({ plan, found });
    overlay(0);
    assert.equal(overlaidOf(planningStore.getState()), found[0]);
    workStore.setState({ brief: FIRST_BRIEF });
    await waitUntilPlanned();
    assert.equal(overlaidOf(planningStore.getState()), null);
  });
});
