import { parseAsString, useQueryStates } from 'nuqs';
import { useMemo } from 'react';
import { insideOf, type PositionMap } from '#core/atlas';
import type { Brief } from '#core/brief';
import { KEYS_OFFERED } from '#core/brief/edits';
import { keyLabel } from '#core/key';
import { noteLabel } from '#core/pitch';
import { answerOf, useEngine } from '../../engine/index.ts';
import type { Studio } from '../../records/studio.ts';
import { Choice, OptionChoice } from '../../ui/fields/index.ts';
import { Answered, guardIsland } from '../../ui/states/index.ts';
import { ATLAS_WORDS, mappedPatternText, positionName } from '../../words/names/atlas.ts';
import { PHRASE_WORDS } from '../../words/names/phrase.ts';
import { briefFor } from '../names/asked-of.ts';
import { StudioPage } from '../names/StudioPage.tsx';
import { useWho, type Who, WhoOn } from '../names/who.tsx';
import { PhraseWriting } from './PhraseWriting.tsx';

/** Shows music of one’s own in a position or a pattern. */
export const Phrase = guardIsland(GuardedPhrase);

function GuardedPhrase() {
  return <StudioPage current="Phrases">{(studio) => <OfStudio studio={studio} />}</StudioPage>;
}

const ADDRESS = { key: parseAsString.withDefault('G major'), position: parseAsString, string: parseAsString };

function OfStudio({ studio: found }: { readonly studio: Studio }) {
  const who = useWho(found);
  const [{ key: wanted }] = useQueryStates(ADDRESS);
  const musicKey = KEYS_OFFERED.find((known) => known === wanted) ?? ADDRESS.key.defaultValue;
  return who && <InKey key={`${who.id} ${musicKey}`} who={who} musicKey={musicKey} />;
}

interface InKeyProps {
  readonly who: Who;
  readonly musicKey: string;
}

function InKey({ who, musicKey }: InKeyProps) {
  const { player, measured, chosen } = who;
  const [{ position, string: wantedString }, setAddress] = useQueryStates(ADDRESS);
  const brief = useMemo(() => briefFor(measured, chosen.spec, musicKey), [measured, chosen, musicKey]);
  const asked = useEngine(brief, { kind: 'atlas', key: musicKey });
  const maps = answerOf(asked) ?? [];
  const first = chosen.spec.kind === 'bass' ? 'I' : '1';
  const here = maps.find((map) => map.position === (position ?? first)) ?? maps[0];
  const string = here?.strings.find(({ open }) => open === wantedString)?.open ?? null;
  return (
    <>
      <div className="font-serif text-[19px] leading-[1.9]">
        A phrase for <WhoOn who={who} />, in{' '}
        <Choice label="Key" value={musicKey} values={KEYS_OFFERED} name={keyLabel} onChange={(next) => void setAddress({ key: next })} />,
        in{' '}
        <Choice
          label="Position"
          value={here?.position ?? first}
          values={here ? maps.map((map) => map.position) : [first]}
          name={positionName}
          onChange={(next) => void setAddress({ position: next })}
        />{' '}
        on{' '}
        <OptionChoice
          label="String"
          value={string ?? ''}
          options={[
            { value: '', name: PHRASE_WORDS.allStrings },
            ...(here?.strings.map(({ open }) => ({ value: open, name: `the ${noteLabel(open)} string` })) ?? []),
          ]}
          onChange={(next) => void setAddress({ string: next || null })}
        />
        .
      </div>
      <Answered asked={asked} waiting={ATLAS_WORDS.waiting}>
        {() => here && <InPosition key={`${here.position} ${string ?? ''}`} {...{ brief, map: here, string, musicKey, player, chosen }} />}
      </Answered>
    </>
  );
}

interface InPositionProps extends Pick<InKeyProps, 'musicKey'>, Pick<Who, 'player' | 'chosen'> {
  readonly brief: Brief;
  readonly map: PositionMap;
  /** The open note of the one string; null for all strings. */
  readonly string: string | null;
}

function InPosition({ brief, map, string, musicKey, player, chosen }: InPositionProps) {
  const inside = useMemo(() => insideOf(map, string), [map, string]);
  const pattern = map.strings.find(({ open }) => open === string);
  return (
    <>
      {pattern && <p className="text-dove-dark">The pattern: {mappedPatternText(pattern)}.</p>}
      <PhraseWriting {...{ brief, inside, musicKey, player, position: map.position, string, instrumentId: chosen.value }} />
    </>
  );
}
