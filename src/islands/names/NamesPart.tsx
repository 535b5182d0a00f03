import { parseAsBoolean, parseAsStringLiteral, useQueryStates } from 'nuqs';
import { type FormEvent, useMemo, useState } from 'react';
import type { PositionMap } from '#core/atlas';
import type { Brief } from '#core/brief';
import { formatPitch, noteLabel, parsePitch, semitonesOf } from '#core/pitch';
import { parseKey } from '#core/key';
import { checkAnswer, NAME_WAYS, type NameAsked, nameOf, namesInOrder, typedName } from '#core/quiz';
import { useEngine } from '../../engine/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, TextField } from '../../ui/fields/index.ts';
import { Answered } from '../../ui/states/index.ts';
import { ATLAS_WORDS } from '../../words/names/atlas.ts';
import { NAME_WAY_WORDS, namesDoneText, NAMES_FROM, NAMES_FROM_WORDS, QUIZ_WORDS } from '../../words/names/quiz.ts';
import { instrumentLike } from '../parts/index.ts';
import { LinePreview } from '../score/index.ts';
import { AnswerBoard } from './AnswerBoard.tsx';
import { NameKeys } from './NameKeys.tsx';
import { playTones, toneOf } from './tones.ts';
import type { Answers } from './use-answers.ts';
import { useSeconds } from './use-seconds.ts';

interface NamesPartProps {
  readonly brief: Brief;
  /** The key, documents' form. */
  readonly musicKey: string;
  readonly position: string;
  readonly answers: Answers;
  readonly clock: boolean;
}

const ADDRESS = {
  way: parseAsStringLiteral(NAME_WAYS).withDefault('up-down'),
  from: parseAsStringLiteral(NAMES_FROM).withDefault('place'),
  octave: parseAsBoolean.withDefault(false),
};

const SPANS = ['all that lies here', 'one octave from the tonic'] as const;

/** Asks for the names of a scale in a position, one after the other: up, down, or both. */
export function NamesPart({ brief, musicKey, position, answers, clock }: NamesPartProps) {
  const asked = useEngine(brief, { kind: 'atlas', key: musicKey });
  const [{ way, from, octave }, setAddress] = useQueryStates(ADDRESS);
  return (
    <>
      <p className="font-serif text-[19px] leading-[1.9]">
        Say the names of{' '}
        <Choice
          label="How much"
          value={octave ? SPANS[1] : SPANS[0]}
          values={SPANS}
          name={(span) => span}
          onChange={(span) => void setAddress({ octave: span === SPANS[1] })}
        />
        ,{' '}
        <Choice
          label="Way"
          value={way}
          values={NAME_WAYS}
          name={(value) => NAME_WAY_WORDS[value]}
          onChange={(next) => void setAddress({ way: next })}
        />
        ,{' '}
        <Choice
          label="From what"
          value={from}
          values={NAMES_FROM}
          name={(value) => NAMES_FROM_WORDS[value]}
          onChange={(next) => void setAddress({ from: next })}
        />
        .
      </p>
      <Answered asked={asked} waiting={ATLAS_WORDS.waiting}>
        {(maps) => {
          const map = maps.find((map) => map.position === position);
          if (!map) return <p>{QUIZ_WORDS.nothingToAsk}</p>;
          const names = namesOf(brief, musicKey, map, { way, octave });
          return <Run key={`${position} ${musicKey} ${way} ${from} ${octave}`} {...{ brief, names, answers, clock, from, musicKey }} />;
        }}
      </Answered>
    </>
  );
}

interface Span {
  readonly way: (typeof NAME_WAYS)[number];
  readonly octave: boolean;
}

function namesOf({ instrument }: Brief, key: string, map: PositionMap, { way, octave }: Span): readonly NameAsked[] {
  return namesInOrder({ kind: instrument.kind, key }, map, way, octave ? { from: key.split(' ')[0] ?? '' } : null);
}

interface RunProps extends Pick<NamesPartProps, 'brief' | 'answers' | 'clock' | 'musicKey'> {
  readonly names: readonly NameAsked[];
  readonly from: (typeof NAMES_FROM)[number];
}

/** The progress of a way through the names. */
interface Way {
  readonly done: number;
  /** The number of names said right at once. */
  readonly right: number;
  /** Whether the name that is asked was said wrong. */
  readonly missed: boolean;
  /** The time for the whole way, seconds; null before its end. */
  readonly took: number | null;
}

const BEGUN: Way = { done: 0, right: 0, missed: false, took: null };

function Run({ brief, names, answers, clock, from, musicKey }: RunProps) {
  const [way, setWay] = useState(BEGUN);
  const { done, right, missed, took } = way;
  const asked = names[done];
  const seconds = useSeconds(asked !== undefined);
  const say = (name: string): void => {
    if (!asked) return;
    const outcome = checkAnswer({ kind: 'place-to-note', answers: [asked.answer] }, [name]);
    if (!missed) answers.add({ question: asked.question, given: [name], right: outcome.right, seconds: null });
    if (!outcome.right) setWay({ ...way, missed: true });
    else setWay({ done: done + 1, right: right + (missed ? 0 : 1), missed: false, took: done + 1 === names.length ? seconds.now() : null });
  };
  const said = names.slice(0, done).map(({ answer }) => noteLabel(answer));
  return (
    <div className="mt-2">
      <div role="group" className="min-h-7 text-[18px]" aria-label="Names said">
        {said.join(' ')}
      </div>
      {asked ? (
        <>
          <p className="text-[14px] text-dove-dark">
            {done + 1} of {names.length}
            {clock && <span className="tabular-nums"> · {seconds.shown} s</span>}
          </p>
          <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-x-8 gap-y-3 lg:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]">
            <Say key={`${done} ${missed}`} asked={asked} missed={missed} onSay={say} />
            <Shown brief={brief} asked={asked} from={from} musicKey={musicKey} missed={missed} />
          </div>
        </>
      ) : (
        <div>
          <p className="font-serif text-[22px]">{namesDoneText(right, names.length, clock ? took : null)}</p>
          <Button className="mt-2" onClick={() => setWay(BEGUN)}>
            Once more
          </Button>
        </div>
      )}
    </div>
  );
}

interface SayProps {
  readonly asked: NameAsked;
  readonly missed: boolean;
  readonly onSay: (name: string) => void;
}

/** Takes a name, typed or tapped. */
function Say({ asked, missed, onSay }: SayProps) {
  const [typed, setTyped] = useState('');
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    const name = typedName(typed);
    if (name !== null) onSay(name);
  };
  return (
    <form onSubmit={submit} aria-label="Next name">
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <TextField
          aria-label="Name of the note"
          placeholder="type it: bb, f#"
          className="w-40 text-[18px]"
          autoFocus
          autoComplete="off"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <Button type="submit" className="min-h-11 px-4">
          Say it
        </Button>
        <p role="status" aria-label="Verdict" className="text-[18px] font-semibold">
          {missed && `It is ${noteLabel(asked.answer)}. Say it.`}
        </p>
      </div>
      <Tapped onSay={onSay} />
    </form>
  );
}

/** Takes a name that is tapped: the letter, then its sign; a button submits it. */
function Tapped({ onSay }: { readonly onSay: (name: string) => void }) {
  const [name, setName] = useState<string | null>(null);
  return (
    <div className="flex flex-wrap items-end gap-x-4">
      <NameKeys name={name} disabled={false} onName={setName} />
      {name !== null && (
        <Button className="min-h-11 px-4" onClick={() => onSay(name)}>
          {noteLabel(name)}
        </Button>
      )}
    </div>
  );
}

interface ShownProps extends Pick<RunProps, 'brief' | 'from' | 'musicKey'> {
  readonly asked: NameAsked;
  readonly missed: boolean;
}

/** Shows the note whose name is asked: on the staff, as the place on the board, or as a sound. */
function Shown({ brief, asked, from, musicKey, missed }: ShownProps) {
  const instrument = useMemo(() => instrumentLike(brief.instrument), [brief]);
  const { place } = asked;
  const written = useMemo(
    (): Brief => ({ ...brief, material: { kind: 'line', key: musicKey, notes: [{ pitches: [place.pitch], duration: '1/4' }] } }),
    [brief, musicKey, place.pitch],
  );
  switch (from) {
    case 'staff':
      return <LinePreview brief={written} />;
    case 'place':
      return (
        <AnswerBoard
          instrument={instrument}
          label={missed ? nameOf(place.written) : 'The fingerboard'}
          places={[place]}
          look={missed ? 'named' : 'asked'}
        />
      );
    case 'sound':
      return (
        <Button
          className="mt-2 min-h-11 px-4"
          onClick={() => void playTones([toneOf(tonicBelow(musicKey, place.pitch), instrument), toneOf(place.pitch, instrument)])}
        >
          Hear the tonic and the note
        </Button>
      );
  }
}

/** Finds the tonic nearest below a pitch, or that pitch itself. */
function tonicBelow(musicKey: string, pitch: string): string {
  const [key, note] = [parseKey(musicKey), parsePitch(pitch)];
  if (!key.ok || !note.ok) return pitch;
  const tonic = { ...key.value.tonic, octave: note.value.octave };
  return formatPitch(semitonesOf(tonic) <= semitonesOf(note.value) ? tonic : { ...tonic, octave: tonic.octave - 1 });
}
