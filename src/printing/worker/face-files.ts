import type { Face } from '#core/paper';
import serifBold from '../faces/made/serif-bold.ttf?url';
import serifItalic from '../faces/made/serif-italic.ttf?url';
import serif from '../faces/made/serif.ttf?url';
import sans from '../faces/made/sans.ttf?url';

/** The addresses of the faces as files that a PDF carries along. */
export const FACE_FILES: Readonly<Record<Face, string>> = { serif, 'serif-bold': serifBold, 'serif-italic': serifItalic, sans };
