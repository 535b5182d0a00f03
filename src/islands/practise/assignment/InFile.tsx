import { FIRST_TOLERANCE } from '#core/trends';
import type { PieceRecord, PlayerRecord } from '../../../records/record.ts';
import { type GivenToPupil, piecesIn } from '../../../state/exchange/index.ts';
import type { ToGive } from '../../../state/practice/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { ASSIGNMENT_WORDS, contentTexts } from '../../../words/practice/assignment.ts';
import { pieceTitle } from '../../../words/piece/pieces.ts';
import { BriefPath } from '../../parts/index.ts';

interface InFileProps {
  readonly given: GivenToPupil;
  readonly set: ToGive['set'];
  readonly pieces: readonly PieceRecord[];
  readonly to: readonly PlayerRecord[];
}

/** The height of the path of a piece, px. */
const PATH = 34;

/** Shows what will be in the file before it is saved: for whom it is, each piece with its path, and what else goes along. */
export function InFile({ given: { week, sessions }, set, pieces, to }: InFileProps) {
  const goingAlong = piecesIn({ week, sessions });
  const told = contentTexts({
    week: week && week.document.items.length,
    sessions: sessions.map(({ document: { name, items } }) => ({ name, minutes: items.reduce((sum, item) => sum + item.minutes, 0) })),
    aim: set.aim,
    cents: set.tolerance?.cents ?? FIRST_TOLERANCE,
  });
  if (to.length === 0 || (week === null && sessions.length === 0)) return null;
  return (
    <section aria-label={ASSIGNMENT_WORDS.inFile} className="mt-3 border border-dove-light bg-field px-4 py-2">
      <Heading as="h3">
        {ASSIGNMENT_WORDS.inFile}, for {to.map(({ document }) => document.name).join(', ')}
      </Heading>
      <ul className="grid gap-x-6 gap-y-2 sm:grid-cols-2">
        {pieces
          .filter(({ id }) => goingAlong.has(id))
          .map(({ id, document }) => (
            <li key={id} className="min-w-0">
              <span className="text-[15px]">{pieceTitle(document)}</span>
              <BriefPath brief={document.brief} height={PATH} />
            </li>
          ))}
      </ul>
      <ul className="mt-1 flex flex-wrap gap-x-5 text-[14px] text-dove-dark">
        {told.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
    </section>
  );
}
