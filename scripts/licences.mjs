/**
 * Lists the packages with which the application runs: each package of our own choice with version, licence and last release, and the
 * licences of all that these bring along. Ends with an error where a licence is not one that an MIT application can carry. The dates are
 * asked of the registry; without a network they are left out.
 */
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

/** The licences that an application under MIT can carry: permissive ones, and those of fonts and files that stand by themselves. */
const CARRIED = [
  'MIT',
  'ISC',
  'Apache-2.0',
  'BSD-2-Clause',
  'BSD-3-Clause',
  '0BSD',
  'BlueOak-1.0.0',
  'CC0-1.0',
  'CC-BY-4.0',
  'OFL-1.1',
  'Python-2.0',
  'Unlicense',
  'WTFPL',
  'Zlib',
];

/** The packages that need a word of their own. */
const ARGUED = {
  lightningcss: 'builds the style sheet and is not served; MPL-2.0 asks only that changes to its own files stay open, and there are none',
  'zod-to-ts': 'builds types for Astro and is not served; its LICENSE file is the MIT licence, its package.json does not say so',
};

/** The time without a release after which a package is looked at, days. */
const LONG_AGO_DAYS = 3 * 365;

const json = (path) => JSON.parse(readFileSync(path, 'utf8'));
const { dependencies } = json('package.json');

const rows = await Promise.all(Object.keys(dependencies).map(row));
console.table(Object.fromEntries(rows.map(({ name, ...rest }) => [name, rest])));

const { packages } = json('package-lock.json');
const all = Object.entries(packages).filter(([path, { dev, optional, extraneous }]) => path !== '' && !dev && !optional && !extraneous);
const licences = grouped(all);
console.log(`\n${all.length} packages in all: ${[...licences].map(([licence, members]) => `${licence} ${members.length}`).join(', ')}`);
const argued = [];
const refused = [];
for (const [licence, members] of licences) {
  if (isCarried(licence)) continue;
  for (const [path] of members) {
    const name = path.replace(/^.*node_modules\//, '');
    if (ARGUED[name]) argued.push(`${name} (${licence}): ${ARGUED[name]}`);
    else refused.push(`${name}: ${licence}`);
  }
}
for (const line of argued) console.log(line);
for (const line of refused) console.error(`cannot be carried: ${line}`);
if (refused.length > 0) process.exitCode = 1;

async function row(name) {
  const { version, license } = json(`node_modules/${name}/package.json`);
  const released = lastRelease(name);
  const old = released !== null && Date.now() - Date.parse(released) > LONG_AGO_DAYS * 86_400_000;
  return {
    name,
    version,
    licence: license,
    'last release': released === null ? 'not asked' : `${released.slice(0, 10)}${old ? ', long ago' : ''}`,
  };
}

function lastRelease(name) {
  try {
    const times = JSON.parse(
      execFileSync('npm', ['view', name, 'time', '--json'], { encoding: 'utf8', stdio: ['ignore', 'pipe', 'ignore'], timeout: 20_000 }),
    );
    const { created: _, modified: __, ...releases } = times;
    return Object.values(releases).sort().at(-1) ?? null;
  } catch {
    return null;
  }
}

function licenceOf(path) {
  try {
    const { license, licenses } = json(`${path}/package.json`);
    return typeof license === 'string' ? license : (license?.type ?? licenses?.map(({ type }) => type).join(' OR ') ?? 'none told');
  } catch {
    return 'not installed';
  }
}

/** Tells whether a licence can be carried; of several to choose from, one is enough. */
function isCarried(licence) {
  return (
    licence === 'not installed' ||
    licence
      .replace(/[()]/g, '')
      .split(' OR ')
      .some((choice) => choice.split(' AND ').every((each) => CARRIED.includes(each)))
  );
}

function grouped(entries) {
  const groups = new Map();
  for (const entry of entries) {
    const licence = licenceOf(entry[0]);
    groups.set(licence, [...(groups.get(licence) ?? []), entry]);
  }
  return groups;
}
