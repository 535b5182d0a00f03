import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { DOCUMENT_KINDS, DOCUMENT_NAMES, openSchema, type Piece, readDocument } from '#core/documents';
import { type Reading } from '#core/result';
import { plan } from '#core/plan';
import { boundedAjv } from '../../../scripts/bounded-ajv.ts';
import { inWordsLeftOut, landedSchemas, notLanded } from '../../../scripts/landed/landed-schemas.ts';
import { DEMO_PIECES } from '../../../src/demo/pieces.ts';
import { isOfNewer } from '../../../src/storage/reading/read-record.ts';
import { readAnyVersion } from '../../../src/validation/documents.ts';
import { readRequest } from '../../../src/validation/request.ts';
import { keepUnknown } from '../../../src/validation/keep-unknown.ts';
import { readValue } from '../../../src/validation/read-value.ts';
import { grownSchema, samplesOf } from '../../support/schemas/samples-of-schema.ts';

const landed = landedSchemas();

describe('a document of an earlier version of the application', () => {
  it('was written by a schema that is kept for this test', () => {
    const missing = notLanded(landed).map(({ kind }) => kind);
    assert.deepEqual(missing, [], 'a schema has changed: add it to those that landed with `npm run landed`');
  });

  it('reads, whatever the version, and nothing of it is cut', async () => {
    for (const { kind, schema } of landed) {
      for (const sample of samplesOf(schema)) {
        const reading = await readAnyVersion(kind, sample);
        assert.ok(reading.ok, `${kind}: ${wordsOf(reading)}`);
        assert.deepEqual({ ...reading.value, version: versionOf(sample) }, renamedSince(sample));
      }
    }
  });
});

describe('a document of a newer version of the application', () => {
  const today = DOCUMENT_NAMES.map((kind) => ({ kind, samples: samplesOf(inWordsLeftOut(DOCUMENT_KINDS[kind].schema)) }));

  it('reads where it only has more fields, and they are kept', async () => {
    for (const kind of DOCUMENT_NAMES) {
      for (const sample of samplesOf(grownSchema(inWordsLeftOut(DOCUMENT_KINDS[kind].schema)))) {
        const reading = await readAnyVersion(kind, sample);
        assert.ok(reading.ok, `${kind}: ${wordsOf(reading)}`);
        assert.deepEqual(reading.value, sample);
      }
    }
  });

  it('reads in an application of any schema that landed, or is left alone there; it is never taken for damage', () => {
    for (const { kind, version, schema } of landed) {
      const ajv = boundedAjv({ strict: false, inlineRefs: false });
      const opened = openSchema(schema);
      const path = { ...DOCUMENT_KINDS[kind], version };
      for (const sample of today.find((one) => one.kind === kind)?.samples ?? []) {
        const reading = readDocument(sample, path, (value) => readValue(ajv.compile(opened), value));
        assert.ok(reading.ok || isOfNewer(reading.issues), `${kind} ${version}: ${wordsOf(reading)}`);
        if (reading.ok) assert.deepEqual(reading.value, sample);
      }
    }
  });

  it('is left alone where its version is newer, or where it has more in it than can be kept unread', async () => {
    for (const { kind, samples } of today) {
      const [sample] = samples;
      const raised = { ...Object(sample), version: DOCUMENT_KINDS[kind].version + 1 };
      const full = { ...Object(sample), later: 'x'.repeat(5000) };
      const many = { ...Object(sample), ...Object.fromEntries(Array.from({ length: 40 }, (_, index) => [`later${index}`, index])) };
      for (const value of [raised, full, many]) {
        const reading = await readAnyVersion(kind, value);
        assert.ok(!reading.ok && isOfNewer(reading.issues), kind);
        assert.match(reading.issues[0]?.hint ?? '', /this Dove Path that has to be updated/);
      }
    }
  });

  it('is planned as if the fields that are not known were not there', () => {
    for (const { name, brief } of DEMO_PIECES) {
      const grown = plan(withMoreFields(brief));
      assert.deepEqual(withoutMoreFields(grown), plan(brief), name);
    }
  });

  it('keeps them where it is made from what is known, but for a part that has become another kind of thing', async () => {
    for (const piece of DEMO_PIECES) {
      const grown = withMoreFields(piece);
      const carried = await keepUnknown('piece', { ...piece, name: 'Changed' }, grown);
      assert.deepEqual(withoutMoreFields(carried), { ...piece, name: 'Changed' });
      assert.deepEqual(laterIn(carried), laterIn(grown), piece.name);
    }
    const [scale] = DEMO_PIECES;
    assert.ok(scale);
    const typed: Piece = { ...scale, brief: { ...scale.brief, material: { kind: 'line', key: 'D major', notes: [] } } };
    const carried = await keepUnknown('piece', typed, withMoreFields(scale));
    assert.deepEqual(carried.brief.material, typed.brief.material);
  });

  it('has to be corrected as a request: whoever sends it is told of a field that is not known', async () => {
    const [first] = DEMO_PIECES;
    const reading = readRequest({ ...first?.brief, tempos: 60 });
    assert.match(wordsOf(reading), /a field “tempos” that is not known here/);
  });
});

/** Adds a field that no version knows to every object in a value. */
function withMoreFields<Value>(value: Value): Value {
  return JSON.parse(JSON.stringify(value), (_name, one: unknown) =>
    typeof one === 'object' && one !== null && !Array.isArray(one) ? { ...one, later: { said: ['by', 'a newer version'] } } : one,
  );
}

/** Lists the places of fields that no version knows, but for those in lists, whose items are told by nothing. */
function laterIn(value: unknown, place = ''): readonly string[] {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return [];
  const here = 'later' in value ? [place] : [];
  const parts = Object.entries(value).filter(([name]) => name !== 'later');
  return [...here, ...parts.flatMap(([name, part]) => laterIn(part, `${place}/${name}`))].toSorted();
}

function withoutMoreFields<Value>(value: Value): Value {
  return JSON.parse(JSON.stringify(value), (name, one: unknown) => (name === 'later' ? undefined : one));
}

/** For some hours, an answer had another name. */
function renamedSince(sample: unknown): unknown {
  return JSON.parse(JSON.stringify(sample).replaceAll('"correcting":"again"', '"correcting":"anew"'));
}

function versionOf(sample: unknown): unknown {
  return Object(sample).version;
}

function wordsOf(reading: Reading<unknown>): string {
  return reading.ok ? 'read' : reading.issues.map(({ message }) => message).join(' ');
}
