export { MOST_NOTES } from './limits.ts';
export { accentOf, LineNoteDocument, MOST_AT_ONCE, type TypedNote, writtenAccent } from './line-note.ts';
export { formatLineText, parseLineText, suggestedWord } from './line-text.ts';
export { readTypedLine } from './typed-line.ts';
