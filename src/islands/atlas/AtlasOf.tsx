import { parseAsString, useQueryStates } from 'nuqs';
import { useMemo } from 'react';
import type { PositionMap } from '#core/atlas';
import type { Brief } from '#core/brief';
import { KEYS_OFFERED } from '#core/brief/edits';
import type { School } from '#core/brief/parts/school';
import type { Instrument } from '#core/instrument';
import { keyLabel } from '#core/key';
import type { PlayerRecord } from '../../records/record.ts';
import { useEngine } from '../../engine/index.ts';
import { Choice, OptionChoice } from '../../ui/fields/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { Answered } from '../../ui/states/index.ts';
import { ATLAS_WORDS, positionName } from '../../words/names/atlas.ts';
import { instrumentLike } from '../parts/index.ts';
import { BoardDrawing } from '../measurements/BoardDrawing.tsx';
import { boardScale } from '../measurements/board-geometry.ts';
import type { TapeInstrument } from '../tapes/tape-instruments.ts';
import { playTones, toneOf } from '../names/tones.ts';
import { mapMarks, mapTouches, placeMarks, withPicked } from './map-marks.ts';
import { NotePlaces, notesOf } from './NotePlaces.tsx';
import { addressOf, type BoardPlace, pitchAtPlace, placeOfAddress } from './board-place.ts';
import { PlaceAsked, PlaceChoice } from './PlaceAsked.tsx';
import { PositionBars } from './PositionBars.tsx';
import { AcrossList, StringsTable } from './PositionLists.tsx';
import { ScalesHere } from './ScalesHere.tsx';
import { useWidth } from '../../ui/use-width.ts';

interface AtlasOfProps {
  readonly instruments: readonly TapeInstrument[];
  readonly chosen: TapeInstrument;
  /** The player for whom a scale is opened; null for nobody. */
  readonly player: PlayerRecord | null;
  /** The schools of the studio, which name patterns. */
  readonly schools: readonly School[];
  readonly onChoose: (instrument: string) => void;
}

const ADDRESS = { key: parseAsString.withDefault('G major'), position: parseAsString, note: parseAsString, place: parseAsString };

/** Shows a key on an instrument: one position in full, all positions as one picture, and any note in all its places. */
export function AtlasOf({ instruments, chosen, player, schools, onChoose }: AtlasOfProps) {
  const [{ key: asked, position, note, place: placeText }, setAddress] = useQueryStates(ADDRESS);
  const key = KEYS_OFFERED.find((known) => known === asked) ?? ADDRESS.key.defaultValue;
  const brief = useMemo((): Brief => ({ instrument: chosen.spec, material: { kind: 'line', key, notes: [] } }), [chosen, key]);
  const instrument = useMemo(() => instrumentLike(chosen.spec), [chosen]);
  const wanted = position ?? (chosen.spec.kind === 'bass' ? 'I' : '1');
  const place = placeOfAddress(placeText, instrument);
  const answer = useEngine(brief, { kind: 'atlas', key });
  return (
    <Answered asked={answer} waiting={ATLAS_WORDS.waiting}>
      {(maps) => {
        const here = maps.find((map) => map.position === wanted) ?? maps[0];
        if (!here) return <p>{ATLAS_WORDS.nothing}</p>;
        const on: MapOn = { maps, here, instrument, musicKey: key, note, place, go: (next) => void setAddress(next) };
        return (
          <>
            <AtlasSentence {...on} instruments={instruments} chosen={chosen} onChoose={onChoose} />
            <Map {...on} />
            {place && <PlaceAsked brief={brief} instrument={instrument} musicKey={key} place={place} />}
            {note !== null && <NotePlaces brief={brief} musicKey={key} pitch={note} />}
            <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-4 lg:grid-cols-2">
              <section aria-label="String by string" className="lg:col-span-2">
                <Heading>String by string</Heading>
                <StringsTable map={here} musicKey={key} school={schools[0] ?? {}} />
              </section>
              <section aria-label="From string to string">
                <Heading>From string to string</Heading>
                <AcrossList map={here} />
              </section>
              <section aria-label="Scales that live here">
                <ScalesHere brief={brief} position={here.position} player={player} instrumentId={chosen.id} />
              </section>
            </div>
          </>
        );
      }}
    </Answered>
  );
}

/** The choice of what is shown of a key, and the function that changes it. */
interface MapOn {
  readonly maps: readonly PositionMap[];
  readonly here: PositionMap;
  readonly instrument: Instrument;
  readonly musicKey: string;
  /** The note whose places are asked for, sounding; null for none. */
  readonly note: string | null;
  /** The place that is asked for; null for none. */
  readonly place: BoardPlace | null;
  readonly go: (next: {
    readonly key?: string;
    readonly position?: string;
    readonly note?: string | null;
    readonly place?: string | null;
  }) => void;
}

type AtlasSentenceProps = MapOn & Pick<AtlasOfProps, 'instruments' | 'chosen' | 'onChoose'>;

function AtlasSentence({ maps, here, instrument, musicKey, note, place, go, instruments, chosen, onChoose }: AtlasSentenceProps) {
  const offered = instruments.map(({ value, name }) => ({ value, name }));
  return (
    <p className="font-serif text-[19px] leading-[1.9]">
      On <OptionChoice label="Instrument" value={chosen.value} options={offered} onChange={onChoose} /> in{' '}
      <Choice label="Key" value={musicKey} values={KEYS_OFFERED} name={keyLabel} onChange={(key) => go({ key })} />, in{' '}
      <Choice
        label="Position"
        value={here.position}
        values={maps.map((map) => map.position)}
        name={positionName}
        onChange={(position) => go({ position })}
      />
      . Where is{' '}
      <OptionChoice
        label="Note"
        value={note ?? ''}
        options={[{ value: '', name: 'a note' }, ...notesOf(instrument, musicKey)]}
        onChange={(next) => go({ note: next || null })}
      />{' '}
      played? What lies at <PlaceChoice instrument={instrument} place={place} onChoose={(next) => go({ place: next && addressOf(next) })} />
      ?
    </p>
  );
}

/** Draws the fingerboard with one position on it, and under it the extent of every position. */
function Map({ maps, here, instrument, musicKey, note, place, go }: MapOn) {
  const [into, width] = useWidth();
  const scale = boardScale(instrument, Math.max(320, width), 1);
  const fingers = mapMarks(here, musicKey);
  const places =
    note === null
      ? []
      : placeMarks(instrument, note, maps).filter(
          ({ stringIndex, mm }) => !fingers.some((finger) => finger.stringIndex === stringIndex && finger.mm === mm),
        );
  const press = (stringIndex: number, semitonesAboveOpen: number): void => {
    const pressed = { stringIndex, semitonesAboveOpen };
    void playTones([toneOf(pitchAtPlace(instrument, musicKey, pressed) ?? '', instrument)]);
    if (semitonesAboveOpen > 0) go({ place: addressOf(pressed) });
  };
  return (
    <div ref={into} className="mt-1 overflow-x-auto">
      <BoardDrawing
        instrument={instrument}
        scale={scale}
        label={`${keyLabel(musicKey)} in ${positionName(here.position)}`}
        marks={withPicked([...places, ...fingers], instrument, musicKey, place)}
        onPlace={press}
        touches={mapTouches(here)}
        ticks={[]}
        band={here.frame}
        ringing={new Set()}
      />
      <PositionBars maps={maps} chosen={here.position} scale={scale} onChoose={(position) => go({ position })} />
      <p className="text-sm text-dove-dark">
        {ATLAS_WORDS.legend} {ATLAS_WORDS.frames}
      </p>
    </div>
  );
}
