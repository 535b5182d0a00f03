import {
  DOUBLE_STOP_WAYS,
  DRILL_RHYTHMS,
  type DrillFamily,
  type DrillRequest,
  FAMILY_NAMES,
  MATRIX_FINGERS,
  POSITION_SETS,
  type ShiftClass,
  STUDY_ORDERS,
} from '#core/drill';
import { DOUBLE_STOP_INTERVALS } from '#core/material';
import { keyLabel, noteLabel } from '#core/pitch';
import { SelectField } from '../../ui/fields/Field.tsx';
import { bowLabel } from '../../words/labels.ts';
import { FAMILY_WORDS, positionText, SET_WORDS } from '../../words/drills/families.ts';
import { fingersSet, firstOf, positionsFor, type WrittenFor } from './first-request.ts';
import { KEYS_OFFERED } from './keys-offered.ts';

interface RequestFieldsProps {
  readonly request: DrillRequest;
  readonly place: WrittenFor;
  readonly onChange: (request: DrillRequest) => void;
}

const ORDER_WORDS = { alone: 'each measure twice', pairs: 'each with the next', all: 'all in a row' } as const;
const PAIR_WORDS = { same: 'the same finger', mixed: 'different fingers', all: 'all fingers' } as const;
const BUILT_WORDS = { 'one-by-one': 'one string, the other, both', 'at-once': 'both between rests' } as const;
const RHYTHM_WORDS = {
  'as-written': 'even notes',
  'long-short': 'long, short',
  'short-long': 'short, long',
  twice: 'each note twice',
} as const;
const BOWS = [1, 2, 3, 4, 8] as const;

/** What is asked of a drill: its family, what that asks for, the key, the rhythm and the bowing. */
export function RequestFields({ request, place, onChange }: RequestFieldsProps) {
  const { asks, key, variant } = request;
  const ask = (next: DrillFamily): void => onChange({ ...request, asks: next });
  return (
    <div className="mt-3 flex flex-wrap items-end gap-x-4 gap-y-2">
      <One
        label="Drill"
        value={asks.family}
        among={FAMILY_NAMES}
        nameOf={(name) => FAMILY_WORDS[name].name}
        onChoose={(name) => ask(firstOf(name, place, asks))}
      />
      <Asks asks={asks} place={place} onChange={ask} />
      <One label="Key" value={key} among={KEYS_OFFERED} nameOf={keyLabel} onChoose={(next) => onChange({ ...request, key: next })} />
      <One
        label="Rhythm"
        value={variant.rhythm}
        among={DRILL_RHYTHMS}
        nameOf={(rhythm) => RHYTHM_WORDS[rhythm]}
        onChoose={(rhythm) => onChange({ ...request, variant: { ...variant, rhythm } })}
      />
      <One
        label="Bowing"
        value={variant.notesPerBow}
        among={BOWS}
        nameOf={bowLabel}
        onChoose={(notesPerBow) => onChange({ ...request, variant: { ...variant, notesPerBow } })}
      />
    </div>
  );
}

interface AsksProps {
  readonly asks: DrillFamily;
  readonly place: WrittenFor;
  readonly onChange: (asks: DrillFamily) => void;
}

/** What the chosen family asks for. */
function Asks({ asks, place, onChange }: AsksProps) {
  return (
    <>
      {'shift' in asks && <ShiftFields shift={asks.shift} place={place} onChange={(shift) => onChange({ ...asks, shift })} />}
      {asks.family === 'shift' && (
        <One
          label="Measures"
          value={asks.measures}
          among={STUDY_ORDERS}
          nameOf={(order) => ORDER_WORDS[order]}
          onChoose={(measures) => onChange({ ...asks, measures })}
        />
      )}
      {asks.family === 'matrix' && <MatrixFields asks={asks} place={place} onChange={onChange} />}
      {'position' in asks && asks.position !== null && (
        <One
          label="Position"
          value={asks.position}
          among={positionsFor(place)}
          nameOf={positionText}
          onChoose={(position) => onChange({ ...asks, position })}
        />
      )}
      {asks.family === 'position' && (
        <One
          label="Played"
          value={asks.set}
          among={POSITION_SETS}
          nameOf={(set) => SET_WORDS[set]}
          onChoose={(set) => onChange({ ...asks, set })}
        />
      )}
      {asks.family === 'two-places' && (
        <One
          label="Finger"
          value={asks.finger}
          among={fingersSet(place)}
          nameOf={(finger) => finger}
          onChoose={(finger) => onChange({ ...asks, finger })}
        />
      )}
      {asks.family === 'double-stops' && <DoubleStopFields asks={asks} place={place} onChange={onChange} />}
      {'strings' in asks && (
        <One
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

/** All strings, where one is chosen. */
const ALL = 'all';

interface MatrixFieldsProps extends AsksProps {
  readonly asks: Extract<DrillFamily, { family: 'matrix' }>;
}

function MatrixFields({ asks, place, onChange }: MatrixFieldsProps) {
  const positions = positionsFor(place);
  return (
    <>
      <One label="From" value={asks.from} among={positions} nameOf={positionText} onChoose={(from) => onChange({ ...asks, from })} />
      <One label="To" value={asks.to} among={positions} nameOf={positionText} onChoose={(to) => onChange({ ...asks, to })} />
      <One
        label="Fingers"
        value={asks.fingers}
        among={MATRIX_FINGERS}
        nameOf={(fingers) => PAIR_WORDS[fingers]}
        onChoose={(fingers) => onChange({ ...asks, fingers })}
      />
    </>
  );
}

interface DoubleStopFieldsProps extends AsksProps {
  readonly asks: Extract<DrillFamily, { family: 'double-stops' }>;
}

function DoubleStopFields({ asks, place, onChange }: DoubleStopFieldsProps) {
  const { kind } = place.instrument;
  return (
    <>
      <One
        label="Interval"
        value={asks.interval}
        among={DOUBLE_STOP_INTERVALS}
        nameOf={(interval) => interval.replace('-', ' ')}
        onChoose={(interval) => onChange({ ...asks, interval })}
      />
      <One
        label="Played"
        value={asks.built}
        among={DOUBLE_STOP_WAYS}
        nameOf={(built) => BUILT_WORDS[built]}
        onChoose={(built) => onChange({ ...asks, built })}
      />
      {(kind === 'cello' || kind === 'bass') && (
        <One
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
  const fingers = fingersSet(place);
  return (
    <>
      <One
        label="From finger"
        value={shift.fromFinger}
        among={fingers}
        nameOf={(finger) => finger}
        onChoose={(fromFinger) => onChange({ ...shift, fromFinger })}
      />
      <One
        label="To finger"
        value={shift.toFinger}
        among={fingers}
        nameOf={(finger) => finger}
        onChoose={(toFinger) => onChange({ ...shift, toFinger })}
      />
      <One
        label="Way"
        value={shift.way}
        among={['up', 'down'] as const}
        nameOf={(way) => way}
        onChoose={(way) => onChange({ ...shift, way })}
      />
      <One
        label={shift.distance.by === 'positions' ? 'Positions' : 'Semitones'}
        value={shift.distance.steps}
        among={STEPS.some((each) => each === shift.distance.steps) ? STEPS : [...STEPS, shift.distance.steps]}
        nameOf={String}
        onChoose={(steps) => onChange({ ...shift, distance: { ...shift.distance, steps } })}
      />
      <One
        label="On"
        value={shift.toString}
        among={place.instrument.strings.map(({ name }) => name)}
        nameOf={(name) => `${noteLabel(name)} string`}
        onChoose={(name) => onChange({ ...shift, fromString: name, toString: name })}
      />
    </>
  );
}

interface OneProps<Value extends string | number> {
  readonly label: string;
  readonly value: Value;
  readonly among: readonly Value[];
  readonly nameOf: (value: Value) => string;
  readonly onChoose: (value: Value) => void;
}

/** One of several, under its name. */
export function One<Value extends string | number>({ label, value, among, nameOf, onChoose }: OneProps<Value>) {
  return (
    <label className="grid gap-0.5 text-[14px]">
      <span className="text-dove-dark">{label}</span>
      <SelectField
        aria-label={label}
        value={String(value)}
        options={among.map((each) => ({ value: String(each), name: nameOf(each) }))}
        onChange={(event) => {
          const chosen = among.find((each) => String(each) === event.target.value);
          if (chosen !== undefined) onChoose(chosen);
        }}
      />
    </label>
  );
}
