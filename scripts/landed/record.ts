/**
 * Adds the schemas of today to those that landed, where they have changed: `npm run landed`. A test asks for it. Whatever this writes, later
 * versions of the application have to read.
 */
import { landedSchemas, notLanded, writeLanded } from './landed-schemas.ts';

const landed = landedSchemas();
const added = notLanded(landed);
writeLanded([...landed, ...added]);
for (const { kind, version } of added) console.log(`The schema of a ${kind} is added, version ${version}`);
if (added.length === 0) console.log('All schemas are there already');
