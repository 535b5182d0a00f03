import { type BooksWithPieces, loadBooks } from '../../storage/reading/index.ts';
import type { StoredQuery } from '../reading/index.ts';

/** Reads the teacher’s books and their pieces. */
export const BOOKS: StoredQuery<[], BooksWithPieces> = { read: loadBooks };
