import { useQueryState } from 'nuqs';
import { lazy, useMemo, useState } from 'react';
import { guardIsland, Notice, Part } from '../../ui/states/index.ts';
import { defaultSize, type Instrument, INSTRUMENT_KINDS } from '#core/instrument';
import { tuningSteps } from '#core/intonation';
import { noteLabel } from '#core/pitch';
import type { InstrumentRecord, Logged, PlayerRecord } from '../../records/record.ts';
import { EMPTY_STUDIO } from '../../records/studio.ts';
import { storedOr, STUDIO, useStored } from '../../state/reading/index.ts';
import { useTaught } from '../../state/taught.ts';
import { Choice } from '../../ui/fields/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { ButtonLink } from '../../ui/Button.tsx';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { INSTRUMENT_LABELS } from '../../words/studio/instruments.ts';
import { NO_MICROPHONE, OR_SIMULATED } from '../../words/intonation/tuner.ts';
import { Addressed, PageShell } from '../frame/index.ts';
import { instrumentLike, NumberOrigins } from '../parts/index.ts';
import { KeepTuning } from './KeepTuning.tsx';
import { FIRST_ERRORS } from './simulated.ts';
import { Together } from './Together.tsx';
import { useHeardStrings } from './use-heard-strings.ts';

const TuningStepPanel = lazy(async () => ({ default: (await import('./TuningStepPanel.tsx')).TuningStepPanel }));

const SOURCES = ['simulated', 'microphone'] as const;
type Source = (typeof SOURCES)[number];

const SOURCE_LABELS: Readonly<Record<Source, string>> = {
  simulated: 'a simulated instrument',
  microphone: 'the microphone',
};

/** Tunes the open strings, in the order and the way of players. */
export const Tuner = guardIsland(GuardedTuner);

function GuardedTuner() {
  return (
    <Addressed>
      <TunerPage />
    </Addressed>
  );
}

function TunerPage() {
  // Tuning goes on without the studio where the browser’s storage does not open.
  const kept = storedOr(useStored(STUDIO), EMPTY_STUDIO);
  const studio = kept?.instruments ?? null;
  const player = useTaught(kept?.players ?? []);
  const [chosen, setChosen] = useQueryState('instrument');
  const [source, setSource] = useState<Source>('simulated');
  if (studio === null) return <PageShell current="Tuner" title="Tuner" titled="hidden" />;
  const wanted = chosen ?? player?.instrumentId;
  const record = studio.find((own) => own.id === wanted);
  const id = record?.id ?? INSTRUMENT_KINDS.find((kind) => kind === wanted) ?? studio[0]?.id ?? INSTRUMENT_KINDS[0];
  const instrument = instrumentNamed(id, studio);
  return (
    <PageShell current="Tuner" title="Tuner" titled="hidden">
      <p className="font-serif text-[19px] leading-[1.75]">
        Tune{' '}
        <Choice
          label="Instrument to tune"
          value={id}
          values={[...studio.map((own) => own.id), ...INSTRUMENT_KINDS]}
          name={(value) => nameOf(value, studio)}
          onChange={(next) => void setChosen(next)}
        />{' '}
        to A = {instrument.a4Hz} Hz, listening to{' '}
        <Choice label="Listen to" value={source} values={SOURCES} name={(value) => SOURCE_LABELS[value]} onChange={setSource} />.
      </p>
      <Part>
        <Strings key={id} instrument={instrument} source={source} whose={ownerOfLog(player)} />
        <NextSteps>
          <ButtonLink href="/">Play the last piece</ButtonLink>
          <ButtonLink href={record ? `/setup?instrument=${record.id}` : '/setup'}>Measure the instrument</ButtonLink>
          <ButtonLink href={`/tapes?instrument=${tapeAddress(id)}`}>Print tapes</ButtonLink>
        </NextSteps>
        <OpenedSection title="How this is calculated">{() => <NumberOrigins />}</OpenedSection>
      </Part>
    </PageShell>
  );
}

/** Gives the owner of the log in which a tuning is kept. */
function ownerOfLog(player: PlayerRecord | null): Logged {
  return player ? { playerId: player.id, name: player.document.name } : { playerId: null, name: '' };
}

/** Gives the address of the tapes for an instrument of the studio, or for a kind of instrument in its usual size. */
function tapeAddress(id: string): string {
  const kind = INSTRUMENT_KINDS.find((kind) => kind === id);
  return kind === undefined ? id : encodeURIComponent(`${kind} ${defaultSize(kind)}`);
}

function nameOf(id: string, studio: readonly InstrumentRecord[]): string {
  const record = studio.find((own) => own.id === id);
  const kind = INSTRUMENT_KINDS.find((kind) => kind === id);
  return record ? record.document.name || 'an unnamed instrument' : `any ${INSTRUMENT_LABELS[kind ?? 'violin']}`;
}

function instrumentNamed(id: string, studio: readonly InstrumentRecord[]): Instrument {
  const kind = INSTRUMENT_KINDS.find((kind) => kind === id) ?? 'violin';
  const spec = studio.find((own) => own.id === id)?.document.instrument ?? { kind };
  return instrumentLike(spec);
}

interface StringsProps {
  readonly instrument: Instrument;
  readonly source: Source;
  /** The player in whose record a tuning is kept. */
  readonly whose: Logged;
}

function Strings({ instrument, source, whose }: StringsProps) {
  const steps = useMemo(() => tuningSteps(instrument), [instrument]);
  const [order, setOrder] = useState(0);
  const [errors, setErrors] = useState<readonly number[]>(FIRST_ERRORS);
  const step = steps[order];
  const { pair, listening, tuned } = useHeardStrings(instrument, step, source === 'microphone');
  return (
    <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-4 md:grid-cols-[220px_minmax(0,1fr)]">
      <nav aria-label="Strings in the order of tuning">
        <Heading>In this order</Heading>
        <ol className="mt-1">
          {steps.map(({ stringIndex, against }, index) => (
            <li key={stringIndex}>
              <button
                type="button"
                aria-current={index === order ? 'step' : undefined}
                className={`block w-full border-l-2 px-3 py-1.5 text-left text-[18px] ${index === order ? 'border-ink bg-paper-deep' : 'border-line hover:bg-paper-deep'}`}
                onClick={() => setOrder(index)}
              >
                {index + 1}. {noteLabel(instrument.strings[stringIndex]?.name ?? '')}{' '}
                <span className="text-dove-dark">
                  {against === null ? 'by the reference' : `with ${noteLabel(instrument.strings[against]?.name ?? '')}`}
                </span>
              </button>
            </li>
          ))}
        </ol>
      </nav>
      {listening?.state === 'none' ? (
        <Notice role="alert" className="h-fit" trouble>
          {NO_MICROPHONE[listening.why]} {OR_SIMULATED}
        </Notice>
      ) : (
        step && (
          <div>
            <TuningStepPanel
              instrument={instrument}
              step={step}
              errors={errors}
              onErrors={setErrors}
              heard={listening === null ? null : listening.state === 'open' ? listening.heard : { kind: 'silent' }}
              onNext={order + 1 < steps.length ? () => setOrder(order + 1) : null}
            />
            <Together instrument={instrument} step={step} pair={pair} listening={listening} />
            <KeepTuning instrument={instrument} tuned={tuned} whose={whose} />
          </div>
        )
      )}
    </div>
  );
}
