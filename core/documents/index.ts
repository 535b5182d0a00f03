export { standsInBook } from './in-book.ts';
export { documentKind, withHead, type OldDocument, upgrade } from './document-kind.ts';
export { documentToText, readDocument, readDocumentText } from './document-text.ts';
export { carryUnknown, type KnownFields, knownFields } from './known-fields.ts';
export { LONGEST_AS_TEXT, openSchema } from './open-schema.ts';
export {
  type Checked,
  type CheckedName,
  DOCUMENT_KINDS,
  DOCUMENT_NAMES,
  type DocumentName,
  type DocumentOf,
  type Documents,
  type BookDocument,
  type InstrumentDocument,
  type LogDocument,
  type Piece,
  type PlayerDocument,
  SCHEMA_NAMES,
  schemaNamed,
  type SchoolDocument,
  type SessionDocument,
  type StagesDocument,
} from './registry.ts';
