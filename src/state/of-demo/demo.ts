import { DOCUMENT_NAMES, type DocumentName } from '#core/documents';
import type { Demo } from '../../demo/index.ts';
import { NO_DEMO } from '../../words/kept/storage.ts';
import { database, together } from '../../storage/database/index.ts';
import type { RecordOf } from '../../records/record.ts';
import { demoInPage } from './demo-in-page.ts';
import { demoRecords, type DemoRecords } from './demo-records.ts';
import { notThereYet } from './not-there-yet.ts';

/** Puts the demo in on the very first start of a demo, once. */
export async function seedDemoOnce(): Promise<void> {
  if (await database.facts.get('demo-seeded')) return;
  const records = await recordsOfDemo();
  await together(async () => {
    if (await database.facts.get('demo-seeded')) return;
    await database.facts.put({ key: 'demo-seeded', value: true });
    await putDemoIn(await ofEveryKind(async (name) => await notThereYet(name, records[name])));
  });
}

/** Gives records of every kind, each as it is found. */
async function ofEveryKind(find: <Name extends DocumentName>(name: Name) => Promise<readonly RecordOf<Name>[]>): Promise<DemoRecords> {
  return {
    piece: await find('piece'),
    instrument: await find('instrument'),
    player: await find('player'),
    school: await find('school'),
    stages: await find('stages'),
    session: await find('session'),
    week: await find('week'),
    log: await find('log'),
    book: await find('book'),
  };
}

async function putDemoIn(records: DemoRecords): Promise<void> {
  const store = async <Name extends DocumentName>(name: Name): Promise<void> => {
    await database.tableOf(name).bulkPut([...records[name]]);
  };
  for (const name of DOCUMENT_NAMES) await store(name);
}

/** Gives the demo as records: from the page where it stands in it, else from the server. */
export async function recordsOfDemo(): Promise<DemoRecords> {
  const demo = demoInPage()?.demo ?? (await demoOfServer());
  return demoRecords(demo, Date.now());
}

/**
 * Fetches the demo that the server has.
 *
 * @throws where it has none
 */
async function demoOfServer(): Promise<Demo> {
  const response = await fetch('/api/demo');
  const demo: Demo | null = response.ok ? await response.json() : null;
  if (demo === null) throw new Error(NO_DEMO);
  return demo;
}
