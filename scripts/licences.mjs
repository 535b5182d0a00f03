/**
 * Lists the packages with which the application runs: each package of our own choice with version and licence, and the
 * licences of all that these bring along; then the packages that would run a script when they are installed. It reads what is installed and
 * asks nobody. Ends with an error where a licence is not one that an MIT application can carry, or a script is not known.
 */
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

/** The packages with a script of their own for installing, and the reason why nothing here needs it: `npm ci --ignore-scripts` is enough. */
const SCRIPTS = {
  'core-js': 'prints a message of its author, and is only there for a part of the PDF writer that is never called',
  esbuild: 'checks that the program for this machine came as an optional package, which npm installs anyway',
  sharp: 'looks for a picture library; pictures are never made here',
};

const json = (path) => JSON.parse(readFileSync(path, 'utf8'));
const { dependencies } = json('package.json');

console.table(Object.fromEntries(Object.keys(dependencies).map((name) => [name, versionAndLicence(name)])));

const { packages } = json('package-lock.json');
const all = Object.entries(packages).filter(([path, { dev, optional, extraneous }]) => path !== '' && !dev && !optional && !extraneous);
const licences = grouped(all);
console.log(`\n${all.length} packages in all: ${[...licences].map(([licence, members]) => `${licence} ${members.length}`).join(', ')}`);
const argued = [];
const refused = [];
for (const [licence, members] of licences) {
  if (isCarried(licence)) continue;
  for (const [path] of members) {
    const name = nameOf(path);
    if (ARGUED[name]) argued.push(`${name} (${licence}): ${ARGUED[name]}`);
    else refused.push(`${name}: ${licence}`);
  }
}
for (const line of argued) console.log(line);
for (const line of refused) console.error(`cannot be carried: ${line}`);
if (refused.length > 0) process.exitCode = 1;

const installing = Object.entries(packages).filter(
  ([path, { hasInstallScript }]) => hasInstallScript && licenceOf(path) !== 'not installed',
);
console.log(`\n${installing.length} packages would run a script when they are installed; none of these is needed:`);
for (const [path] of installing) {
  const name = nameOf(path);
  if (SCRIPTS[name]) console.log(`${name}: ${SCRIPTS[name]}`);
  else {
    console.error(`not known: ${name}`);
    process.exitCode = 1;
  }
}

function versionAndLicence(name) {
  const { version, license } = json(`node_modules/${name}/package.json`);
  return { version, licence: license };
}

function nameOf(path) {
  return path.replace(/^.*node_modules\//, '');
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
