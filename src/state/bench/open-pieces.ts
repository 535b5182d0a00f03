import { create } from 'zustand';
import { closePiece, loadOpenPieces, noteOpened, type OpenPiece } from '../../storage/open-pieces.ts';

/** The pieces that stand open, known before the bench is drawn, so that their row does not push it down later. */
export const useOpenPieces = create<{ readonly pieces: readonly OpenPiece[] }>(() => ({ pieces: [] }));

/** Reads which pieces stand open; a browser that keeps nothing has none. */
export async function bringOpenPieces(): Promise<void> {
  await show(loadOpenPieces());
}

/** The piece on the bench stands open from now on, under the name it has now. */
export async function noteOpen(id: string): Promise<void> {
  await show(noteOpened(id));
}

/** Closes a piece; nothing of it is lost. */
export async function closeOpen(id: string): Promise<void> {
  await show(closePiece(id));
}

async function show(read: Promise<readonly OpenPiece[]>): Promise<void> {
  useOpenPieces.setState({ pieces: await read.catch(() => []) });
}
