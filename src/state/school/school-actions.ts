import { withSchool } from '#core/brief/edits';
import type { School } from '#core/brief/parts/school';
import { database } from '../../storage/database/index.ts';
import type { SchoolRecord } from '../../records/record.ts';
import { onlySchool, schoolOf } from '../../records/for-briefs.ts';
import { newSchool } from '../../records/new-records.ts';
import { schoolDocument } from '../../records/studio.ts';
import { OWN_SCHOOL } from '../../words/kept/storage.ts';
import { say } from '../notices.ts';
import { changeFollowed, workStore } from '../bench/index.ts';
import { allKept, keep } from '../keeping/index.ts';

/** Gives the school of the piece on the bench: the one it follows, else the only one of the studio, else a new one. */
export async function schoolOfPiece(): Promise<SchoolRecord> {
  const { schoolId } = workStore.getState();
  const schools = await database.schools.toArray();
  const followed = schools.find(({ id }) => id === schoolId) ?? onlySchool(schools);
  return followed ?? newSchool(schoolDocument(OWN_SCHOOL, {}));
}

/** Changes the school that the piece on the bench follows; every piece that follows it is taught that way from now on. */
export async function changeSchool(change: (school: School) => School): Promise<SchoolRecord | null> {
  return await changeFollowed(async () => await writeSchool(change));
}

async function writeSchool(change: (school: School) => School): Promise<SchoolRecord | null> {
  await allKept();
  const record = await schoolOfPiece();
  const document = { ...record.document, school: change(record.document.school) };
  const outcome = await keep('school', { ...record, document }, record);
  if (outcome?.ok === false) {
    say(outcome.message);
    return null;
  }
  const { brief } = workStore.getState();
  workStore.setState({ brief: withSchool(brief, schoolOf(document)), schoolId: record.id });
  return { ...record, document };
}

/** Gives a finger pattern the teacher's own name; an empty one removes it. */
export async function namePattern(key: string, name: string): Promise<void> {
  await changeSchool((school) => {
    const { [key]: _, ...others } = school.patternNames ?? {};
    return { ...school, patternNames: name.trim() === '' ? others : { ...others, [key]: name.trim() } };
  });
}
