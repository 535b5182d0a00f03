import { parseAsString, useQueryStates } from 'nuqs';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { issuesText } from '#core/messages';
import { readStudioFile } from '../../files/document-files.ts';
import type { InstrumentRecord, PlayerRecord } from '../../storage/database.ts';
import { readyToRead } from '../../storage/first-start.ts';
import { newInstrument, newPlayer, type SaveOutcome } from '../../storage/records.ts';
import {
  deleteInstrument,
  deletePlayer,
  instrumentSheet,
  loadStudio,
  playerSheet,
  saveInstrument,
  savePlayer,
  type Studio,
} from '../../storage/studio.ts';
import { STORAGE_SHUT } from '../../words/storage.ts';

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
  const [read, setRead] = useState<Studio | null>(null);
  const [added, setAdded] = useState<readonly Deleted[]>([]);
  const [chosen, choose] = useChosen();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [deleted, setDeleted] = useState<Deleted | null>(null);
  const [underWay, setUnderWay] = useState(0);
  useEffect(() => {
    void readyToRead()
      .then(loadStudio)
      .then(
        (loaded) => {
          setRead(loaded);
          const first = loaded.players[0];
          if (first) choose((now) => now ?? { kind: 'player', id: first.id });
        },
        (error: unknown) => setTrouble(error instanceof Error ? error.message : STORAGE_SHUT),
      );
  }, [choose]);
  const run: Run = (work) => {
    setUnderWay((now) => now + 1);
    void work().then(async (outcome) => {
      const loaded = await loadStudio();
      setTrouble(outcome.ok ? null : outcome.message);
      setRead(loaded);
      setUnderWay((now) => now - 1);
    });
  };
  // What is new is shown at once and written then: what is typed next goes into it.
  const bring = (added: Deleted): void => {
    setAdded((now) => [...now, added]);
    choose({ kind: added.kind, id: added.record.id });
    run(() => (added.kind === 'instrument' ? saveInstrument(added.record) : savePlayer(added.record)));
  };
  const forget = (gone: Deleted): void => setAdded((now) => now.filter((each) => each.record.id !== gone.record.id));
  return {
    studio: read && added.reduce(withAdded, read),
    chosen,
    choose,
    trouble,
    deleted,
    saving: underWay > 0,
    actions: actionsOf({ run, bring, forget, choose, deleted, setDeleted, setTrouble }),
  };
}

/** The studio as it was read, with one more of it that was made here, until reading finds that too. */
function withAdded(studio: Studio, added: Deleted): Studio {
  const known = [...studio.instruments, ...studio.players].some((record) => record.id === added.record.id);
  if (known) return studio;
  return added.kind === 'instrument'
    ? { ...studio, instruments: [...studio.instruments, added.record] }
    : { ...studio, players: [...studio.players, added.record] };
}

/** Does something with the storage, and shows the studio as it then is. */
type Run = (work: () => Promise<SaveOutcome>) => void;

interface Doing {
  readonly run: Run;
  readonly bring: (added: Deleted) => void;
  readonly forget: (gone: Deleted) => void;
  readonly choose: (chosen: Chosen | null) => void;
  readonly deleted: Deleted | null;
  readonly setDeleted: (deleted: Deleted | null) => void;
  readonly setTrouble: (trouble: string) => void;
}

function actionsOf({ run, bring, forget, choose, deleted, setDeleted, setTrouble }: Doing): StudioActions {
  const open = async (file: File): Promise<void> => {
    const reading = await readStudioFile(await file.text());
    if (!reading.ok) return setTrouble(`${file.name}: ${issuesText(reading.issues)}`);
    const sheet = reading.value;
    if ('instrument' in sheet) bring({ kind: 'instrument', record: newInstrument(sheet) });
    else bring({ kind: 'player', record: newPlayer(sheet, null) });
  };
  return {
    addInstrument: () => bring({ kind: 'instrument', record: newInstrument(instrumentSheet('', { kind: 'violin' })) }),
    addPlayer: () => bring({ kind: 'player', record: newPlayer(playerSheet('', { kind: 'violin', player: {} }), null) }),
    keepInstrument: (record) => run(() => saveInstrument(record)),
    keepPlayer: (record) => run(() => savePlayer(record)),
    remove: (gone) => {
      forget(gone);
      setDeleted(gone);
      choose(null);
      run(() => (gone.kind === 'instrument' ? deleteInstrument(gone.record.id) : deletePlayer(gone.record.id)));
    },
    undelete: () => {
      if (deleted) bring(deleted);
      setDeleted(null);
    },
    openFile: (file) => void open(file),
  };
}

/** What the address names: an instrument or a player, or nothing. */
function useChosen() {
  const [{ instrument, player }, setAddress] = useQueryStates({ instrument: parseAsString, player: parseAsString });
  const chosen = useMemo(() => chosenOf(instrument, player), [instrument, player]);
  const choose = useCallback(
    (next: Chosen | null | ((now: Chosen | null) => Chosen | null)): void =>
      void setAddress((now) => {
        const is = typeof next === 'function' ? next(chosenOf(now.instrument, now.player)) : next;
        return { instrument: is?.kind === 'instrument' ? is.id : null, player: is?.kind === 'player' ? is.id : null };
      }),
    [setAddress],
  );
  return [chosen, choose] as const;
}

function chosenOf(instrument: string | null, player: string | null): Chosen | null {
  if (instrument !== null) return { kind: 'instrument', id: instrument };
  return player === null ? null : { kind: 'player', id: player };
}
