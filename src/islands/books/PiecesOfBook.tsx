import { dequal } from 'dequal';
import { useState } from 'react';
import { type Brief, readPlayer } from '#core/brief';
import type { PieceFacts } from '#core/drill/finder';
import { answerOf } from '../../engine/index.ts';
import type { PieceRecord } from '../../records/record.ts';
import { useFactsOfPieces, withPlace } from '../../state/books/index.ts';
import { giveUpAhead, keepAhead, keepOrThrow, wordsBesideHead } from '../../state/keeping/index.ts';
import { BriefPath } from '../parts/index.ts';
import { Button } from '../../ui/Button.tsx';
import { TextField, typedNumber } from '../../ui/fields/index.ts';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { Table, TableHead } from '../../ui/Table.tsx';
import { Notice } from '../../ui/states/index.ts';
import { STORAGE_TROUBLE } from '../../words/kept/storage.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { IndexOfBook } from './IndexOfBook.tsx';
import { BOOKS_PAGE, keysText, positionsText, readText } from '../../words/studio/books.ts';

/** Lists the pieces of a book with what the finder reads in them; their numbers and pages are typed here. */
export function PiecesOfBook({ pieces }: { readonly pieces: readonly PieceRecord[] }) {
  const { asked, done } = useFactsOfPieces(pieces);
  const facts = new Map(answerOf(asked)?.map((piece) => [piece.id, piece.facts]));
  const [trouble, setTrouble] = useState<string | null>(null);
  const keep = (next: PieceRecord, base: PieceRecord): void => {
    setTrouble(null);
    keepOrThrow('piece', next, base).catch((error: unknown) => setTrouble(wordsBesideHead(error, STORAGE_TROUBLE)));
  };
  return (
    <>
      <p role="status" className="mt-3 flex items-center gap-3 text-sm text-dove-dark">
        {asked.state === 'failed' ? asked.message : readText(facts.size > 0 ? pieces.length : done, pieces.length)}
        {asked.state === 'waiting' && <progress aria-label="Reading the pieces" className="w-40" max={pieces.length} value={done} />}
      </p>
      {trouble !== null && <Notice trouble>{trouble}</Notice>}
      {asked.state === 'answered' && (
        <OpenedSection title={BOOKS_PAGE.index} className="mt-1">
          {() => <IndexOfBook facts={asked.value} pieces={pieces} />}
        </OpenedSection>
      )}
      <Table className="mt-1">
        <TableHead columns={[...BOOKS_PAGE.columns, 'Actions']} />
        <tbody>
          {pieces.map((record) => (
            <Row key={record.id} record={record} facts={facts.get(record.id) ?? null} onKeep={(next) => keep(next, record)} />
          ))}
        </tbody>
      </Table>
    </>
  );
}

/** The height of the path of a piece, px. */
const PATH_HEIGHT = 34;

interface RowProps {
  readonly record: PieceRecord;
  /** The facts of the piece; null until they are read. */
  readonly facts: PieceFacts | null;
  readonly onKeep: (next: PieceRecord) => void;
}

function Row({ record, facts, onKeep }: RowProps) {
  const { id, document } = record;
  const title = pieceTitle(document);
  const { typed, type, leave } = useTypedPlace(record, onKeep);
  return (
    <tr>
      <td>
        <TextField
          aria-label={`Number of ${title}`}
          className="w-16"
          maxLength={20}
          value={typed.number}
          onChange={(event) => type({ ...typed, number: event.target.value })}
          onBlur={leave}
        />
      </td>
      <td className="min-w-40 font-serif">
        <a href={`/?piece=${id}`} className="text-ink">
          {title}
        </a>
      </td>
      <td>
        <TextField
          aria-label={`Page of ${title}`}
          className="w-16"
          inputMode="numeric"
          maxLength={4}
          value={typed.page}
          onChange={(event) => type({ ...typed, page: event.target.value })}
          onBlur={leave}
        />
      </td>
      <td>{facts && keysText(facts)}</td>
      <td>{facts && (facts.notes === 0 ? BOOKS_PAGE.unplayed : positionsText(facts, labelsOf(document.brief)))}</td>
      <td className="tabular-nums">{facts && facts.notes > 0 && facts.shifts.length}</td>
      <td className="w-72">
        <BriefPath brief={document.brief} height={PATH_HEIGHT} />
      </td>
      <td>
        <Button aria-label={`${BOOKS_PAGE.takeOut}: ${title}`} onClick={() => onKeep(withPlace(record, null))}>
          {BOOKS_PAGE.takeOut}
        </Button>
      </td>
    </tr>
  );
}

function labelsOf(brief: Brief): readonly string[] {
  const player = readPlayer(brief);
  return player.ok ? player.value.hand.positionLabels : [];
}

/** The number and the page of a piece, as they are typed. */
interface TypedPlace {
  readonly number: string;
  readonly page: string;
}

/**
 * Keeps the number and the page of a piece as they are typed, until they are left. What is typed stays in its field until the piece has come
 * back with it: a piece that is written meanwhile takes no letter away.
 */
function useTypedPlace(record: PieceRecord, onKeep: (next: PieceRecord) => void) {
  const { inBook } = record.document;
  const [typed, setTyped] = useState<TypedPlace | null>(null);
  const [shown, setShown] = useState(inBook);
  if (!dequal(shown, inBook)) {
    setShown(inBook);
    if (typed && dequal(asTyped(record, typed).document.inBook, inBook)) setTyped(null);
  }
  return {
    typed: typed ?? { number: inBook?.number ?? '', page: String(inBook?.page ?? '') },
    type: (next: TypedPlace): void => {
      setTyped(next);
      keepAhead(asTyped(record, next), record);
    },
    leave: (): void => {
      if (!typed) return;
      giveUpAhead(record.id);
      const next = asTyped(record, typed);
      if (dequal(next.document.inBook, inBook)) setTyped(null);
      else onKeep(next);
    },
  };
}

/** The largest page number that is kept. */
const LAST_PAGE = 9999;

/** Gives a piece with its place as it is typed; a page that is no number is left out. */
function asTyped(record: PieceRecord, { number, page }: TypedPlace): PieceRecord {
  const { inBook } = record.document;
  if (!inBook) return record;
  const { number: _, page: __, ...kept } = inBook;
  const onPage = typedNumber(page) ?? Number.NaN;
  const isPage = Number.isInteger(onPage) && onPage >= 1 && onPage <= LAST_PAGE;
  return withPlace(record, { ...kept, ...(number.trim() === '' ? {} : { number: number.trim() }), ...(isPage ? { page: onPage } : {}) });
}
