import { Minus, Plus, Volume2 } from '../../ui/icons.ts';
import { type ReactNode, useMemo } from 'react';
import { type Instrument, stringOf } from '#core/instrument';
import { beatsHz, centsOfRatio, openStringHz, type Ratio, type TuningStep } from '#core/intonation';
import { noteLabel } from '#core/pitch';
import { type Heard, listen as listenTo, playSamples } from '../../audio/index.ts';
import { Button } from '../../ui/Button.tsx';
import { TextField } from '../../ui/fields/index.ts';
import { stringBeatsDerivation, tunedDerivation } from '../../words/explain/tuning-derivations.ts';
import { deviationText, harmonicsText, IN_TUNE_CENTS, stepText } from '../../words/intonation/tuner.ts';
import { BeatCurve } from './BeatCurve.tsx';
import { Meter } from './Meter.tsx';
import { heardPart, pairSound, SAMPLE_RATE, simulatedHz, stringSound } from './simulated.ts';

interface TuningStepPanelProps {
  readonly instrument: Instrument;
  readonly step: TuningStep;
  /** The errors of the strings of the simulated instrument, cents. */
  readonly errors: readonly number[];
  readonly onErrors: (errors: readonly number[]) => void;
  /** The sound that the microphone hears; null for the simulated instrument. */
  readonly heard: Heard | null;
  /** Goes on to the next string; null for the last. */
  readonly onNext: (() => void) | null;
}

/** Shows one string: what to do, how far it is, and how it beats with the string it is tuned against. */
export function TuningStepPanel({ instrument, step, errors, onErrors, heard, onNext }: TuningStepPanelProps) {
  const name = noteLabel(stringOf(instrument, step.stringIndex).name);
  const ownHz = simulatedHz(instrument, errors, step.stringIndex);
  const simulated = useMemo(() => listenTo(heardPart(ownHz), SAMPLE_RATE), [ownHz]);
  const now = heard ?? simulated;
  const byHarmonics = harmonicsText(instrument, step);
  const setError = (cents: number): void =>
    onErrors(errors.map((error, index) => (index === step.stringIndex ? Math.max(-100, Math.min(100, cents)) : error)));
  return (
    <section aria-label={`String ${name}`}>
      <div className="flex flex-wrap items-center gap-x-8">
        <h2 className="text-[clamp(72px,11vw,150px)] leading-none font-semibold">{name}</h2>
        <div className="min-w-60 flex-1 text-[17px]">
          <p>{stepText(instrument, step)}</p>
          {byHarmonics !== null && <p className="mt-1">{byHarmonics}</p>}
        </div>
      </div>
      <div className="mt-2">
        <Meter
          how={tunedDerivation(instrument, step)}
          heard={now}
          targetHz={step.targetHz}
          otherString={nearerString(instrument, step, now)}
        />
      </div>
      <p className="mt-2 flex flex-wrap gap-2">
        <HearButton onClick={() => playSamples(stringSound(step.targetHz), SAMPLE_RATE)}>the right {name}</HearButton>
        {heard === null && <HearButton onClick={() => playSamples(stringSound(ownHz), SAMPLE_RATE)}>the string as it is</HearButton>}
      </p>
      {heard === null && (
        <>
          <Peg name={name} error={errors[step.stringIndex] ?? 0} onError={setError} />
          <Against instrument={instrument} step={step} ownHz={ownHz} errors={errors} />
        </>
      )}
      {onNext && (
        <p className="mt-4">
          <Button onClick={onNext}>Next string</Button>
        </p>
      )}
    </section>
  );
}

function HearButton({ onClick, children }: { readonly onClick: () => void; readonly children: ReactNode }) {
  return (
    <Button onClick={onClick}>
      <Volume2 size={15} aria-hidden="true" /> Hear {children}
    </Button>
  );
}

interface PegProps {
  readonly name: string;
  readonly error: number;
  readonly onError: (cents: number) => void;
}

/** Turns the string of the simulated instrument: chooses its error, or corrects it. */
function Peg({ name, error, onError }: PegProps) {
  return (
    <p className="mt-3 flex flex-wrap items-center gap-2">
      <span>Peg of the simulated {name} string:</span>
      <Button onClick={() => onError(error - 5)}>
        <Minus size={14} aria-hidden="true" /> Lower
      </Button>
      <Button onClick={() => onError(error + 5)}>
        <Plus size={14} aria-hidden="true" /> Higher
      </Button>
      <label>
        out by{' '}
        <TextField
          type="number"
          className="w-20"
          aria-label={`Error of the ${name} string, cents`}
          min={-100}
          max={100}
          value={error}
          onChange={(event) => event.target.value !== '' && onError(Number(event.target.value))}
        />{' '}
        cents
      </label>
    </p>
  );
}

interface AgainstProps {
  readonly instrument: Instrument;
  readonly step: TuningStep;
  readonly ownHz: number;
  readonly errors: readonly number[];
}

/** Plays the string together with the one it is tuned against, and shows the beats. */
function Against({ instrument, step, ownHz, errors }: AgainstProps) {
  const { against, ratio, harmonics, beatsWhenRight } = step;
  const againstHz = against === null ? 0 : simulatedHz(instrument, errors, against);
  const sound = useMemo(() => pairSound(ownHz, againstHz, null), [ownHz, againstHz]);
  if (against === null || ratio === null) return null;
  const other = noteLabel(stringOf(instrument, against).name);
  const otherError = errors[against] ?? 0;
  return (
    <>
      {Math.abs(otherError) > IN_TUNE_CENTS && (
        <p className="mt-3 text-ochre">
          {other} itself is still {deviationText(otherError)}: tune it first.
        </p>
      )}
      <BeatCurve
        sound={sound}
        sharedHz={sharedHz(instrument, step, ratio)}
        how={stringBeatsDerivation(ratio, ownHz, againstHz)}
        beats={beatsHz(ratio, ownHz, againstHz)}
        beatsWhenRight={beatsWhenRight}
      />
      <p className="mt-2 flex flex-wrap gap-2">
        <HearButton onClick={() => playSamples(sound, SAMPLE_RATE)}>it with {other}</HearButton>
        {harmonics && (
          <HearButton onClick={() => playSamples(pairSound(ownHz, againstHz, harmonics), SAMPLE_RATE)}>both harmonics</HearButton>
        )}
      </p>
    </>
  );
}

/** Gives the frequency at which the partials should coincide: the q-th of the higher string is the p-th of the lower. */
function sharedHz(instrument: Instrument, { stringIndex, against }: TuningStep, { p, q }: Ratio): number {
  const own = openStringHz(instrument, stringOf(instrument, stringIndex));
  const other = openStringHz(instrument, stringOf(instrument, against ?? stringIndex));
  return (q * Math.max(own, other) + p * Math.min(own, other)) / 2;
}

/** Finds the open string nearest to the sound, when that is another. */
function nearerString(instrument: Instrument, step: TuningStep, heard: Heard): string | null {
  if (heard.kind !== 'pitch') return null;
  const away = (hz: number): number => Math.abs(centsOfRatio({ p: heard.hz, q: hz }));
  const nearest = instrument.strings.toSorted(
    (one, other) => away(openStringHz(instrument, one)) - away(openStringHz(instrument, other)),
  )[0];
  return nearest && nearest.number !== stringOf(instrument, step.stringIndex).number ? noteLabel(nearest.name) : null;
}
