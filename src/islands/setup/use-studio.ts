import { parseAsString, useQueryStates } from 'nuqs';
import { useCallback, useEffect, useEffectEvent, useMemo, useState } from 'react';
import { issuesText } from '#core/messages';
import { readStudioFile } from '../../files/index.ts';
import { onlySchool } from '../../records/for-briefs.ts';
import { newInstrument, newPlayer, newSchool } from '../../records/new-records.ts';
import type { InstrumentRecord, PlayerRecord, SchoolRecord } from '../../records/record.ts';
import { byName, instrumentDocument, playerDocument, schoolDocument, type Studio, type StudioName } from '../../records/studio.ts';
import { type Elsewhere, type ShownRecords, useRecords } from '../../state/reading/index.ts';
import { taughtNow, teach } from '../../state/taught.ts';
import type { Chosen, InStudio } from './in-studio.ts';
import { useDeleting } from './use-deleting.ts';

/** The actions on the studio. */
export interface StudioActions {
  readonly addInstrument: () => void;
  readonly addPlayer: () => void;
  readonly addSchool: () => void;
  /** Keeps the text typed into a form; `base` is the record that the form shows. */
  readonly keepInstrument: (record: InstrumentRecord, base: InstrumentRecord) => void;
  readonly keepPlayer: (record: PlayerRecord, base: PlayerRecord) => void;
  readonly keepSchool: (record: SchoolRecord, base: SchoolRecord) => void;
  readonly remove: (deleted: InStudio) => void;
  /** Brings back an earlier version; the present one becomes a version too. */
  readonly bringBack: (version: InStudio) => void;
  readonly openFile: (file: File) => void;
}

/** Gives the studio, the chosen record, and the actions; everything is written as it happens. */
export function useStudio() {
  const shelves: Shelves = {
    instrument: useRecords({ name: 'instrument', of: '', belongs: all }),
    player: useRecords({ name: 'player', of: '', belongs: all }),
    school: useRecords({ name: 'school', of: '', belongs: all }),
  };
  const [chosen, choose] = useChosen();
  const [unread, setUnread] = useState<string | null>(null);
  const deleting = useDeleting({
    removeShown: async ({ kind, record }, theirPieces) => await shelves[kind].remove(record.id, theirPieces),
    choose,
  });
  const studio = studioOf(shelves);
  const chooseFirst = useEffectEvent(() => {
    const first = studio?.players.find(({ id }) => id === taughtNow()) ?? studio?.players[0];
    if (first) choose((now) => now ?? { kind: 'player', id: first.id });
  });
  const isRead = studio !== null;
  useEffect(() => {
    if (isRead) chooseFirst();
  }, [isRead]);
  return {
    studio,
    chosen,
    choose,
    trouble: unread ?? shelves.instrument.trouble ?? shelves.player.trouble ?? shelves.school.trouble,
    deleting,
    elsewhere: elsewhereOf(Object.values(shelves)),
    actions: actionsOf({ shelves, studio, choose, remove: deleting.remove, setUnread }),
  };
}

/** The records of each kind that the studio has. */
type Shelves = { readonly [Name in StudioName]: ShownRecords<Name> };

const all = (): boolean => true;

/** Gives everything of the studio by name; null until all of it is read. */
function studioOf({ instrument, player, school }: Shelves): Studio | null {
  if (!instrument.records || !player.records || !school.records) return null;
  return {
    instruments: instrument.records.toSorted(byName),
    players: player.records.toSorted(byName),
    schools: school.records.toSorted(byName),
  };
}

/** Gives the messages about any of the kinds. */
function elsewhereOf(shelves: readonly { readonly elsewhere: Elsewhere }[]): Elsewhere {
  const changes = shelves.map(({ elsewhere }) => elsewhere);
  return {
    timesOf: (id) => changes.reduce((sum, { timesOf }) => sum + timesOf(id), 0),
    notice: changes.find(({ notice }) => notice !== null)?.notice ?? null,
    dismiss: () => changes.forEach(({ dismiss }) => dismiss()),
  };
}

interface Doing {
  readonly shelves: Shelves;
  readonly studio: Studio | null;
  readonly choose: (chosen: Chosen | null) => void;
  readonly remove: (deleted: InStudio) => void;
  readonly setUnread: (trouble: string) => void;
}

function actionsOf({ shelves, studio, choose, remove, setUnread }: Doing): StudioActions {
  const schoolId = onlySchool(studio?.schools ?? [])?.id ?? null;
  // A new record is shown at once and written then, so that the next text typed goes into it.
  const bring = (added: InStudio): void => {
    keepNew(shelves, added);
    choose({ kind: added.kind, id: added.record.id });
  };
  const open = async (file: File): Promise<void> => {
    const reading = await readStudioFile(await file.text());
    if (!reading.ok) return setUnread(`${file.name}: ${issuesText(reading.issues)}`);
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
    keepInstrument: shelves.instrument.keep,
    keepPlayer: shelves.player.keep,
    keepSchool: shelves.school.keep,
    remove,
    bringBack: (version) => bringBack(shelves, version),
    openFile: (file) => void open(file),
  };
}

function keepNew(shelves: Shelves, { kind, record }: InStudio): void {
  switch (kind) {
    case 'instrument':
      return shelves.instrument.keep(record, null);
    case 'player':
      return shelves.player.keep(record, null);
    case 'school':
      return shelves.school.keep(record, null);
  }
}

function bringBack(shelves: Shelves, { kind, record }: InStudio): void {
  switch (kind) {
    case 'instrument':
      return shelves.instrument.bringBack(record);
    case 'player':
      return shelves.player.bringBack(record);
    case 'school':
      return shelves.school.bringBack(record);
  }
}

/** Reads what the address names: an instrument, a player or a school, or nothing. */
function useChosen() {
  const [{ instrument, player, school }, setAddress] = useQueryStates(CHOSEN_IN_ADDRESS);
  const chosen = useMemo(() => choiceInAddress({ instrument, player, school }), [instrument, player, school]);
  useEffect(() => {
    if (chosen?.kind === 'player') teach(chosen.id);
  }, [chosen]);
  const choose = useCallback(
    (next: Chosen | null | ((now: Chosen | null) => Chosen | null)): void =>
      void setAddress((now) => {
        const is = typeof next === 'function' ? next(choiceInAddress(now)) : next;
        const idOf = (kind: Chosen['kind']): string | null => (is?.kind === kind ? is.id : null);
        return { instrument: idOf('instrument'), player: idOf('player'), school: idOf('school') };
      }),
    [setAddress],
  );
  return [chosen, choose] as const;
}

const CHOSEN_IN_ADDRESS = { instrument: parseAsString, player: parseAsString, school: parseAsString };

function choiceInAddress(address: Readonly<Record<Chosen['kind'], string | null>>): Chosen | null {
  for (const kind of ['instrument', 'school', 'player'] as const) {
    const id = address[kind];
    if (id !== null) return { kind, id };
  }
  return null;
}
