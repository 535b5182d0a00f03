import { KEYS_OFFERED } from '#core/brief/edits';
import { DRILL_RHYTHMS, type DrillFamily, type DrillRequest, FAMILY_NAMES, isPlayedOn, type MeasuresOfPiece } from '#core/drill/families';
import { keyLabel } from '#core/key';
import { LabelledChoice } from '../../ui/fields/index.ts';
import { bowLabel } from '../../words/line/bowing.ts';
import { FAMILY_WORDS, RHYTHM_WORDS } from '../../words/drills/families.ts';
import { FieldsOfFamily } from './fields/FieldsOfFamily.tsx';
import { firstOf, type WrittenFor } from './first-request.ts';

interface RequestFieldsProps {
  readonly request: DrillRequest;
  readonly place: WrittenFor;
  /** The measures of the piece that a study can lead into. */
  readonly around: MeasuresOfPiece | null;
  /** Receives the changed request; `opens` tells that a family was chosen, and that the form may open on another drill of it. */
  readonly onChange: (request: DrillRequest, opens?: boolean) => void;
}

const BOWS = [1, 2, 3, 4, 8] as const;

/** Edits the request for a drill: its family, the family's own fields, the key, the rhythm and the bowing. */
export function RequestFields({ request, place, around, onChange }: RequestFieldsProps) {
  const { asks, key, variant } = request;
  const families = FAMILY_NAMES.filter((name) => isPlayedOn(name, place.instrument.kind, place.hand.positionLabels.includes('thumb')));
  const ask = (next: DrillFamily): void => onChange({ ...request, asks: next });
  return (
    <div className="mt-3 flex flex-wrap items-end gap-x-4 gap-y-2">
      <LabelledChoice
        label="Drill"
        value={asks.family}
        among={asks.family === 'loop' ? (['loop', ...families] as const) : families}
        nameOf={(name) => FAMILY_WORDS[name].name}
        onChoose={(name) => (name === 'loop' ? ask(asks) : onChange({ ...request, asks: firstOf(name, place, asks) }, true))}
      />
      <FieldsOfFamily name={asks.family} asks={asks} place={place} onChange={ask} />
      {asks.family === 'shift' && around && (
        <LabelledChoice
          label="Then"
          value={asks.into ? 'into' : 'alone'}
          among={['alone', 'into'] as const}
          nameOf={(then) => (then === 'into' ? 'into the piece' : 'nothing more')}
          onChoose={(then) => {
            const { into: _, ...alone } = asks;
            ask(then === 'into' ? { ...alone, into: around } : alone);
          }}
        />
      )}
      {/* A loop belongs to its piece, in its key. */}
      {asks.family !== 'loop' && (
        <LabelledChoice
          label="Key"
          value={key}
          among={KEYS_OFFERED}
          nameOf={keyLabel}
          onChoose={(next) => onChange({ ...request, key: next })}
        />
      )}
      <LabelledChoice
        label="Rhythm"
        value={variant.rhythm}
        among={DRILL_RHYTHMS}
        nameOf={(rhythm) => RHYTHM_WORDS[rhythm]}
        onChoose={(rhythm) => onChange({ ...request, variant: { ...variant, rhythm } })}
      />
      <LabelledChoice
        label="Bowing"
        value={variant.notesPerBow}
        among={BOWS}
        nameOf={bowLabel}
        onChoose={(notesPerBow) => onChange({ ...request, variant: { ...variant, notesPerBow } })}
      />
    </div>
  );
}
