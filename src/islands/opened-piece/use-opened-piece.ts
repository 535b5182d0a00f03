import { useEffect, useState } from 'react';
import { keepPlanning } from '../../state/planning-actions.ts';
import { bringOpenPieces, keepSaving, newPiece, newPieceOfStudio, openAtOnce, openPiece, switchPiece } from '../../state/bench/index.ts';
import { bringStudio } from '../../state/studio.ts';
import { readyToRead } from '../../state/reading/index.ts';
import { keepBeforeLink } from './keep-before-link.ts';
import { giveToTaught } from './open-on-bench.ts';

/**
 * Opens the piece named in the address, the last one, or a new one, and keeps planning and saving it; null while all is well, else the
 * message of the database.
 */
export function useOpenedPiece(): string | null {
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    let stop = (): void => undefined;
    let gone = false;
    void openFromAddress()
      .catch((error: unknown) => {
        setTrouble(error instanceof Error ? error.message : 'unknown error');
        newPiece();
      })
      .then(() => {
        if (gone) return;
        const stopPlanning = keepPlanning();
        const stopSaving = keepSaving();
        const stopInStep = inStepWhenIdle();
        stop = () => {
          stopPlanning();
          stopSaving();
          stopInStep();
        };
      });
    const back = (): void => void switchPiece(new URL(location.href).searchParams.get('piece'));
    // A link that is opened in the same tab changes only the part behind the #.
    const linkOpened = (): void => void (location.hash.startsWith('#brief=') && location.reload());
    window.addEventListener('popstate', back);
    window.addEventListener('hashchange', linkOpened);
    document.addEventListener('click', keepBeforeLink, true);
    return () => {
      gone = true;
      stop();
      window.removeEventListener('popstate', back);
      window.removeEventListener('hashchange', linkOpened);
      document.removeEventListener('click', keepBeforeLink, true);
    };
  }, []);
  return trouble;
}

/** The time for which the first drawing has the page to itself, ms. */
const AFTER_DRAWING_MS = 2000;

/** Keeps the piece in step with other tabs, from the first moment of rest on. */
function inStepWhenIdle(): () => void {
  let stop = (): void => undefined;
  let gone = false;
  const begin = (): void =>
    void Promise.all([import('../bench/at-rest.ts'), readyToRead()]).then(
      ([{ keepInStep }]) => {
        if (!gone) stop = keepInStep();
      },
      () => undefined,
    );
  // Changes that another tab writes before that are joined when the piece is written here.
  requestIdleCallback(() => setTimeout(begin, AFTER_DRAWING_MS));
  return () => {
    gone = true;
    stop();
  };
}

/**
 * Opens the piece that the address names, or that it should name from then on; other fields of the address stay. The brief of a link stays
 * in the address until it is kept as a piece.
 */
async function openFromAddress(): Promise<void> {
  const address = new URL(location.href);
  const linked = new URLSearchParams(address.hash.slice(1)).get('brief');
  const isNew = address.searchParams.has('new');
  const piece = address.searchParams.get('piece');
  const atOnce = isNew || linked !== null ? null : await openAtOnce(piece);
  if (atOnce !== null) return name(atOnce);
  await readyToRead();
  await Promise.all([bringStudio(), bringOpenPieces()]);
  const id = await openAsked(isNew, linked !== null, piece);
  if (linked !== null) {
    const { onceWritten, openLinkedBrief } = await import('../../state/bench/open-link.ts');
    await openLinkedBrief(linked);
    return onceWritten(id, name);
  }
  if (isNew) await giveToTaught();
  name(id);
}

/** Writes the piece into the address. */
function name(id: string): void {
  const address = new URL(location.href);
  address.searchParams.delete('new');
  address.hash = '';
  address.searchParams.set('piece', id);
  history.replaceState(null, '', address);
}

/** Opens the brief of a link or a new piece, which is taught as the studio teaches. */
async function openAsked(isNew: boolean, linked: boolean, piece: string | null): Promise<string> {
  if (linked) return newPiece();
  return isNew ? await newPieceOfStudio() : await openPiece(piece);
}
