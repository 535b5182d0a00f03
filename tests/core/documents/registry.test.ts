import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { Type } from '@sinclair/typebox';
import { Ajv } from 'ajv';
import {
  DOCUMENT_KINDS,
  DOCUMENT_NAMES,
  documentKind,
  documentToText,
  withHead,
  type OldDocument,
  readDocumentText,
  SCHEMA_NAMES,
  schemaNamed,
} from '#core/documents';
import { documentIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';

const diary = documentKind({
  kind: 'diary',
  plural: 'diaries',
  version: 2,
  fields: { name: Type.String(), minutes: Type.Integer({ minimum: 0 }) },
  upgrades: { 1: ({ hours, ...rest }: OldDocument) => ({ ...rest, minutes: Number(hours) * 60 }) },
});

interface Diary {
  readonly name: string;
  readonly minutes: number;
}

const validate = new Ajv().compile<Diary>(diary.schema);

function readDiary(text: string): Reading<Diary> {
  return readDocumentText(text, diary, (value) =>
    validate(value) ? goodReading(value) : badReading(documentIssue('not-matching', { pointer: '', expected: 'is no diary' })),
  );
}

describe('a new kind of document', () => {
  it('needs one entry to be written, read, checked and brought up from its older version', () => {
    const text = documentToText(withHead(diary, { name: 'June', minutes: 90 }));
    assert.deepEqual(readDiary(text), { ok: true, value: { format: 'dove-path/diary', version: 2, name: 'June', minutes: 90 } });
    const older = readDiary('{ "format": "dove-path/diary", "version": 1, "name": "May", "hours": 2 }');
    assert.ok(older.ok && older.value.minutes === 120);
    assert.equal(readDiary('{ "format": "dove-path/diary", "version": 2, "name": "July", "minutes": -1 }').ok, false);
  });

  it('is told from others by its own name', () => {
    const foreign = readDiary(documentToText(withHead(DOCUMENT_KINDS.player, { name: 'Wren', profile: { kind: 'violin', player: {} } })));
    assert.match(foreign.ok ? '' : (foreign.issues[0]?.message ?? ''), /not a Dove Path diary: its format is "dove-path\/player"/);
  });
});

describe('the registry', () => {
  it('serves the schema of every kind, and of a brief by itself', () => {
    assert.deepEqual(SCHEMA_NAMES, ['brief', ...DOCUMENT_NAMES]);
    for (const name of SCHEMA_NAMES) assert.ok(schemaNamed(name), name);
    assert.equal(schemaNamed('diary'), null);
  });

  it('gives every kind a head that names it and its version', () => {
    for (const { kind, format, version, schema } of Object.values(DOCUMENT_KINDS)) {
      assert.equal(format, `dove-path/${kind}`);
      assert.deepEqual([schema.properties.format.const, schema.properties.version.const], [format, version]);
    }
  });
});
