import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import { STAGES } from '#core/drill/apart';
import { BATCH_MS, MOST_BRIEFS } from '../../src/endpoints/batch.ts';
import { PROBLEMS } from '../../src/endpoints/described.ts';
import { openApi } from '../../src/endpoints/openapi.ts';
import { BODY_LIMIT_BYTES, DEEPEST, MOST_IN_A_LIST, SCORE_LIMIT_BYTES } from '../../src/endpoints/request-body.ts';
import { LEAST_PLACES, USUAL_BUDGET } from '../../src/server/planner.ts';
import { CLIENT_BITS } from '../../src/server/client-of.ts';
import { PATIENCE, USUAL_GRACE_S } from '../../src/server/serve.ts';

const MB = 1_000_000;

/** The figures that are written as words; smaller ones are ordinary prose. */
const IN_WORDS: Readonly<Record<number, string>> = {
  7: 'seven',
  8: 'eight',
  9: 'nine',
  10: 'ten',
  11: 'eleven',
  12: 'twelve',
  40: 'forty',
};

/** The pattern of a figure in a text: in digits, or a word for one. */
const FIGURE = new RegExp(`\\d[\\d,.]*|\\b(?:${Object.values(IN_WORDS).join('|')}|twenty|thirty|fifty|hundred|thousand)\\b`, 'g');

/** The figures in the texts, computed from the code. */
const TOLD: Readonly<Record<string, readonly string[]>> = {
  'README.md': [`Node ${valuesIn('package.json').engines.node.replace('>=', '')} or newer`],
  'docs/how-it-works.md': [
    `${IN_WORDS[STAGES.length]} stages`,
    `${IN_WORDS[valuesIn('tests/support/reference/alternatives.json').length]} briefs`,
  ],
  'docs/glossary.md': [`one of the ${IN_WORDS[STAGES.length]} steps in which a shift is learnt`],
  'docs/endpoints.md': [`OpenAPI ${valueOf(openApi(), 'openapi').replace(/\.0$/, '')}`],
  'docs/server.md': [
    `at least ${LEAST_PLACES} at a time`,
    `At most ${USUAL_BUDGET.mostWaiting / USUAL_BUDGET.places} requests wait for each place, ${USUAL_BUDGET.mostOfClient / USUAL_BUDGET.places} of one client`,
    `none longer than ${USUAL_BUDGET.longestWaitMs / 1000} s`,
    `${USUAL_BUDGET.batchesOfClient} batches of one client and ${USUAL_BUDGET.mostBatches} in all`,
    `${BATCH_MS / 60_000} minutes of a processor`,
    `the /${CLIENT_BITS} network`,
    `ends a job after ${USUAL_BUDGET.clockMs / 60_000} minutes`,
    `gets ${statusOf('too large')}, with a length`,
    `(${USUAL_GRACE_S} unless set)`,
    `answers with ${statusOf('Too many wait')} on connections`,
    `has status ${statusOf('Too many wait')}`,
    `batches of ${MOST_BRIEFS / 10}`,
    `gets ${statusOf('Too many wait')} with`,
    `A job has ${USUAL_BUDGET.processorMs / 1000} s of a processor and ${USUAL_BUDGET.jobMb} MB`,
    `answered with ${statusOf('cannot be planned')} and a sentence`,
    `Each thread at work takes at most ${USUAL_BUDGET.jobMb} MB`,
    `at most ${BODY_LIMIT_BYTES / MB} MB, lists of ${MOST_IN_A_LIST.toLocaleString('en')} and ${DEEPEST} levels`,
    `A score has at most ${SCORE_LIMIT_BYTES / MB} MB`,
    `whole within ${PATIENCE.requestTimeout / 1000} s, its head within ${PATIENCE.headersTimeout / 1000} s`,
    `an idle connection ends after ${PATIENCE.keepAliveTimeout / 1000} s`,
  ],
};

/** The patterns of figures that count nothing of ours: pitches, fingers, a standard, the ends of an axis, the numbers of a list. */
const NAMES = [
  /\b[A-G]♯?\d\b/g,
  /\b(?:with|under) [1-4](?:, [1-4] and [1-4])?(?= (?:on|of) the [A-G] string)/g,
  /RFC \d+/g,
  /\bIPv[46]\b/g,
  /\bfinger [1-4]\b/g,
  /\b2-3-4\b/g,
  /\(0 the note that is left, 1 the arrival\)/g,
  /(?<=\n)\d\. /g,
];

const PAGES = ['README.md', ...readdirSync('docs').flatMap((name) => (name.endsWith('.md') ? [`docs/${name}`] : []))];

function valuesIn(file: string) {
  return JSON.parse(readFileSync(file, 'utf8'));
}

function valueOf(of: object, field: string): string {
  return String(Object.entries(of).find(([name]) => name === field)?.[1]);
}

/** Reads the status of an answer from its sentence. */
function statusOf(said: string): string {
  return Object.entries(PROBLEMS).find(([, text]) => text.includes(said))?.[0] ?? '';
}

/** Gives a text without its code and without the targets of its links. */
function proseOf(page: string): string {
  return readFileSync(page, 'utf8')
    .replace(/```.*?```/gs, '')
    .replace(/`[^`]*`/g, '')
    .replace(/\]\([^)]*\)/g, ']');
}

describe('the figures in what is written for newcomers', () => {
  it('are told of pages that are there', () => {
    assert.deepEqual(
      Object.keys(TOLD).filter((page) => !PAGES.includes(page)),
      [],
    );
  });

  for (const page of PAGES) {
    it(`are those of the code, and there are no others (${page})`, () => {
      const told = TOLD[page] ?? [];
      const unnamed = NAMES.reduce((text, name) => text.replace(name, ''), proseOf(page)).replace(/\s+/g, ' ');
      assert.deepEqual(
        told.filter((text) => !unnamed.includes(text)),
        [],
      );
      const rest = told.reduce((text, value) => text.replace(value, ''), unnamed);
      assert.deepEqual(rest.match(FIGURE) ?? [], []);
    });
  }
});
