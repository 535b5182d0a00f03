import { KEYS_OFFERED } from '#core/brief/edits';
import {
  CHORD_WAYS,
  DOUBLE_STOP_WAYS,
  DRILL_RHYTHMS,
  type DrillFamily,
  type DrillRequest,
  FAMILY_NAMES,
  type FamilyOf,
  isPlayedOn,
  LOOP_FINGERS,
  MATRIX_FINGERS,
  MATRIX_KEYS,
  type MeasuresOfPiece,
} from '#core/drill/families';
import { fingersOf } from '#core/drill';
import { type ShiftClass, STUDY_ORDERS } from '#core/drill/shifts';
import { DOUBLE_STOP_INTERVALS } from '#core/material/scale';
import { keyLabel } from '#core/key';
import { noteLabel } from '#core/pitch';
import { LabelledChoice } from '../../ui/fields/LabelledChoice.tsx';
import { bowLabel } from '../../words/labels.ts';
import {
  BUILT_WORDS,
  CHORD_WORDS,
  doubleStopText,
  FAMILY_WORDS,
  LOOP_FINGER_WORDS,
  MATRIX_KEY_WORDS,
  STUDY_ORDER_WORDS,
  PAIR_WORDS,
  positionText,
  RHYTHM_WORDS,
} from '../../words/drills/families.ts';
import { type AsksProps, firstOf, positionsFor, type WrittenFor } from './first-request.ts';
import { InPositionFields } from './InPositionFields.tsx';

interface RequestFieldsProps {
  readonly request: DrillRequest;
  readonly place: WrittenFor;
  /** The measures of the piece that a study can lead into. */
  readonly around: MeasuresOfPiece | null;
  /** The handler of a change; `opens`: a family was chosen, and the form may open on another drill of it. */
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
      <Asks asks={asks} place={place} onChange={ask} />
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

/** Edits the fields of the chosen family. */
function Asks({ asks, place, onChange }: AsksProps) {
  return (
    <>
      {'shift' in asks && <ShiftFields shift={asks.shift} place={place} onChange={(shift) => onChange({ ...asks, shift })} />}
      {asks.family === 'shift' && (
        <LabelledChoice
          label="Measures"
          value={asks.measures}
          among={STUDY_ORDERS}
          nameOf={(order) => STUDY_ORDER_WORDS[order]}
          onChoose={(measures) => onChange({ ...asks, measures })}
        />
      )}
      {(asks.family === 'matrix' || asks.family === 'matching') && <FromTo asks={asks} place={place} onChange={onChange} />}
      {asks.family === 'matrix' && <MatrixFields asks={asks} onChange={onChange} />}
      <InPositionFields asks={asks} place={place} onChange={onChange} />
      {asks.family === 'loop' && <LoopFields asks={asks} onChange={onChange} />}
      {asks.family === 'chords' && <ChordFields asks={asks} onChange={onChange} />}
      {asks.family === 'double-stops' && <DoubleStopFields asks={asks} place={place} onChange={onChange} />}
      {'strings' in asks && (
        <LabelledChoice
          label="String"
          value={asks.strings.length === 1 ? (asks.strings[0] ?? ALL) : ALL}
          among={[...place.instrument.strings.map(({ name }) => name), ALL]}
          nameOf={(name) => (name === ALL ? 'all strings' : `${noteLabel(name)} string`)}
          onChoose={(name) => onChange({ ...asks, strings: name === ALL ? place.instrument.strings.map((string) => string.name) : [name] })}
        />
      )}
    </>
  );
}

/** The choice of all strings, where one is chosen. */
const ALL = 'all';

interface MatrixFieldsProps extends Pick<AsksProps, 'onChange'> {
  readonly asks: Extract<DrillFamily, { family: 'matrix' }>;
}

function MatrixFields({ asks, onChange }: MatrixFieldsProps) {
  return (
    <>
      <LabelledChoice
        label="Fingers"
        value={asks.fingers}
        among={MATRIX_FINGERS}
        nameOf={(fingers) => PAIR_WORDS[fingers]}
        onChoose={(fingers) => onChange({ ...asks, fingers })}
      />
      {asks.strings.length > 1 && (
        <LabelledChoice
          label="Keys"
          value={asks.keys ?? MATRIX_KEYS[0]}
          among={MATRIX_KEYS}
          nameOf={(keys) => MATRIX_KEY_WORDS[keys]}
          onChoose={(keys) => onChange({ ...asks, keys })}
        />
      )}
    </>
  );
}

interface FromToProps extends AsksProps {
  readonly asks: Extract<DrillFamily, { from: string }>;
}

/** Chooses the position that is left and the one that is reached. */
function FromTo({ asks, place, onChange }: FromToProps) {
  const positions = positionsFor(place);
  return (
    <>
      <LabelledChoice
        label="From"
        value={asks.from}
        among={positions}
        nameOf={positionText}
        onChoose={(from) => onChange({ ...asks, from })}
      />
      <LabelledChoice label="To" value={asks.to} among={positions} nameOf={positionText} onChoose={(to) => onChange({ ...asks, to })} />
    </>
  );
}

interface LoopFieldsProps {
  readonly asks: FamilyOf<'loop'>;
  readonly onChange: (asks: FamilyOf<'loop'>) => void;
}

/** Edits how a loop is played. */
export function LoopFields({ asks, onChange }: LoopFieldsProps) {
  return (
    <>
      <LabelledChoice
        label="Fingers"
        value={asks.fingers}
        among={LOOP_FINGERS}
        nameOf={(fingers) => LOOP_FINGER_WORDS[fingers]}
        onChoose={(fingers) => onChange({ ...asks, fingers })}
      />
      <LabelledChoice
        label="At each end"
        value={asks.checks ? 'check' : 'on'}
        among={['on', 'check'] as const}
        nameOf={(end) => (end === 'check' ? 'check it' : 'go straight on')}
        onChoose={(end) => onChange({ ...asks, checks: end === 'check' })}
      />
    </>
  );
}

interface ChordFieldsProps extends Pick<AsksProps, 'onChange'> {
  readonly asks: Extract<DrillFamily, { family: 'chords' }>;
}

function ChordFields({ asks, onChange }: ChordFieldsProps) {
  return (
    <LabelledChoice
      label="Played"
      value={asks.played}
      among={CHORD_WAYS}
      nameOf={(played) => CHORD_WORDS[played]}
      onChoose={(played) => onChange({ ...asks, played })}
    />
  );
}

interface DoubleStopFieldsProps extends AsksProps {
  readonly asks: Extract<DrillFamily, { family: 'double-stops' }>;
}

function DoubleStopFields({ asks, place, onChange }: DoubleStopFieldsProps) {
  const { kind } = place.instrument;
  return (
    <>
      <LabelledChoice
        label="Interval"
        value={asks.interval}
        among={DOUBLE_STOP_INTERVALS}
        nameOf={doubleStopText}
        onChoose={(interval) => onChange({ ...asks, interval })}
      />
      <LabelledChoice
        label="Played"
        value={asks.built}
        among={DOUBLE_STOP_WAYS}
        nameOf={(built) => BUILT_WORDS[built]}
        onChoose={(built) => onChange({ ...asks, built })}
      />
      {(kind === 'cello' || kind === 'bass') && (
        <LabelledChoice
          label="Hand"
          value={asks.position === 'thumb' ? 'thumb' : 'any'}
          among={['any', 'thumb'] as const}
          nameOf={(hand) => (hand === 'thumb' ? 'from the thumb' : 'any position')}
          onChoose={(hand) => onChange({ ...asks, position: hand === 'thumb' ? 'thumb' : null })}
        />
      )}
    </>
  );
}

interface ShiftFieldsProps {
  readonly shift: ShiftClass;
  readonly place: WrittenFor;
  readonly onChange: (shift: ShiftClass) => void;
}

const STEPS = [1, 2, 3, 4, 5, 6, 7] as const;

function ShiftFields({ shift, place, onChange }: ShiftFieldsProps) {
  const fingers = fingersOf(place.hand);
  return (
    <>
      <LabelledChoice
        label="From finger"
        value={shift.fromFinger}
        among={fingers}
        nameOf={(finger) => finger}
        onChoose={(fromFinger) => onChange({ ...shift, fromFinger })}
      />
      <LabelledChoice
        label="To finger"
        value={shift.toFinger}
        among={fingers}
        nameOf={(finger) => finger}
        onChoose={(toFinger) => onChange({ ...shift, toFinger })}
      />
      <LabelledChoice
        label="Direction"
        value={shift.way}
        among={['up', 'down'] as const}
        nameOf={(way) => way}
        onChoose={(way) => onChange({ ...shift, way })}
      />
      <LabelledChoice
        label={shift.distance.by === 'positions' ? 'Positions' : 'Semitones'}
        value={shift.distance.steps}
        among={STEPS.some((step) => step === shift.distance.steps) ? STEPS : [...STEPS, shift.distance.steps]}
        nameOf={String}
        onChoose={(steps) => onChange({ ...shift, distance: { ...shift.distance, steps } })}
      />
      <LabelledChoice
        label="On"
        value={shift.toString}
        among={place.instrument.strings.map(({ name }) => name)}
        nameOf={(name) => `${noteLabel(name)} string`}
        onChoose={(name) => onChange({ ...shift, fromString: name, toString: name })}
      />
    </>
  );
}
