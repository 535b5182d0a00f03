/**
 * Does whatever a hand may do on the bench, in the library, in the studio's set-up and in the measurements, at random but seeded: no
 * console error, no blank page, every piece valid, and undo all the way gives the piece as it was opened. For the built application (`npm
 * run build` first): `npm run endure:actions -- --actions 5000 --seed 1`; `--visit 7` repeats one visit, `--tree F` takes the build in
 * folder F.
 */
import { chromium } from '@playwright/test';
import { pickerOf } from '../../scripts/results/picker.ts';
import { CHROMIUM, numberGiven, startServer, textGiven } from '../support/served.ts';
import { act } from './act.ts';
import { Visit } from './visit.ts';

const PORT = 4394;

/** The number of actions on one visit, before it ends with undo all the way. */
const ACTIONS_A_VISIT = 25;

/** The number of visits side by side. */
const SIDE_BY_SIDE = 2;

/** The pages on which visits begin: the bench more often than the rest, for there is more to do. */
const ROOMS = ['/?new', '/', '/pieces', '/?new', '/setup', '/', '/measure', '/?new'] as const;

const actions = numberGiven('actions', 5000);
const seed = numberGiven('seed', 1);
const only = numberGiven('visit', -1);

const server = await startServer({ port: PORT, tree: textGiven('tree'), env: { DOVE_PATH_DEMO: '1' } });
const browser = await chromium.launch(CHROMIUM);
const since = Date.now();
const tally = { actions: 0, undone: 0, troubles: 0 };
let begun = only < 0 ? 0 : only;
try {
  await Promise.all(Array.from({ length: only < 0 ? SIDE_BY_SIDE : 1 }, visits));
} finally {
  await browser.close();
  await server.stop();
}
console.log(
  `\n${tally.actions} actions in ${begun} visits, seed ${seed}: ${tally.undone} times undone all the way, ${tally.troubles} troubles, in ${Math.round((Date.now() - since) / 1000)} s`,
);
if (tally.troubles > 0) process.exitCode = 1;

async function visits(): Promise<void> {
  while (tally.actions < actions) {
    const number = begun;
    begun += 1;
    await visitRoom(number);
    if (only >= 0) return;
  }
}

async function visitRoom(number: number): Promise<void> {
  const picker = pickerOf(seed * 100_003 + number);
  const visit = await Visit.begin(browser, server.address, ROOMS[number % ROOMS.length] ?? '/');
  const done: string[] = [];
  for (let action = 0; action < ACTIONS_A_VISIT && visit.troubles.length === 0; action += 1) {
    tally.actions += 1;
    done.push(await act(visit.page, picker));
    await visit.look();
  }
  if (visit.troubles.length === 0 && (await visit.undoAllTheWay())) tally.undone += 1;
  tally.troubles += visit.troubles.length;
  if (visit.troubles.length > 0) console.log(`visit ${number}: ${visit.troubles.join('; ')}\n  after ${done.join(', ')}`);
  await visit.end();
}
