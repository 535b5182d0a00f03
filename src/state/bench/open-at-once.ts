import { demoInPage, demoRecords, isDemo } from '../of-demo/index.ts';
import { readFirst } from '../../storage/reading/index.ts';
import { planningStore } from '../planning.ts';
import { studioStore } from '../studio.ts';
import { useOpenPieces } from './open-pieces.ts';
import { setOnBench } from './on-bench.ts';

/**
 * Puts a piece on the bench with nothing but what is at hand: the browser's storage, read as it is, or on the first visit the demo that the
 * page brings along, with its plan. Resolves to its id; null where opening it takes the whole database.
 */
export async function openAtOnce(id: string | null): Promise<string | null> {
  const first = await readFirst(id, isDemo());
  if (first === 'empty') return id === null && isDemo() ? openDemo() : null;
  if (first === null) return null;
  const { piece, open, instruments, players, schools } = first;
  studioStore.setState({ instruments, players, schools });
  useOpenPieces.setState({ pieces: open.map((piece) => ({ id: piece.id, name: piece.document.name, brief: piece.document.brief })) });
  return setOnBench(piece, piece);
}

/** The demo is written into the database later, as it is shown here. */
function openDemo(): string | null {
  const inPage = demoInPage();
  if (inPage === null) return null;
  const { piece, instrument, player, school } = demoRecords(inPage.demo, Date.now());
  const [first] = piece;
  if (!first) return null;
  studioStore.setState({ instruments: instrument, players: player, schools: school });
  const id = setOnBench(first, first);
  const { brief } = first.document;
  planningStore.setState({ planSet: { best: { ...inPage.plan, brief }, alternatives: [] }, plannedBrief: brief });
  return id;
}
