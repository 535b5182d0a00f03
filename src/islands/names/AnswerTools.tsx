import type { Finger } from '#core/hand/placement';
import type { Instrument } from '#core/instrument';
import { noteLabel } from '#core/pitch';
import { ACROSS, INTERVALS_OFFERED, placeNamed, type QuizQuestion, typedName } from '#core/quiz';
import { Button } from '../../ui/Button.tsx';
import { TextField } from '../../ui/fields/index.ts';
import { answerText, NONE_TOUCHES } from '../../words/names/quiz.ts';
import { NameKeys, TAP } from './NameKeys.tsx';

interface AnswerToolsProps {
  readonly question: QuizQuestion;
  readonly instrument: Instrument;
  /** The fingers that are used anywhere in this position. */
  readonly fingers: readonly Finger[];
  /** The answer chosen so far; null for none yet. */
  readonly given: readonly string[] | null;
  readonly disabled: boolean;
  readonly onGive: (given: readonly string[]) => void;
  /** Receives the choice of one from several, which counts at once. */
  readonly onChoose: (given: readonly string[]) => void;
}

/** Shows the buttons or the field for an answer, by the kind of question. */
export function AnswerTools(props: AnswerToolsProps) {
  const { question, given, disabled, onGive, onChoose } = props;
  const options = optionsOf(question);
  if (options !== null) return <Options kind={question.kind} values={options} given={given} disabled={disabled} onChoose={onChoose} />;
  if (question.kind === 'note-to-place') return <Places {...props} />;
  if (question.kind === 'touch') return <Touching {...props} fingers={question.fingers} />;
  return (
    <>
      <TypedName disabled={disabled} onGive={onGive} />
      <NameKeys name={given?.[0] ?? null} disabled={disabled} onName={(name) => onGive([name])} />
    </>
  );
}

function TypedName({ disabled, onGive }: Pick<AnswerToolsProps, 'disabled' | 'onGive'>) {
  return (
    <TextField
      aria-label="Name of the note"
      placeholder="type it: bb, f#"
      className="mt-3 w-40 text-[18px]"
      autoFocus
      autoComplete="off"
      disabled={disabled}
      onChange={(event) => {
        const name = typedName(event.target.value);
        onGive(name === null ? [] : [name]);
      }}
    />
  );
}

/** Shows strings and fingers as a small board of buttons, string I on top; they can be typed as string and finger, 0 for open: "A2 D0". */
function Places({ instrument, fingers, given, disabled, onGive }: AnswerToolsProps) {
  const chosen = given ?? [];
  const toggle = (place: string): void => onGive(chosen.includes(place) ? chosen.filter((other) => other !== place) : [...chosen, place]);
  return (
    <>
      <TextField
        aria-label="Strings and fingers"
        placeholder="type them: A2 D0"
        className="mt-3 w-48 text-[18px]"
        autoFocus
        autoComplete="off"
        disabled={disabled}
        onChange={(event) => onGive(typedPlaces(event.target.value, instrument))}
      />
      <div className="mt-2 grid w-fit gap-1.5">
        {instrument.strings.map(({ name: open }) => (
          <div key={open} role="group" aria-label={`${noteLabel(open)} string`} className="flex items-center gap-1.5">
            <span className="w-8 text-[17px]">{noteLabel(open)}</span>
            {fingers.map((finger) => {
              const place = placeNamed({ open, finger });
              return (
                <Button
                  key={finger}
                  className={TAP}
                  aria-pressed={chosen.includes(place)}
                  disabled={disabled}
                  onClick={() => toggle(place)}
                >
                  {finger}
                </Button>
              );
            })}
          </div>
        ))}
      </div>
    </>
  );
}

/** Reads places as they are typed: "A2 D0", "a 2"; each string by its letter, the highest of that name. */
function typedPlaces(text: string, { strings }: Instrument): readonly string[] {
  const places = [...text.matchAll(/([a-g][b#♭♯]?)\s*([0-4t])/giu)].flatMap(([, letter = '', finger = '']) => {
    const name = typedName(letter);
    const string = strings.find((string) => name !== null && string.name.replace(/[0-9]$/, '') === name);
    return string ? [`${string.name} ${finger.toUpperCase()}`] : [];
  });
  return [...new Set(places)];
}

/** Chooses neighbouring fingers, each pair touching or not; none is an answer too. */
function Touching({ fingers, given, disabled, onGive }: AnswerToolsProps) {
  const pairs = fingers.slice(1).map((finger, order) => `${fingers[order] ?? ''} ${finger}`);
  const chosen = given ?? [];
  const toggle = (pair: string): void => onGive(chosen.includes(pair) ? chosen.filter((other) => other !== pair) : [...chosen, pair]);
  return (
    <div role="group" aria-label="Fingers that touch" className="mt-3 flex flex-wrap gap-1.5">
      {pairs.map((pair) => (
        <Button key={pair} className={TAP} aria-pressed={chosen.includes(pair)} disabled={disabled} onClick={() => toggle(pair)}>
          {answerText('touch', [pair])}
        </Button>
      ))}
      <Button className={TAP} aria-pressed={given !== null && given.length === 0} disabled={disabled} onClick={() => onGive([])}>
        {NONE_TOUCHES}
      </Button>
    </div>
  );
}

interface OptionsProps extends Pick<AnswerToolsProps, 'given' | 'disabled' | 'onChoose'> {
  readonly kind: QuizQuestion['kind'];
  readonly values: readonly string[];
}

/** Chooses one of several, which is the answer. */
function Options({ kind, values, given, disabled, onChoose }: OptionsProps) {
  return (
    <div role="group" aria-label="Answers" className="mt-3 flex flex-wrap gap-1.5">
      {values.map((value, order) => (
        <Button
          key={value}
          className={TAP}
          aria-pressed={given?.includes(value) ?? false}
          aria-keyshortcuts={order < 9 ? String(order + 1) : undefined}
          disabled={disabled}
          onClick={() => onChoose([value])}
        >
          {answerText(kind, [value])}
        </Button>
      ))}
    </div>
  );
}

/** Lists the options, in the order of the keys 1 to 9; null where the answer is typed or put together. */
export function optionsOf({ kind }: QuizQuestion): readonly string[] | null {
  return OPTIONS[kind];
}

/** The options of each kind of question; null where the answer is typed or put together. */
const OPTIONS: Readonly<Record<QuizQuestion['kind'], readonly string[] | null>> = {
  across: ACROSS,
  'letter-finger': ['1', '2', '3', '4'],
  'shift-interval': INTERVALS_OFFERED,
  'key-interval': INTERVALS_OFFERED,
  'shift-target': ['yes', 'no'],
  'place-to-note': null,
  'note-to-place': null,
  'first-finger': null,
  touch: null,
  'other-name': null,
};
