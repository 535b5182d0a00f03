import { Download } from '../../ui/icons.ts';
import { useState } from 'react';
import { KEYS_OFFERED } from '#core/brief/edits';
import { FIRST_TAPES } from '#core/hand';
import type { Instrument } from '#core/instrument';
import { isInKey, type Key, keyLabel, parseKey } from '#core/key';
import type { Plan } from '#core/plan/describe';
import { type Paper, PAPER_NAMES } from '#core/paper';
import { answerOf, engine, useAsked } from '../../engine/index.ts';
import type { PieceRecord } from '../../records/record.ts';
import { keep } from '../../state/keeping/index.ts';
import { readStored, STUDIO } from '../../state/reading/index.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { Choice, OptionChoice } from '../../ui/fields/index.ts';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { instrumentLike } from '../parts/index.ts';
import { PagesPreview } from './PagesPreview.tsx';
import type { TapeInstrument } from './tape-instruments.ts';
import { printTapes, tapePagesOf, type TapesOn } from './tape-pages.ts';
import { TapeTable } from './TapeTable.tsx';

const SETS = ['first', 'piece', 'key', 'semitones'] as const;
type TapeSet = (typeof SETS)[number];

const SET_LABELS: Readonly<Record<TapeSet, string>> = {
  first: 'first position, one for each finger',
  piece: 'the places used in',
  key: 'the notes, up to the octave, of',
  semitones: 'every semitone up to the octave',
};

const OCTAVE = Array.from({ length: 12 }, (_, index) => index + 1);

/** The choice of tapes; the key and the piece count where the set asks for one. */
interface AskedTapes {
  readonly set: TapeSet;
  readonly key: string;
  readonly pieceId: string;
}

interface TapesForProps {
  readonly instruments: readonly TapeInstrument[];
  readonly chosen: TapeInstrument;
  /** The pieces for this kind of instrument. */
  readonly pieces: readonly PieceRecord[];
  /** The piece that led here. */
  readonly piece: PieceRecord | null;
  readonly onChoose: (instrument: string) => void;
}

/** Chooses the tapes for one instrument, and shows their distances and the strip as it will be printed. */
export function TapesFor({ instruments, chosen, pieces, piece, onChoose }: TapesForProps) {
  const [asked, setAsked] = useState<AskedTapes>({ set: 'first', key: 'C major', pieceId: piece?.id ?? pieces[0]?.id ?? '' });
  const [paper, setPaper] = useState<Paper>('A4');
  // The teacher's choices beside the set; another set begins again.
  const [toggled, setToggled] = useState<ReadonlySet<number>>(new Set());
  const used = usePlanOf(asked.set === 'piece' ? (pieces.find(({ id }) => id === asked.pieceId) ?? null) : null);
  const instrument = instrumentLike(chosen.spec);
  const key = asked.set === 'piece' && used ? used.line.key : keyNamed(asked.key);
  const inSet = placesOf(asked.set, instrument, key, used);
  const places = new Set([...inSet, ...toggled].filter((place) => inSet.has(place) !== toggled.has(place)));
  const tapes: TapesOn = { instrument, name: chosen.name, key, places: [...places].toSorted((one, other) => one - other) };
  const begin = (next: AskedTapes): void => {
    setAsked(next);
    setToggled(new Set());
  };
  return (
    <section aria-label="Tapes">
      <p className="font-serif text-[19px] leading-[1.75]">
        Tapes for <SetChoice asked={asked} pieces={pieces} onChange={begin} /> on{' '}
        <OptionChoice label="Instrument" value={chosen.value} options={instruments} onChange={onChoose} /> (string{' '}
        {instrument.stringLengthMm} mm), printed on{' '}
        <Choice label="Paper" value={paper} values={PAPER_NAMES} name={(value) => value} onChange={setPaper} />.
      </p>
      <p className="max-w-4xl text-sm text-dove-dark">
        At equal temperament on a stiff string: a tape is a starting place, the ear decides. Measure nut to bridge before you cut: a string
        5 mm longer moves the fifth by 1.7 mm.
      </p>
      <NextSteps atHead>
        <Button disabled={places.size === 0} onClick={() => void printTapes(tapes, paper)}>
          <Download size={15} aria-hidden="true" /> Save the strip as PDF, 1 : 1
        </Button>
        {chosen.id !== null && <OnInstrument id={chosen.id} worn={chosen.spec.tapes ?? []} places={tapes.places} />}
        <ButtonLink href={setUpOf(chosen)}>Measure the string</ButtonLink>
        <ButtonLink href={`/tuner?instrument=${tunerAddress(chosen)}`}>Tune it</ButtonLink>
      </NextSteps>
      <div className="mt-3 flex flex-wrap gap-x-10 gap-y-4">
        <TapeTable
          instrument={instrument}
          mapKey={key}
          chosen={places}
          onToggle={(semitones) =>
            setToggled((now) => new Set(now.has(semitones) ? [...now].filter((value) => value !== semitones) : [...now, semitones]))
          }
        />
        {places.size > 0 && <PagesPreview printed={tapePagesOf(tapes, paper)} />}
      </div>
    </section>
  );
}

interface OnInstrumentProps {
  /** The id of the instrument in the studio. */
  readonly id: string;
  /** The tapes it wears, semitones above the open strings. */
  readonly worn: readonly number[];
  /** The tapes that are chosen. */
  readonly places: readonly number[];
}

/** Notes that the instrument wears the chosen tapes, so that fingers are told against them on the bench. */
function OnInstrument({ id, worn, places }: OnInstrumentProps) {
  const isWorn = worn.join() === places.join();
  const wear = async (): Promise<void> => {
    const record = (await readStored(STUDIO)).instruments.find((known) => known.id === id);
    if (!record) return;
    const instrument = { ...record.document.instrument, tapes: [...places] };
    await keep('instrument', { ...record, document: { ...record.document, instrument } }, record);
  };
  return (
    <Button disabled={isWorn || places.length === 0} onClick={() => void wear()}>
      {isWorn ? 'These are on the instrument' : 'They are on the instrument now'}
    </Button>
  );
}

interface SetChoiceProps {
  readonly asked: AskedTapes;
  readonly pieces: readonly PieceRecord[];
  readonly onChange: (asked: AskedTapes) => void;
}

/** Chooses the set of tapes, and the key or the piece it is for. */
function SetChoice({ asked, pieces, onChange }: SetChoiceProps) {
  return (
    <>
      <Choice
        label="Tapes for"
        value={asked.set}
        values={SETS.filter((set) => set !== 'piece' || pieces.length > 0)}
        name={(value) => SET_LABELS[value]}
        onChange={(set) => onChange({ ...asked, set })}
      />{' '}
      {asked.set === 'key' && (
        <Choice label="Key" value={asked.key} values={KEYS_OFFERED} name={keyLabel} onChange={(key) => onChange({ ...asked, key })} />
      )}
      {asked.set === 'piece' && (
        <OptionChoice
          label="Piece"
          value={asked.pieceId}
          options={pieces.map(({ id, document }) => ({ value: id, name: pieceTitle(document) }))}
          onChange={(pieceId) => onChange({ ...asked, pieceId })}
        />
      )}
    </>
  );
}

/** The stopped places of a piece are known once it is planned. */
function usePlanOf(piece: PieceRecord | null): Plan | null {
  const asked = useAsked({
    key: ['places of', piece?.id, piece?.updatedAt],
    ask: async (signal) => {
      const outcome = piece === null ? null : await engine.plan(piece.document.brief, { signal });
      return outcome?.ok === true ? outcome.value.best : null;
    },
    when: piece !== null,
  });
  return answerOf(asked);
}

function placesOf(set: TapeSet, instrument: Instrument, key: Key, used: Plan | null): ReadonlySet<number> {
  switch (set) {
    case 'first':
      return new Set(FIRST_TAPES[instrument.kind]);
    case 'semitones':
      return new Set(OCTAVE);
    case 'key':
      return new Set(OCTAVE.filter((semitones) => instrument.strings.some((string) => isInKey(string.semitones + semitones, key))));
    case 'piece': {
      const stops = (used?.notes ?? []).flatMap((note) => (note.kind === 'note' ? note.stops : []));
      return new Set(stops.map((stop) => stop.semitonesAboveOpen).filter((semitones) => semitones > 0));
    }
  }
}

/**
 * Reads a key that the page offers.
 *
 * @throws for any other text
 */
function keyNamed(text: string): Key {
  const key = parseKey(text);
  if (!key.ok) throw new RangeError(`The key ${text} is offered and does not read`);
  return key.value;
}

/** Leads to the instrument in the studio, to be measured there. */
function setUpOf({ value }: TapeInstrument): string {
  return value.includes(' ') ? '/setup' : `/setup?instrument=${value}`;
}

function tunerAddress({ value, spec }: TapeInstrument): string {
  return value.includes(' ') ? spec.kind : value;
}
