import type { Brief } from '#core/brief';
import { type Instrument, stringOf } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import { noteLabel } from '#core/pitch';
import { useEngine } from '../../engine/index.ts';
import { OptionChoice } from '../../ui/fields/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { Answered } from '../../ui/states/index.ts';
import { ATLAS_WORDS, placeDistanceText, waysOnStringText } from '../../words/names/atlas.ts';
import { writtenLabel } from '../../words/studio/instruments.ts';
import { type BoardPlace, pitchAtPlace } from './board-place.ts';
import { otherNames } from './NotePlaces.tsx';

interface PlaceChoiceProps {
  readonly instrument: Instrument;
  readonly place: BoardPlace | null;
  readonly onChoose: (place: BoardPlace | null) => void;
}

/** Chooses a place by its string and its height, for those who do not point at the board. */
export function PlaceChoice({ instrument, place, onChoose }: PlaceChoiceProps) {
  const { strings, highestSemitone, stringLengthMm } = instrument;
  const up = Array.from({ length: highestSemitone }, (_, index) => index + 1);
  return (
    <>
      <OptionChoice
        label="String of the place"
        value={place ? String(place.stringIndex) : ''}
        options={[
          { value: '', name: 'a place' },
          ...strings.map(({ name }, index) => ({ value: String(index), name: `the ${noteLabel(name)} string` })),
        ]}
        onChange={(next) =>
          onChoose(next === '' ? null : { stringIndex: Number(next), semitonesAboveOpen: place?.semitonesAboveOpen ?? 1 })
        }
      />
      {place && (
        <>
          ,{' '}
          <OptionChoice
            label="How far up"
            value={String(place.semitonesAboveOpen)}
            options={up.map((semitones) => ({
              value: String(semitones),
              name: placeDistanceText(semitones, mmFromNut(stringLengthMm, semitones)),
            }))}
            onChange={(next) => onChoose({ ...place, semitonesAboveOpen: Number(next) })}
          />
        </>
      )}
    </>
  );
}

interface PlaceAskedProps {
  readonly brief: Brief;
  readonly instrument: Instrument;
  readonly musicKey: string;
  readonly place: BoardPlace;
}

/** Shows everything at a place: its note by every name, and every finger that plays it there. */
export function PlaceAsked({ brief, instrument, musicKey, place }: PlaceAskedProps) {
  const pitch = pitchAtPlace(instrument, musicKey, place) ?? '';
  const asked = useEngine(brief, { kind: 'note-places', key: musicKey, pitch });
  const { name: open } = stringOf(instrument, place.stringIndex);
  const name = writtenLabel(brief.instrument.kind, pitch);
  const far = placeDistanceText(place.semitonesAboveOpen, mmFromNut(instrument.stringLengthMm, place.semitonesAboveOpen));
  return (
    <section aria-label="What lies at the place" className="mt-2">
      <Heading>
        {noteLabel(open)} string, {far}: {name}
        {otherNames(pitch).map((other) => `, also ${other}`)}
      </Heading>
      <Answered asked={asked} waiting={ATLAS_WORDS.waiting}>
        {(places) => {
          const here = places.find((place) => place.open === open);
          return <p className="text-[14px]">{here ? waysOnStringText(here) : ATLAS_WORDS.noFinger}</p>;
        }}
      </Answered>
    </section>
  );
}
