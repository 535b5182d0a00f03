import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { setTimeout as rest } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import { PAGES } from './offline.mjs';

/** The pattern of scripts and styles that stand in a page itself, with the text between their tags; data is no script. */
const INLINE = /<(script|style)\b(?![^>]*\b(?:src=|type="application\/json"))[^>]*>([\s\S]*?)<\/\1>/g;

/** The pattern of styles that stand at an element of a page. */
const AT_ELEMENT = /<[a-z][^>]*\sstyle="([^"]*)"/g;

/** The address of the page for what is not there. */
const NOT_THERE = '/nowhere';

/**
 * Writes the hashes of the scripts and styles that stand in our own pages, once the server is built: the content policy allows these and no
 * others, whatever an answer may hold. The pages are asked for as the built server answers them, with the demo and without.
 */
export function contentPolicy() {
  return {
    name: 'content-policy',
    hooks: {
      'astro:build:done': async ({ dir }) => {
        const built = fileURLToPath(new URL('..', dir));
        const pages = [...(await pagesOf(built, '0')), ...(await pagesOf(built, '1'))];
        writeFileSync(join(built, 'content-policy.json'), JSON.stringify(hashesIn(pages)));
      },
    },
  };
}

/** Lists the hashes of the scripts and styles in some pages, as a content policy names them. */
export function hashesIn(pages) {
  const hashes = { script: new Set(), style: new Set() };
  for (const html of pages) {
    for (const [, tag, text = ''] of html.matchAll(INLINE)) hashes[tag].add(hashOf(text));
    for (const [, text = ''] of html.matchAll(AT_ELEMENT)) hashes.style.add("'unsafe-hashes'").add(hashOf(text));
  }
  return { script: [...hashes.script].sort(), style: [...hashes.style].sort() };
}

function hashOf(text) {
  return `'sha256-${createHash('sha256').update(text).digest('base64')}'`;
}

/** Gives every page as the built server answers it. */
async function pagesOf(built, demo) {
  const port = await freePort();
  const address = `http://127.0.0.1:${port}`;
  const server = spawn(process.execPath, [join(built, 'serve.mjs')], {
    env: { ...process.env, HOST: '127.0.0.1', PORT: String(port), DOVE_PATH_DEMO: demo },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  try {
    while ((await fetch(`${address}/api/health`).catch(() => null)) === null) {
      if (server.exitCode !== null) throw new Error(`The built server does not start: it ended with ${server.exitCode}`);
      await rest(50);
    }
    return await Promise.all([...PAGES, NOT_THERE].map(async (page) => await (await fetch(address + page)).text()));
  } finally {
    server.kill('SIGKILL');
  }
}

async function freePort() {
  return await new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}
