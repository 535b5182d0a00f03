export { findKept } from './kept.ts';
export { ALL_KEYS, KEY_ORDERS, type KeyOrder } from './key-order.ts';
export { BookRequest } from './request.ts';
export {
  BOOK_KINDS,
  type BookKey,
  type BookKind,
  type BookLine,
  type LeftOut,
  MINOR_FORMS,
  type MinorForm,
  type ScaleBook,
  type ScaleBookLines,
  scaleBookLines,
} from './scale-book.ts';
