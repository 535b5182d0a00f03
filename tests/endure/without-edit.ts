import { DOCUMENT_NAMES } from '#core/documents';
import { KEEPING_PAGES } from '../../src/islands/frame/rooms.ts';
import { JOINED_LISTS } from '../../src/storage/joining/joined-lists.ts';
import { listsOf } from '../support/schemas/lists-of-schema.ts';
import { EDITS } from './edits.ts';

/** Lists the kinds of documents, the pages that keep changes and the lists in documents that no edit of the trials changes. */
export function withoutEdit(): readonly string[] {
  const kinds = DOCUMENT_NAMES.filter((name) => !EDITS.some(({ changes }) => changes === name));
  const pages = KEEPING_PAGES.filter((name) => !EDITS.some(({ on }) => on === name));
  const withLists = DOCUMENT_NAMES.filter((name) => listsOf(name).some((field) => field in JOINED_LISTS));
  const lists = withLists.filter((name) => !EDITS.some(({ changes, beside }) => changes === name && beside));
  return [
    ...kinds.map((name) => `a ${name}`),
    ...pages.map((name) => `the page ${name}`),
    ...lists.map((name) => `two tabs with one list of a ${name}`),
  ];
}
