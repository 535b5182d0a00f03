import { create } from 'zustand';
import type { OpenPiece } from '../../storage/reading/index.ts';

/** Gives the open pieces, known before the bench is drawn, so that their row does not push it down later. */
export const useOpenPieces = create<{ readonly pieces: readonly OpenPiece[] }>(() => ({ pieces: [] }));

/** The code that keeps them comes after the first drawing. */
const loadStorage = () => import('../../storage/reading/open-pieces.ts');

/** Reads which pieces are open; a browser that keeps nothing has none. */
export async function bringOpenPieces(): Promise<void> {
  await show(loadStorage().then(({ loadOpenPieces }) => loadOpenPieces()));
}

/** Notes that the piece on the bench is open from now on, under its present name. */
export async function noteOpen(id: string): Promise<void> {
  await show(loadStorage().then(({ noteOpened }) => noteOpened(id)));
}

/** Closes a piece; nothing of it is lost. */
export async function closeOpen(id: string): Promise<void> {
  await show(loadStorage().then(({ closePiece }) => closePiece(id)));
}

async function show(read: Promise<readonly OpenPiece[]>): Promise<void> {
  useOpenPieces.setState({ pieces: await read.catch(() => []) });
}
