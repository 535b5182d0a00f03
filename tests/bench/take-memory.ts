import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Browser } from '@playwright/test';
import { waveFile } from '../support/listening/wave-file.ts';

/** The line that is played over and over, and the longest take that is read, seconds, in two channels of a usual rate. */
const LINE = 'F major, first shifts';
const SECONDS = 598;
const RATE = 48_000;

/** The bytes of the head of a wave file, and of a sample of both channels. */
const HEAD = 44;
const FRAME = 4;

/** The time between two looks at the memory, ms. */
const LOOKS_EVERY = 100;

/** Measures how much memory the browser’s page needs while the longest take is opened and read, before and at the most. */
export async function printTakeMemory(browser: Browser, address: string): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'dove-path-'));
  const path = join(folder, 'long.wav');
  writeFileSync(path, longWave());
  const page = await browser.newPage();
  await page.goto(`${address}/pieces`);
  await page.getByRole('link', { name: LINE }).first().click();
  await page.getByRole('link', { name: 'Take', exact: true }).click();
  await page.getByRole('button', { name: 'Record' }).waitFor();
  const before = pagesMb();
  let most = before;
  const looking = setInterval(() => {
    most = Math.max(most, pagesMb());
  }, LOOKS_EVERY);
  const began = performance.now();
  await page.getByLabel('A recording of the line').setInputFiles(path);
  await page.getByRole('region', { name: 'What was heard' }).waitFor({ timeout: 300_000 });
  clearInterval(looking);
  const seconds = ((performance.now() - began) / 1000).toFixed(0);
  console.log(
    `a take of ten minutes (${(HEAD + SECONDS * RATE * FRAME) / 1e6} MB) is read in ${seconds} s; memory of the page: ${before} MB before, ${most} MB at most`,
  );
  await page.close();
  rmSync(folder, { recursive: true });
}

/** Makes a wave file in which a line is played over and over. */
function longWave(): Buffer {
  const { buffer } = waveFile('line.wav', { play: LINE, sampleRate: RATE });
  const [head, line] = [Buffer.from(buffer.subarray(0, HEAD)), buffer.subarray(HEAD)];
  const bytes = SECONDS * RATE * FRAME;
  const sound = Buffer.alloc(bytes);
  for (let at = 0; at < bytes; at += line.length) line.copy(sound, at, 0, Math.min(line.length, bytes - at));
  head.writeUInt32LE(bytes + HEAD - 8, 4);
  head.writeUInt32LE(bytes, HEAD - 4);
  return Buffer.concat([head, sound]);
}

/** Gives the memory that the largest page of the browser holds, MB, as the system tells it. */
function pagesMb(): number {
  const sizes = readdirSync('/proc').flatMap((name): readonly number[] => {
    if (!/^\d+$/.test(name)) return [];
    try {
      if (!readFileSync(`/proc/${name}/cmdline`, 'utf8').includes('--type=renderer')) return [];
      return [Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${name}/status`, 'utf8'))?.[1] ?? 0)];
    } catch {
      // The process has ended meanwhile.
      return [];
    }
  });
  return Math.round(Math.max(0, ...sizes) / 1024);
}
