import { useMemo } from 'react';
import { KEYS_OFFERED } from '#core/brief/edits';
import type { Brief } from '#core/brief';
import {
  DRILL_RHYTHMS,
  type DrillFamily,
  type DrillRequest,
  FAMILY_NAMES,
  type FamilyName,
  type FamilyOf,
  isPlayedOn,
  type MeasuresOfPiece,
} from '#core/drill/families';
import { keyLabel } from '#core/key';
import { answerOf, useEngine } from '../../engine/index.ts';
import { OptionChoice } from '../../ui/fields/index.ts';
import { bowLabel } from '../../words/line/bowing.ts';
import { FAMILY_WORDS, RHYTHM_WORDS } from '../../words/drills/families.ts';
import { choiceOf } from './fields/asked-field.ts';
import { FieldsOfFamily, SentenceField, shownFields } from './fields/FieldsOfFamily.tsx';
import { firstOf, type WrittenFor } from './first-request.ts';

interface RequestFieldsProps {
  /** The brief of the piece, which names the player. */
  readonly brief: Brief;
  readonly request: DrillRequest;
  readonly place: WrittenFor;
  /** The measures of the piece that a study can lead into. */
  readonly around: MeasuresOfPiece | null;
  /** Receives the changed request; `opens` tells that a family was chosen, and that the form may open on another drill of it. */
  readonly onChange: (request: DrillRequest, opens?: boolean) => void;
}

const BOWS = [1, 2, 3, 4, 8] as const;

/** Edits the request for a drill as a sentence: its family, the family's own fields, the key, the rhythm and the bowing. */
export function RequestFields({ brief, request, place, around, onChange }: RequestFieldsProps) {
  const { asks, key, variant } = request;
  const families = FAMILY_NAMES.filter((name) => isPlayedOn(name, place.instrument.kind, place.hand.positionLabels.includes('thumb')));
  const ask = (next: DrillFamily): void => onChange({ ...request, asks: next });
  const isPlayed = usePlayed(brief, request, place);
  const family = choiceOf({
    label: 'Drill',
    value: asks.family,
    among: asks.family === 'loop' ? (['loop', ...families] as const) : families,
    nameOf: (name) => FAMILY_WORDS[name].name,
    choose: (name) => name,
  });
  const rhythm = choiceOf({
    label: 'Rhythm',
    value: variant.rhythm,
    among: DRILL_RHYTHMS,
    nameOf: (value) => RHYTHM_WORDS[value],
    choose: (value) => value,
  });
  const bowing = choiceOf({ label: 'Bowing', value: variant.notesPerBow, among: BOWS, nameOf: bowLabel, choose: (bows) => bows });
  return (
    <p className="mt-3 font-serif text-[19px] leading-[1.75]">
      Write:{' '}
      <OptionChoice
        label={family.label}
        value={family.value}
        options={family.options}
        onChange={(value) => {
          const name = family.choose(value);
          if (name !== 'loop') onChange({ ...request, asks: firstOf(name, place, asks) }, true);
        }}
      />
      <FieldsOfFamily name={asks.family} asks={asks} place={place} offers={(next) => isPlayed({ ...request, asks: next })} onChange={ask} />
      {asks.family === 'shift' && around && <IntoPiece asks={asks} around={around} onAsk={ask} />}
      {/* A loop belongs to its piece, in its key. */}
      {asks.family !== 'loop' && (
        <SentenceField
          label="Key"
          lead="in"
          value={key}
          options={KEYS_OFFERED.filter((other) => other === key || isPlayed({ ...request, key: other })).map((other) => ({
            value: other,
            name: keyLabel(other),
          }))}
          onChoose={(next) => onChange({ ...request, key: next })}
        />
      )}
      <SentenceField {...rhythm} onChoose={(value) => onChange({ ...request, variant: { ...variant, rhythm: rhythm.choose(value) } })} />
      <SentenceField
        {...bowing}
        onChoose={(value) => onChange({ ...request, variant: { ...variant, notesPerBow: bowing.choose(value) } })}
      />
      .
    </p>
  );
}

interface IntoPieceProps {
  readonly asks: FamilyOf<'shift'>;
  readonly around: MeasuresOfPiece;
  readonly onAsk: (asks: DrillFamily) => void;
}

/** Chooses whether the study of a shift leads into the measures of the piece that have it. */
function IntoPiece({ asks, around, onAsk }: IntoPieceProps) {
  return (
    <SentenceField
      label="Then"
      lead="and then"
      value={asks.into ? 'into' : 'alone'}
      options={[
        { value: 'alone', name: 'nothing more' },
        { value: 'into', name: 'into the piece' },
      ]}
      onChoose={(then) => {
        const { into: _, ...alone } = asks;
        onAsk(then === 'into' ? { ...alone, into: around } : alone);
      }}
    />
  );
}

/**
 * Gives the test for the drills that the sentence offers: whether this hand plays one as it is asked for. Until the answer is there, all of
 * them are offered.
 */
function usePlayed(brief: Brief, request: DrillRequest, place: WrittenFor): (request: DrillRequest) => boolean {
  const requests = useMemo(() => offeredBeside(request, request.asks.family, request.asks, place), [request, place]);
  const played = answerOf(useEngine(brief, { kind: 'drills-played', requests }));
  return useMemo(() => {
    const unplayed = new Set(requests.filter((_, order) => played?.[order] === false).map((other) => JSON.stringify(other)));
    return (other) => !unplayed.has(JSON.stringify(other));
  }, [requests, played]);
}

/** Lists the drills that are one choice away from a request. */
function offeredBeside<Name extends FamilyName>(
  request: DrillRequest,
  name: Name,
  asks: FamilyOf<Name>,
  place: WrittenFor,
): readonly DrillRequest[] {
  const fields = shownFields(name, asks, place);
  const others = fields.flatMap(({ value, options, choose }) =>
    options.filter((option) => option.value !== value).map((option) => choose(option.value)),
  );
  return [
    ...others.map((next): DrillRequest => ({ ...request, asks: next })),
    ...KEYS_OFFERED.filter((key) => name !== 'loop' && key !== request.key).map((key): DrillRequest => ({ ...request, key })),
  ];
}
