export { documentKind, headed, type OldDocument, upgraded } from './document-kind.ts';
export { documentToText, readDocument, readDocumentText } from './document-text.ts';
export {
  type Checked,
  type CheckedName,
  DOCUMENT_KINDS,
  DOCUMENT_NAMES,
  type DocumentName,
  type DocumentOf,
  type Documents,
  type InstrumentSheet,
  type Piece,
  type PlayerSheet,
  SCHEMA_NAMES,
  type SchoolSheet,
  schemaNamed,
} from './registry.ts';
