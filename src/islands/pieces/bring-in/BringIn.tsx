import { FolderOpen } from '../../../ui/icons.ts';
import { lazy, type ReactNode, useEffect, useEffectEvent, useState } from 'react';
import { useDropzone } from 'react-dropzone';
import type { Piece } from '#core/documents';
import { issuesText } from '#core/messages';
import { goodReading, type Reading } from '#core/result';
import type { PlaceInBook } from '../../../records/piece-documents.ts';
import { keep } from '../../../state/keeping/index.ts';
import { newPieceRecord } from '../../../records/new-records.ts';
import { isMarkup, pastedFile } from '../../../files/foreign/index.ts';
import { Button } from '../../../ui/Button.tsx';
import { Part } from '../../../ui/states/index.ts';
import { BRINGING_IN, PASTED } from '../../../words/line/brought-in.ts';
import type { ChosenScore } from './chosen-score.ts';

/** These come when files are opened. */
const loadReading = () => Promise.all([import('./opened-files.ts'), import('./chosen-score.ts')]);
const loadPieces = () => import('../../../files/foreign/score-piece.ts');

const ImportDialog = lazy(async () => ({ default: (await import('./ImportDialog.tsx')).ImportDialog }));

interface BringInProps {
  /** Receives the result. */
  readonly onBrought: (kept: BroughtIn) => void;
  /** Gives the places in a book for pieces of these names; absent where they come into no book. */
  readonly placesFor?: (names: readonly string[]) => readonly PlaceInBook[];
  /** The page on which files may be dropped; it receives the button that opens them. */
  readonly children: (button: ReactNode) => ReactNode;
}

/** Brings in files, opened or dropped anywhere on the page: pieces saved here at once, scores when the teacher has chosen from them. */
export function BringIn({ onBrought, placesFor, children }: BringInProps) {
  const [chosen, setChosen] = useState<readonly ChosenScore[]>([]);
  const bringIn = async (files: readonly File[]): Promise<void> => {
    const [{ openFiles }, { firstChosen }] = await loadReading();
    const { scores, pieces } = await openFiles(files);
    const kept = await keepReadings(withPlaces(pieces, placesFor));
    setChosen(scores.map(firstChosen));
    if (scores.length === 0 && !placesFor) tell(kept, onBrought);
    else onBrought(kept);
  };
  usePastedFiles((files) => void bringIn(files));
  const keepScores = async (): Promise<void> => {
    const { scorePiece } = await loadPieces();
    const readings = await Promise.all(
      chosen.map(async ({ opened, choice, name }): Promise<readonly NamedReading[]> => {
        if (!opened.reading.ok) return [{ name: opened.name, reading: opened.reading }];
        if (!choice) return [];
        const made = await scorePiece({ ...opened.reading.value.score, title: name }, choice, opened.name);
        return [{ name, reading: made.ok ? { ok: true, value: made.value.piece } : made }];
      }),
    );
    const kept = await keepReadings(withPlaces(readings.flat(), placesFor));
    setChosen([]);
    if (placesFor) onBrought(kept);
    else tell(kept, onBrought);
  };
  const { getRootProps, getInputProps, open, isDragActive } = useDropzone({
    onDrop: (files) => void bringIn(files),
    noClick: true,
    noKeyboard: true,
  });
  const button = (
    <>
      <Button onClick={open} title={BRINGING_IN.how}>
        <FolderOpen size={15} aria-hidden="true" /> Open files
      </Button>
      <input {...getInputProps({ 'aria-label': 'Pieces as JSON, MusicXML or MIDI' })} />
    </>
  );
  return (
    <div
      {...getRootProps({ role: undefined, tabIndex: undefined })}
      className={isDragActive ? 'outline-2 -outline-offset-4 outline-ink outline-dashed' : ''}
    >
      {children(button)}
      {chosen.length > 0 && (
        <Part>
          <ImportDialog chosen={chosen} onChange={setChosen} onBringIn={() => void keepScores()} onClose={() => setChosen([])} />
        </Part>
      )}
    </div>
  );
}

/** Listens for files that are pasted onto the page. */
function usePastedFiles(hear: (files: readonly File[]) => void): void {
  const paste = useEffectEvent((event: ClipboardEvent): void => {
    const files = pastedFiles(event);
    if (files.length === 0) return;
    event.preventDefault();
    hear(files);
  });
  useEffect(() => {
    addEventListener('paste', paste);
    return () => removeEventListener('paste', paste);
  }, []);
}

/** Reads files that are pasted onto the page, or text that is a score or a piece; text pasted into a field is left alone. */
function pastedFiles({ target, clipboardData }: ClipboardEvent): readonly File[] {
  if (target instanceof Element && target.closest('input, textarea, select')) return [];
  const files = [...(clipboardData?.files ?? [])];
  const text = clipboardData?.getData('text') ?? '';
  return files.length === 0 && (isMarkup(text) || /^\s*\{/.test(text)) ? [pastedFile(text, PASTED)] : files;
}

/** The pieces that were kept, by their ids, and the failures, in words. */
export interface BroughtIn {
  readonly ids: readonly string[];
  readonly troubles: readonly string[];
}

/** A piece that was read or refused, with its name. */
interface NamedReading {
  readonly name: string;
  readonly reading: Reading<Piece>;
}

/** Puts pieces that were read into a book, where they come into one. */
function withPlaces(readings: readonly NamedReading[], placesFor: BringInProps['placesFor']): readonly NamedReading[] {
  const read = readings.filter(({ reading }) => reading.ok);
  const places = placesFor?.(read.map(({ name }) => name)) ?? [];
  return readings.map((named): NamedReading => {
    const inBook = places[read.indexOf(named)];
    return named.reading.ok && inBook ? { ...named, reading: goodReading({ ...named.reading.value, inBook }) } : named;
  });
}

async function keepReadings(readings: readonly NamedReading[]): Promise<BroughtIn> {
  const [ids, troubles]: [string[], string[]] = [[], []];
  for (const { name, reading } of readings) {
    if (!reading.ok) {
      troubles.push(`${name}: ${issuesText(reading.issues)}`);
      continue;
    }
    const record = newPieceRecord(reading.value);
    const outcome = await keep('piece', record, null);
    if (outcome?.ok !== false) ids.push(record.id);
    else troubles.push(`${name}: ${outcome.message}`);
  }
  return { ids, troubles };
}

/** Opens a single piece on the bench; reports several pieces, and failures, to the list. */
function tell(kept: BroughtIn, onBrought: (kept: BroughtIn) => void): void {
  const [only] = kept.ids;
  if (kept.ids.length === 1 && kept.troubles.length === 0 && only !== undefined) location.href = `/?piece=${only}`;
  else onBrought(kept);
}
