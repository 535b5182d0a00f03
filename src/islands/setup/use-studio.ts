import { parseAsString, useQueryStates } from 'nuqs';
import { liveQuery } from 'dexie';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { issuesText } from '#core/messages';
import { readStudioFile } from '../../files/document-files.ts';
import type { InstrumentRecord, PlayerRecord, RecordOf, SchoolRecord } from '../../records/record.ts';
import { readyToRead } from '../../storage/first-start.ts';
import { onlySchool } from '../../records/for-briefs.ts';
import { newInstrument, newPlayer, newSchool } from '../../records/new-records.ts';
import type { SaveOutcome } from '../../storage/writing/outcome.ts';
import { keep, keepAhead, remove, savingDuring } from '../../state/keeping/keep.ts';
import { isWaiting } from '../../state/keeping/waiting.ts';
import { BROUGHT_BACK_STUDIO, CHANGED_IN_BOTH_STUDIO, CHANGED_ELSEWHERE_STUDIO } from '../../words/kept/other-tabs.ts';
import { deleteInstrument, deletePlayer, deleteSchool, loadStudio, revisionsOfStudio } from '../../storage/studio.ts';
import { instrumentDocument, playerDocument, schoolDocument, type Studio, type StudioName } from '../../records/studio.ts';
import { THIS_TAB } from '../../records/this-tab.ts';
import { keepVersion } from '../../storage/writing/versions.ts';
import { STORAGE_SHUT } from '../../words/kept/storage.ts';

/** What the page shows: one instrument, one player or one school. */
export interface Chosen {
  readonly kind: StudioName;
  readonly id: string;
}

/** An instrument, a player or a school of the studio. */
export type InStudio =
  | { readonly kind: 'instrument'; readonly record: InstrumentRecord }
  | { readonly kind: 'player'; readonly record: PlayerRecord }
  | { readonly kind: 'school'; readonly record: SchoolRecord };

/** What can be done to the studio. */
export interface StudioActions {
  readonly addInstrument: () => void;
  readonly addPlayer: () => void;
  readonly addSchool: () => void;
  readonly keepInstrument: (record: InstrumentRecord) => void;
  readonly keepPlayer: (record: PlayerRecord) => void;
  readonly keepSchool: (record: SchoolRecord) => void;
  readonly remove: (deleted: InStudio) => void;
  readonly undelete: () => void;
  /** Brings back an earlier version; how it is now becomes a version too. */
  readonly bringBack: (version: InStudio) => void;
  readonly openFile: (file: File) => void;
}

/** The studio, what is chosen of it, and what can be done; everything is written as it happens. */
export function useStudio() {
  const [read, setRead] = useState<Studio | null>(null);
  const [added, setAdded] = useState<readonly InStudio[]>([]);
  const [chosen, choose] = useChosen();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [deleted, setDeleted] = useState<InStudio | null>(null);
  const elsewhere = useChangedElsewhere(read, async () => setRead(await loadStudio()));
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
  const show = async (outcome: Kept): Promise<void> => {
    const loaded = await loadStudio();
    const { id } = outcome.record ?? {};
    // A later change is on its way: its form keeps what was typed, and what is there is read once that is written.
    if (id !== undefined && isWaiting(id)) return;
    setRead(loaded);
    elsewhere.tellOf(loaded, id);
    const words = outcome.joined === true ? CHANGED_IN_BOTH_STUDIO : outcome.told;
    if (words !== undefined && id !== undefined) elsewhere.tell(id, words);
  };
  const run: Run = (work) => {
    void savingDuring(work).then(async (outcome) => {
      // A later change takes its place and is shown.
      if (outcome === null) return;
      await show(outcome);
      const kept = await outcome.later;
      if (kept) await show(kept);
    });
  };
  // What is new is shown at once and written then: what is typed next goes into it.
  const bring = (added: InStudio): void => {
    setAdded((now) => [...now, added]);
    choose({ kind: added.kind, id: added.record.id });
    run(() => saveAdded(added));
  };
  const forget = (gone: InStudio): void => setAdded((now) => now.filter((each) => each.record.id !== gone.record.id));
  return {
    studio: read && added.reduce(withAdded, read),
    chosen,
    choose,
    trouble,
    deleted,
    elsewhere,
    actions: actionsOf({ studio: read, run, bring, forget, choose, deleted, setDeleted, setTrouble }),
  };
}

/** What other tabs changed: what is said of it, and for each record how often, so that its form begins again with what is there. */
function useChangedElsewhere(read: Studio | null, readAgain: () => Promise<void>) {
  const [notice, setNotice] = useState<string | null>(null);
  const [times, setTimes] = useState<Readonly<Record<string, number>>>({});
  const tell = (id: string, words: string): void => {
    setTimes((now) => ({ ...now, [id]: (now[id] ?? 0) + 1 }));
    setNotice(words);
  };
  const latest = useRef(read);
  useEffect(() => {
    latest.current = read;
  }, [read]);
  // A new one has no form yet; what is being changed here comes back joined, and is told then.
  const tellEach = (known: ReadonlyMap<string, number>, changed: readonly Revision[]): void => {
    for (const { id } of changed) if (known.has(id) && !isWaiting(id)) tell(id, CHANGED_ELSEWHERE_STUDIO);
  };
  // While a change was written here, another tab may have changed something else.
  const tellOf = (loaded: Studio, written: string | undefined): void => {
    const known = revisionsIn(latest.current);
    tellEach(
      known,
      allOf(loaded).filter((each) => each.id !== written && isNews(each, known)),
    );
  };
  useEffect(() => {
    if (read === null) return;
    const known = revisionsIn(read);
    const { unsubscribe } = liveQuery(revisionsOfStudio).subscribe((now) => {
      const changed = now.filter((each) => isNews(each, known));
      // What is being changed here is joined with it when it is written.
      if (changed.length === 0 || changed.some(({ id }) => isWaiting(id))) return;
      // Read first: the form begins again with what is there.
      void readAgain().then(() => tellEach(known, changed));
    });
    return unsubscribe;
    // Only what was read last tells what is new.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [read]);
  return { notice, times, tell, tellOf, dismiss: () => setNotice(null) };
}

function allOf({ instruments, players, schools }: Studio): readonly RecordOf<StudioName>[] {
  return [...instruments, ...players, ...schools];
}

/** The revisions of what was read, by id. */
function revisionsIn(read: Studio | null): ReadonlyMap<string, number> {
  return new Map((read ? allOf(read) : []).map(({ id, revision }) => [id, revision]));
}

/** Whether another tab has written a record since its revision was known. */
function isNews({ id, revision, writtenBy }: Revision, known: ReadonlyMap<string, number>): boolean {
  return writtenBy !== THIS_TAB && revision !== known.get(id);
}

type Revision = Pick<RecordOf<StudioName>, 'id' | 'revision' | 'writtenBy'>;

/** The studio as it was read, with one more of it that was made here, until reading finds that too. */
function withAdded(studio: Studio, added: InStudio): Studio {
  const known = [...studio.instruments, ...studio.players, ...studio.schools].some((record) => record.id === added.record.id);
  if (known) return studio;
  switch (added.kind) {
    case 'instrument':
      return { ...studio, instruments: [...studio.instruments, added.record] };
    case 'player':
      return { ...studio, players: [...studio.players, added.record] };
    case 'school':
      return { ...studio, schools: [...studio.schools, added.record] };
  }
}

async function saveAdded(added: InStudio): Promise<Kept | null> {
  switch (added.kind) {
    case 'instrument':
      return await keep(added.kind, added.record, null);
    case 'player':
      return await keep(added.kind, added.record, null);
    case 'school':
      return await keep(added.kind, added.record, null);
  }
}

async function deleteOne({ kind, record: { id } }: InStudio): Promise<SaveOutcome> {
  switch (kind) {
    case 'instrument':
      return await deleteInstrument(id);
    case 'player':
      return await deletePlayer(id);
    case 'school':
      return await deleteSchool(id);
  }
}

/** What became of a write, now or when it is tried again; whether what another tab wrote is in it as well. */
type Kept = SaveOutcome & {
  readonly joined?: boolean;
  readonly record?: { readonly id: string };
  readonly told?: string;
  readonly later?: Promise<Kept | null>;
};

/** Does something with the storage, and shows the studio as it then is. */
type Run = (work: () => Promise<Kept | null>) => void;

interface Doing {
  readonly studio: Studio | null;
  readonly run: Run;
  readonly bring: (added: InStudio) => void;
  readonly forget: (gone: InStudio) => void;
  readonly choose: (chosen: Chosen | null) => void;
  readonly deleted: InStudio | null;
  readonly setDeleted: (deleted: InStudio | null) => void;
  readonly setTrouble: (trouble: string) => void;
}

function actionsOf({ studio, run, bring, forget, choose, deleted, setDeleted, setTrouble }: Doing): StudioActions {
  const schoolId = onlySchool(studio?.schools ?? [])?.id ?? null;
  const open = async (file: File): Promise<void> => {
    const reading = await readStudioFile(await file.text());
    if (!reading.ok) return setTrouble(`${file.name}: ${issuesText(reading.issues)}`);
    const document = reading.value;
    if ('instrument' in document) return bring({ kind: 'instrument', record: newInstrument(document) });
    if ('school' in document) return bring({ kind: 'school', record: newSchool(document) });
    bring({ kind: 'player', record: newPlayer(document, { instrumentId: null, schoolId }) });
  };
  return {
    addInstrument: () => bring({ kind: 'instrument', record: newInstrument(instrumentDocument('', { kind: 'violin' })) }),
    addPlayer: () =>
      bring({ kind: 'player', record: newPlayer(playerDocument('', { kind: 'violin', player: {} }), { instrumentId: null, schoolId }) }),
    addSchool: () => bring({ kind: 'school', record: newSchool(schoolDocument('', {})) }),
    keepInstrument: (record) => run(() => keep('instrument', record, knownAs(studio?.instruments, record))),
    keepPlayer: (record) => run(() => keep('player', record, knownAs(studio?.players, record))),
    keepSchool: (record) => run(() => keep('school', record, knownAs(studio?.schools, record))),
    remove: (gone) => {
      forget(gone);
      setDeleted(gone);
      choose(null);
      run(async () => await remove(gone.record.id, async () => await deleteOne(gone)));
    },
    undelete: () => {
      if (deleted) bring(deleted);
      setDeleted(null);
    },
    bringBack: (version) => run(async () => await broughtBack(studio, version)),
    openFile: (file) => void open(file),
  };
}

/** Writes a record with the document of an earlier version, and keeps how it is now as a version. */
async function broughtBack(studio: Studio | null, version: InStudio): Promise<Kept | null> {
  const bring = async <Name extends StudioName>(name: Name, now: RecordOf<Name> | null, was: RecordOf<Name>): Promise<Kept | null> => {
    const back = Object.assign({}, now ?? was, { document: was.document, updatedAt: Date.now() });
    keepAhead(back, now);
    // Where there is no room for it, the write itself says so.
    if (now) await keepVersion(name, now, 'another brought back').catch(() => undefined);
    const outcome = await keep(name, back, now);
    return outcome && { ...outcome, told: BROUGHT_BACK_STUDIO };
  };
  switch (version.kind) {
    case 'instrument':
      return await bring(version.kind, knownAs(studio?.instruments, version.record), version.record);
    case 'player':
      return await bring(version.kind, knownAs(studio?.players, version.record), version.record);
    case 'school':
      return await bring(version.kind, knownAs(studio?.schools, version.record), version.record);
  }
}

/** A record as this page knows it, before the change. */
function knownAs<Record extends { readonly id: string }>(records: readonly Record[] | undefined, { id }: Record): Record | null {
  return records?.find((record) => record.id === id) ?? null;
}

/** What the address names: an instrument, a player or a school, or nothing. */
function useChosen() {
  const [{ instrument, player, school }, setAddress] = useQueryStates(CHOSEN_IN_ADDRESS);
  const chosen = useMemo(() => chosenOf({ instrument, player, school }), [instrument, player, school]);
  const choose = useCallback(
    (next: Chosen | null | ((now: Chosen | null) => Chosen | null)): void =>
      void setAddress((now) => {
        const is = typeof next === 'function' ? next(chosenOf(now)) : next;
        const idOf = (kind: Chosen['kind']): string | null => (is?.kind === kind ? is.id : null);
        return { instrument: idOf('instrument'), player: idOf('player'), school: idOf('school') };
      }),
    [setAddress],
  );
  return [chosen, choose] as const;
}

const CHOSEN_IN_ADDRESS = { instrument: parseAsString, player: parseAsString, school: parseAsString };

function chosenOf(address: Readonly<Record<Chosen['kind'], string | null>>): Chosen | null {
  for (const kind of ['instrument', 'player', 'school'] as const) {
    const id = address[kind];
    if (id !== null) return { kind, id };
  }
  return null;
}
