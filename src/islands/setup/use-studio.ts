import { useEffect, useState } from 'react';
import type { InstrumentRecord, PlayerRecord } from '../../store/database.ts';
import { seedDemoOnce } from '../../store/demo.ts';
import type { SaveOutcome } from '../../store/pieces.ts';
import { deleteInstrument, deletePlayer, loadStudio, readStudioFile, saveInstrument, savePlayer, type Studio } from '../../store/studio.ts';
import { instrumentSheet, newInstrument, newPlayer, playerSheet } from '../../store/studio-records.ts';

/** What the page shows: one instrument or one player. */
export interface Chosen {
  readonly kind: 'instrument' | 'player';
  readonly id: string;
}

/** What was deleted last, to bring it back. */
export type Deleted =
  { readonly kind: 'instrument'; readonly record: InstrumentRecord } | { readonly kind: 'player'; readonly record: PlayerRecord };

/** What can be done to the studio. */
export interface StudioActions {
  readonly addInstrument: () => void;
  readonly addPlayer: () => void;
  readonly keepInstrument: (record: InstrumentRecord) => void;
  readonly keepPlayer: (record: PlayerRecord) => void;
  readonly remove: (deleted: Deleted) => void;
  readonly undelete: () => void;
  readonly openFile: (file: File) => void;
}

/** The studio, what is chosen of it, and what can be done; everything is written as it happens. */
export function useStudio() {
  const [studio, setStudio] = useState<Studio | null>(null);
  const [chosen, setChosen] = useState<Chosen | null>(chosenInAddress);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [deleted, setDeleted] = useState<Deleted | null>(null);
  const [underWay, setUnderWay] = useState(0);
  useEffect(() => {
    const seed = document.documentElement.dataset['demo'] === 'yes' ? seedDemoOnce() : Promise.resolve();
    void seed.then(loadStudio).then(
      (loaded) => {
        setStudio(loaded);
        const first = loaded.players[0];
        setChosen((now) => now ?? (first ? { kind: 'player', id: first.id } : null));
      },
      (error: unknown) => setTrouble(error instanceof Error ? error.message : 'The storage does not open.'),
    );
  }, []);
  const choose = (next: Chosen | null): void => {
    setChosen(next);
    history.replaceState(null, '', next ? `/setup?${next.kind}=${next.id}` : '/setup');
  };
  const run: Run = (work, then) => {
    setUnderWay((now) => now + 1);
    void work().then(async (outcome) => {
      setTrouble(outcome.ok ? null : outcome.message);
      setStudio(await loadStudio());
      if (then !== undefined) choose(then);
      setUnderWay((now) => now - 1);
    });
  };
  return { studio, chosen, choose, trouble, deleted, saving: underWay > 0, actions: actionsOf(run, deleted, setDeleted, setTrouble) };
}

/** Does something with the storage, shows the studio as it then is, and chooses what is given (null: nothing). */
type Run = (work: () => Promise<SaveOutcome>, then?: Chosen | null) => void;

function actionsOf(
  run: Run,
  deleted: Deleted | null,
  setDeleted: (deleted: Deleted | null) => void,
  setTrouble: (trouble: string) => void,
): StudioActions {
  const keepInstrument = (record: InstrumentRecord, then?: Chosen): void => run(() => saveInstrument(record), then);
  const keepPlayer = (record: PlayerRecord, then?: Chosen): void => run(() => savePlayer(record), then);
  const bring = (gone: Deleted): void => {
    if (gone.kind === 'instrument') keepInstrument(gone.record, { kind: 'instrument', id: gone.record.id });
    else keepPlayer(gone.record, { kind: 'player', id: gone.record.id });
  };
  const open = async (file: File): Promise<void> => {
    const reading = readStudioFile(await file.text());
    if (!reading.ok) return setTrouble(`${file.name}: ${reading.issues.map((issue) => `${issue.message} ${issue.hint}`).join(' ')}`);
    const sheet = reading.value;
    if ('instrument' in sheet) bring({ kind: 'instrument', record: newInstrument(sheet) });
    else bring({ kind: 'player', record: newPlayer(sheet, null) });
  };
  return {
    addInstrument: () => bring({ kind: 'instrument', record: newInstrument(instrumentSheet('', { kind: 'violin' })) }),
    addPlayer: () => bring({ kind: 'player', record: newPlayer(playerSheet('', { kind: 'violin', player: {} }), null) }),
    keepInstrument,
    keepPlayer,
    remove: (gone) => {
      setDeleted(gone);
      run(() => (gone.kind === 'instrument' ? deleteInstrument(gone.record.id) : deletePlayer(gone.record.id)), null);
    },
    undelete: () => {
      if (deleted) bring(deleted);
      setDeleted(null);
    },
    openFile: (file) => void open(file),
  };
}

function chosenInAddress(): Chosen | null {
  const asked = new URL(location.href).searchParams;
  for (const kind of ['instrument', 'player'] as const) {
    const id = asked.get(kind);
    if (id !== null) return { kind, id };
  }
  return null;
}
