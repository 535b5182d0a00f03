import { useState } from 'react';
import { checkedNote, instrumentOf, intonationOf, intonedStops, type IntonedStop, pairOf } from '#core/fit/intoned';
import { taughtContactMm } from '#core/fit';
import { CONTACT_SHARES, contactPointMm, mmPerTenCents, soundingLengthMm } from '#core/instrument/geometry';
import type { Instrument } from '#core/instrument';
import { beatsOff, type Check, otherOctave } from '#core/intonation/checks';
import { type Intonation, openStringHz } from '#core/intonation';
import { noteLabel, pitchLabel } from '#core/pitch';
import type { Plan, PlannedSound, Stop } from '#core/plan/describe';
import { Fact, FactList } from '../../../ui/FactList.tsx';
import { Figure } from '../../../ui/Figure.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { Select, SENTENCE_PART } from '../../../ui/fields/index.ts';
import {
  beatsDerivation,
  centsDerivation,
  contactDerivation,
  hzDerivation,
  ringDerivation,
  ringingDerivation,
  soundingDerivation,
  targetPlaceDerivation,
  tenCentsDerivation,
} from '../../../words/explain/derivations.ts';
import {
  centsText,
  checkAgainstTarget,
  checkText,
  conflictText,
  exactMmText,
  hzText,
  pairText,
  signedMmText,
  soundedText,
} from '../../../words/intonation/intonation.ts';
import { mmText } from '../../../words/plan-words.ts';
import { SystemChoice } from '../../parts/index.ts';

/** The errors for which the beats are told, cents. */
const ERRORS = [5, 10, 20] as const;

/** Shows the target of the selected note, its checks, and where the bow meets the string for it. */
export function InTune({ plan, note }: { readonly plan: Plan; readonly note: PlannedSound }) {
  const [errorCents, setErrorCents] = useState<number>(ERRORS[1]);
  const [chosenShare, setShare] = useState<number | null>(null);
  const instrument = instrumentOf(plan);
  const intonation = intonationOf(plan, note);
  const pair = pairOf(plan, note);
  const taught = plan.brief.school?.contactMm?.[plan.brief.instrument.kind] === undefined ? null : taughtContactMm(plan, note);
  return (
    <>
      <p className="mt-2">
        Aims at <SystemChoice intonation={intonation} />
      </p>
      {pair && <p className="mt-1 text-[15px] leading-snug">As a pair: {pairText(pair)}.</p>}
      {intonedStops(plan, note).map((stop) => (
        <section key={stop.stop.string} aria-label={`${pitchLabel(stop.stop.written)} in tune`}>
          {note.stops.length > 1 && (
            <Heading as="h3" className="mt-2">
              {pitchLabel(stop.stop.written)}
            </Heading>
          )}
          <Target intoned={stop} instrument={instrument} intonation={intonation} />
          {stop.stop.finger !== '0' && (
            <Checks intoned={stop} instrument={instrument} errorCents={errorCents} onErrorCents={setErrorCents} />
          )}
          <Bowing
            intoned={stop}
            lengthMm={instrument.stringLengthMm}
            share={chosenShare ?? shareOf(taught, instrument, stop)}
            onShare={setShare}
          />
        </section>
      ))}
    </>
  );
}

/** Gives the school's contact point as a share of the sounding length; the usual share where the school has none. */
function shareOf(taughtMm: number | null, { stringLengthMm }: Instrument, { stop }: IntonedStop): number {
  return taughtMm === null ? CONTACT_SHARES.usual : taughtMm / soundingLengthMm(stringLengthMm, stop.semitonesAboveOpen);
}

interface TargetProps {
  readonly intoned: IntonedStop;
  readonly instrument: Instrument;
  readonly intonation: Intonation;
}

function Target({ intoned: intonedStop, instrument, intonation }: TargetProps) {
  const { stop, target } = intonedStop;
  const { stringLengthMm, a4Hz } = instrument;
  const index = instrument.strings.findIndex((string) => string.number === stop.string);
  const string = instrument.strings[index];
  const stopped = stop.finger !== '0' && !stop.harmonic;
  return (
    <FactList className="mt-1">
      <Fact name="From equal">
        <Figure how={stopped ? centsDerivation(intonedStop, intonation) : ringingDerivation()}>{centsText(target.cents)}</Figure>
      </Fact>
      <Fact name="Sounds">
        <Figure how={hzDerivation(intonedStop, a4Hz)}>{hzText(target.hz)}</Figure>
      </Fact>
      {stopped && string && (
        <Fact name="Finger at">
          <Figure
            how={targetPlaceDerivation(intonedStop, stringLengthMm, openStringHz(instrument, string), instrument.pressingMm[index] ?? 0)}
          >
            {exactMmText(target.mmFromNut)}
          </Figure>
          {Math.abs(target.mmFromEqual) >= 0.05 && <>, {signedMmText(target.mmFromEqual)} from the equal place</>}
        </Fact>
      )}
      {stopped && (
        <Fact name="10 cents here">
          <Figure how={tenCentsDerivation(stop.semitonesAboveOpen, stringLengthMm)}>
            {mmText(mmPerTenCents(stringLengthMm, stop.semitonesAboveOpen))}
          </Figure>
        </Fact>
      )}
    </FactList>
  );
}

interface ChecksProps {
  readonly intoned: IntonedStop;
  readonly instrument: Instrument;
  readonly errorCents: number;
  readonly onErrorCents: (cents: number) => void;
}

function Checks({ intoned: intonedStop, instrument, errorCents, onErrorCents }: ChecksProps) {
  return (
    <>
      <Heading as="h3" className="mt-3">
        Checks
      </Heading>
      {intonedStop.ringsWith.length > 0 && (
        <p className="text-[15px] text-verdigris">
          Rings with open {intonedStop.ringsWith.map((number) => nameOfString(instrument, number)).join(' and ')},{' '}
          <Figure how={ringDerivation()}>{intonedStop.ring.toFixed(1)} times as strongly as an octave</Figure>.
        </p>
      )}
      {intonedStop.checks.length === 0 ? (
        <NoCheck instrument={instrument} stop={intonedStop.stop} />
      ) : (
        <ol className="mt-1 list-decimal pl-5 text-[15px] leading-snug">
          {intonedStop.checks.map((check) => (
            <li key={`${check.kind} ${check.string} ${check.ratio.p}`} className="mb-1">
              <CheckWords check={check} intoned={intonedStop} instrument={instrument} errorCents={errorCents} />
            </li>
          ))}
        </ol>
      )}
      {intonedStop.checks.some((check) => check.pureCents !== null) && (
        <label className="text-sm text-dove-dark">
          Beats for an error of{' '}
          <Select
            className={SENTENCE_PART}
            value={errorCents}
            options={ERRORS.map((cents) => ({ value: cents, name: `${cents} cents` }))}
            onChoose={onErrorCents}
          />
        </label>
      )}
      {intonedStop.conflicts.map((conflict) => (
        <p key={`${conflict.one.string} ${conflict.other.string}`} className="mt-1.5 text-[15px] leading-snug">
          {conflictText(conflict)}
        </p>
      ))}
    </>
  );
}

function nameOfString({ strings }: Instrument, number: string): string {
  return noteLabel(strings.find((string) => string.number === number)?.name ?? '');
}

function NoCheck({ instrument, stop }: { readonly instrument: Instrument; readonly stop: Stop }) {
  const substitute = otherOctave(instrument, checkedNote(instrument, stop).pitch);
  return (
    <p className="text-[15px] leading-snug">
      {substitute
        ? `No open string or harmonic answers this note: find ${checkText(substitute)} first, then this.`
        : 'No open string or harmonic answers this note: hear it from the notes beside it.'}
    </p>
  );
}

interface CheckWordsProps {
  readonly check: Check;
  readonly intoned: IntonedStop;
  readonly instrument: Instrument;
  readonly errorCents: number;
}

function CheckWords({ check, intoned: intonedStop, instrument, errorCents }: CheckWordsProps) {
  const beats = beatsOff(instrument, checkedNote(instrument, intonedStop.stop), check, errorCents);
  return (
    <>
      {checkText(check)}, {soundedText(check)}
      {beats !== null && check.sounded === 'together' && (
        <>
          : <Figure how={beatsDerivation(`${check.ratio.p} : ${check.ratio.q}`, errorCents)}>{beats.toFixed(1)} beats a second</Figure>
        </>
      )}
      {check.pureCents !== null && <span className="text-dove-dark"> ({checkAgainstTarget(check, intonedStop.target.cents)})</span>}
    </>
  );
}

interface BowingProps {
  readonly intoned: IntonedStop;
  readonly lengthMm: number;
  readonly share: number;
  readonly onShare: (share: number) => void;
}

function Bowing({ intoned: { stop }, lengthMm, share, onShare }: BowingProps) {
  const semitones = stop.harmonic ? 0 : stop.semitonesAboveOpen;
  return (
    <>
      <Heading as="h3" className="mt-3">
        Bow
      </Heading>
      <p className="text-[15px] leading-snug">
        Sounding length <Figure how={soundingDerivation(semitones, lengthMm)}>{mmText(soundingLengthMm(lengthMm, semitones))}</Figure> on{' '}
        {noteLabel(stop.open)}; contact{' '}
        <Figure how={contactDerivation(semitones, lengthMm, share)}>{exactMmText(contactPointMm(lengthMm, semitones, share))}</Figure> from
        the bridge.
      </p>
      <label className="mt-1 flex items-center gap-2 text-sm text-dove-dark">
        at {Math.round(share * 100)} % of it
        <input
          type="range"
          className="w-28 accent-ink"
          aria-label="Contact point, share of the sounding length"
          aria-valuetext={`${Math.round(share * 100)} %`}
          min={CONTACT_SHARES.least}
          max={CONTACT_SHARES.most}
          step={0.01}
          value={share}
          onChange={(event) => onShare(Number(event.target.value))}
        />
      </label>
    </>
  );
}
