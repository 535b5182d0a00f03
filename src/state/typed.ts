import { useLayoutEffect } from 'react';
import { keepBeside, textBeside } from '../storage/beside/index.ts';
import { noteTyped } from './keeping/index.ts';

/** The key of text that was typed and is not kept anywhere else yet, one for each form. */
const KEY = 'dove-path/typed';

/** Gives the fields of a form as they were left while they did not read; else as they are stored. */
export function fieldsTypedBefore<Fields extends object>(id: string, stored: Fields): Fields {
  try {
    const left: unknown = JSON.parse(textBeside(`${KEY}/${id}`) ?? 'null');
    return isLike(stored, left) ? left : stored;
  } catch {
    return stored;
  }
}

/** Leaves typed text for the next page as long as it does not read; text that reads is kept with the studio. */
export function useTyped(id: string, fields: object, reads: boolean): void {
  const text = reads ? null : JSON.stringify(fields);
  // The text is left together with the letter, because the page may be closed before it is painted.
  useLayoutEffect(() => leaveTyped(id, text), [id, text]);
}

/** Gives the key of text typed into a lesson, one for each field and player; nobody of the studio has one too. */
export function lessonField(field: LessonField, playerId: string | null): string {
  return `${field}-${playerId ?? 'nobody'}`;
}

/** A field of a lesson that is typed into. */
type LessonField = 'remark' | 'aim' | 'tolerance';

/** Forgets the text typed into the next lesson when a player is deleted. */
export function forgetLesson(playerId: string): void {
  for (const field of ['remark', 'aim', 'tolerance'] as const) leaveTyped(lessonField(field, playerId), null);
}

/** Leaves a text for the next page; null removes it. While it cannot be left, leaving the page is warned about. */
export function leaveTyped(id: string, text: string | null): void {
  noteTyped(id, keepBeside(`${KEY}/${id}`, text) || text === null);
}

/** Tells whether a value has the fields of another, of the same types. */
function isLike<Value>(model: Value, value: unknown): value is Value {
  if (typeof model !== 'object' || model === null) return typeof value === typeof model;
  if (typeof value !== 'object' || value === null || Array.isArray(model) !== Array.isArray(value)) return false;
  if (Array.isArray(model)) return Object.values(value).every((value) => isLike(model[0], value));
  const fields = new Map(Object.entries(value));
  return Object.entries(model).every(([name, field]) => isLike(field, fields.get(name)));
}
