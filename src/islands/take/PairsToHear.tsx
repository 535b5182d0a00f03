import { useMemo, useState } from 'react';
import { dueNotes, type Sound } from '#core/listening';
import { type PairOfLine, pairsOfLine } from '#core/listening/report';
import { type Flaw, FLAWS } from '#core/listening/simulated';
import type { Plan } from '#core/plan/describe';
import { playSamples, soundOfPair } from '../../audio/index.ts';
import { useLogPages } from '../../state/practice/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, OptionChoice } from '../../ui/fields/index.ts';
import { Volume2 } from '../../ui/icons.ts';
import { FLAW_LABELS, PAIR_LABELS, PAIRS, pairVerdict } from '../../words/intonation/pairs.ts';
import { noteAtText, tellNotesOfPlan } from '../../words/line/note-places.ts';

interface PairsToHearProps {
  readonly plan: Plan;
  readonly playerId: string | null;
}

/** Lets a shift, an octave or a change of string of the line be heard right and wrong; says so where the line has none. */
export function PairsToHear({ plan, playerId }: PairsToHearProps) {
  const pairs = useMemo(() => pairsOfLine(plan.brief.instrument.kind, dueNotes(plan)), [plan]);
  const [note, setNote] = useState<string | null>(null);
  const [first] = pairs.toSorted((one, other) => Number(one.pair === 'crossing') - Number(other.pair === 'crossing'));
  const pair = pairs.find((one) => String(one.note) === note) ?? first;
  if (!pair) return <p className="text-dove-dark">{PAIRS.none}</p>;
  const tell = tellNotesOfPlan(plan);
  const options = pairs.map((one) => ({
    value: String(one.note),
    name: `${PAIR_LABELS[one.pair]} ${noteAtText(tell(one.note), one.note)}`,
  }));
  return (
    <>
      <p className="font-serif text-[17px]">
        Of this line: <OptionChoice label={PAIRS.choose} value={String(pair.note)} options={options} onChange={setNote} />.
      </p>
      <OnePair key={pair.note} pair={pair} name={plan.brief.player?.name ?? ''} playerId={playerId} />
      <p className="text-sm text-dove-dark">{PAIRS.note}</p>
    </>
  );
}

/** A question: the two sounds in their order, and what is wrong with one of them. */
interface AskedPair {
  readonly wrongFirst: boolean;
  readonly flaw: Flaw;
  /** The answer to the first part: whether the first is said to be wrong; null until it is given. */
  readonly saidFirst: boolean | null;
}

/** The silence between the two sounds, seconds. */
const BETWEEN = 0.5;

function OnePair({ pair, name, playerId }: { readonly pair: PairOfLine; readonly name: string; readonly playerId: string | null }) {
  const flaws: readonly Flaw[] = FLAWS[pair.pair];
  const [flaw, setFlaw] = useState<Flaw>(flaws[0] ?? 'short');
  const [asked, setAsked] = useState<AskedPair | null>(null);
  const [verdict, setVerdict] = useState('');
  const log = useLogPages({ playerId, name });
  const hear = async (one: Flaw | null): Promise<void> => playSound(await soundOfPair(pair, one, 1));
  const hearBoth = async ({ wrongFirst, flaw: wrong }: AskedPair): Promise<void> => {
    const sounds = await Promise.all([soundOfPair(pair, wrongFirst ? wrong : null, 1), soundOfPair(pair, wrongFirst ? null : wrong, 2)]);
    playSound(oneAfterTheOther(sounds));
  };
  const ask = (): void => {
    const next = { wrongFirst: Math.random() < 0.5, flaw: flaws[Math.floor(Math.random() * flaws.length)] ?? flaw, saidFirst: null };
    setAsked(next);
    setVerdict('');
    void hearBoth(next);
  };
  const answer = (one: Flaw): void => {
    if (asked === null) return;
    const right = asked.saidFirst === asked.wrongFirst && one === asked.flaw;
    setVerdict(pairVerdict(right, asked.wrongFirst, asked.flaw));
    setAsked(null);
    void log.add({
      kind: 'answer',
      question: `pair ${pair.pair}`,
      given: [asked.saidFirst === true ? 'first' : 'second', one],
      right,
      seconds: null,
    });
  };
  return (
    <div className="mt-1 space-y-2">
      <div className="flex flex-wrap items-center gap-2">
        <Button onClick={() => void hear(null)}>
          <Volume2 size={15} aria-hidden="true" /> {PAIRS.right}
        </Button>
        <Button onClick={() => void hear(flaw)}>
          <Volume2 size={15} aria-hidden="true" /> {PAIRS.wrong}
        </Button>
        <Choice label={PAIRS.flaw} value={flaw} values={flaws} name={(value) => FLAW_LABELS[value]} onChange={setFlaw} />
        <Button onClick={() => (asked === null ? ask() : void hearBoth(asked))}>{asked === null ? PAIRS.ask : PAIRS.again}</Button>
      </div>
      {asked !== null && <AskedOfPair asked={asked} flaws={flaws} onSay={setAsked} onAnswer={answer} />}
      <p role="status" aria-label={PAIRS.title} className="min-h-6">
        {verdict}
      </p>
    </div>
  );
}

interface AskedOfPairProps {
  readonly asked: AskedPair;
  readonly flaws: readonly Flaw[];
  readonly onSay: (asked: AskedPair) => void;
  readonly onAnswer: (flaw: Flaw) => void;
}

/** Asks which of the two was wrong, and then what was wrong with it. */
function AskedOfPair({ asked, flaws, onSay, onAnswer }: AskedOfPairProps) {
  return (
    <div role="group" aria-label={PAIRS.ask} className="flex flex-wrap items-center gap-2">
      {asked.saidFirst === null ? PAIRS.which : PAIRS.what}
      {asked.saidFirst === null
        ? [true, false].map((isFirst) => (
            <Button key={String(isFirst)} onClick={() => onSay({ ...asked, saidFirst: isFirst })}>
              {isFirst ? PAIRS.first : PAIRS.second}
            </Button>
          ))
        : flaws.map((one) => (
            <Button key={one} onClick={() => onAnswer(one)}>
              {FLAW_LABELS[one]}
            </Button>
          ))}
    </div>
  );
}

function playSound({ samples, sampleRate }: Sound): void {
  playSamples(Float32Array.from(samples), sampleRate);
}

/** Puts two sounds one after the other. */
function oneAfterTheOther([one, other]: readonly [Sound, Sound]): Sound {
  const from = one.samples.length + Math.round(BETWEEN * one.sampleRate);
  const samples = new Float32Array(from + other.samples.length);
  samples.set(one.samples);
  samples.set(other.samples, from);
  return { samples, sampleRate: one.sampleRate };
}
