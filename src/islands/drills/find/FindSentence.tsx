import { KEYS_OFFERED } from '#core/brief/edits';
import { fingersOf } from '#core/drill';
import { DRILL_AIMS, type DrillQuery } from '#core/drill/finder';
import { keyLabel } from '#core/key';
import { noteLabel } from '#core/pitch';
import { OptionChoice } from '../../../ui/fields/index.ts';
import { AIM_WORDS, positionText } from '../../../words/drills/families.ts';
import { positionsFor, type WrittenFor } from '../first-request.ts';

interface FindSentenceProps {
  readonly query: DrillQuery;
  /** The key of the piece, documents' form. */
  readonly musicKey: string;
  readonly place: WrittenFor;
  readonly onChange: (query: DrillQuery) => void;
}

/** Asks for drills in a sentence. */
export function FindSentence(props: FindSentenceProps) {
  const { query, musicKey, onChange } = props;
  // A piece may be in a key that is not offered.
  const keys = KEYS_OFFERED.includes(musicKey) ? KEYS_OFFERED : [musicKey, ...KEYS_OFFERED];
  return (
    <search aria-label="Find a drill" className="mt-2 block font-serif text-[19px] leading-[1.75]">
      Find drills for{' '}
      <OneOrAny
        label="For"
        value={query.aim}
        among={DRILL_AIMS}
        nameOf={(aim) => AIM_WORDS[aim]}
        any="any aim"
        onChoose={(aim) => onChange({ ...query, aim })}
      />{' '}
      in{' '}
      <OptionChoice
        label="Key"
        value={query.key ?? musicKey}
        options={keys.map((key) => ({ value: key, name: keyLabel(key) }))}
        onChange={(key) => onChange({ ...query, key })}
      />
      , <OfShift {...props} /> <OfPlace {...props} />.
    </search>
  );
}

/** Chooses the fingers of a shift, its direction and its distance. */
function OfShift({ query, place, onChange }: FindSentenceProps) {
  const fingers = fingersOf(place.hand);
  return (
    <>
      from{' '}
      <OneOrAny
        label="From finger"
        value={query.fromFinger}
        among={fingers}
        nameOf={String}
        any="any finger"
        onChoose={(fromFinger) => onChange({ ...query, fromFinger })}
      />{' '}
      to{' '}
      <OneOrAny
        label="To finger"
        value={query.toFinger}
        among={fingers}
        nameOf={String}
        any="any finger"
        onChoose={(toFinger) => onChange({ ...query, toFinger })}
      />
      ,{' '}
      <OneOrAny
        label="Direction"
        value={query.way}
        among={['up', 'down'] as const}
        nameOf={String}
        any="up or down"
        onChoose={(way) => onChange({ ...query, way })}
      />
      ,{' '}
      <OneOrAny
        label="Positions apart"
        value={query.steps}
        among={[1, 2, 3, 4] as const}
        nameOf={(steps) => (steps === 1 ? '1 position' : `${steps} positions`)}
        any="any distance"
        onChoose={(steps) => onChange({ ...query, steps })}
      />
    </>
  );
}

/** Chooses the string and the position. */
function OfPlace({ query, place, onChange }: FindSentenceProps) {
  return (
    <>
      on{' '}
      <OneOrAny
        label="String"
        value={query.string}
        among={place.instrument.strings.map(({ name }) => name)}
        nameOf={(name) => `the ${noteLabel(name)} string`}
        any="any string"
        onChoose={(string) => onChange({ ...query, string })}
      />{' '}
      in{' '}
      <OneOrAny
        label="Position"
        value={query.position}
        among={positionsFor(place)}
        nameOf={positionText}
        any="any position"
        onChoose={(position) => onChange({ ...query, position })}
      />
    </>
  );
}

const ANY = 'any';

interface OneOrAnyProps<Value extends string | number> {
  readonly label: string;
  readonly value: Value | null | undefined;
  readonly among: readonly Value[];
  readonly nameOf: (value: Value) => string;
  /** The words for no choice. */
  readonly any: string;
  readonly onChoose: (value: Value | null) => void;
}

function OneOrAny<Value extends string | number>({ label, value, among, nameOf, any, onChoose }: OneOrAnyProps<Value>) {
  return (
    <OptionChoice
      label={label}
      value={String(value ?? ANY)}
      options={[{ value: ANY, name: any }, ...among.map((one) => ({ value: String(one), name: nameOf(one) }))]}
      onChange={(known) => onChoose(among.find((one) => String(one) === known) ?? null)}
    />
  );
}
