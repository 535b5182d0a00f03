import { type Brief, handSchoolOf } from '#core/brief';
import { withHand, withInstrument, withHandSchool, withSize } from '#core/brief/edits';
import { schoolsOf } from '#core/hand';
import { HAND_PRESETS } from '#core/hand/reach';
import { defaultSize, INSTRUMENT_KINDS, type InstrumentKind, SIZES } from '#core/instrument';
import {
  changeBrief,
  changeBriefAndReadLine,
  describeInstrument,
  givePieceTo,
  namePlayer,
  playOnInstrument,
} from '../../../state/edits/index.ts';
import { useStudioAtHand } from '../../../state/studio.ts';
import { useTaughtId } from '../../../state/taught.ts';
import { useWork } from '../../../state/bench/index.ts';
import { Button } from '../../../ui/Button.tsx';
import { Choice, SENTENCE_PART } from '../../../ui/fields/index.ts';
import { HAND_LABELS, handChoice, SCHOOL_LABELS } from '../../../words/hand/hands.ts';
import { INSTRUMENT_LABELS, sizeLabel } from '../../../words/studio/instruments.ts';
import { useTold } from './use-told.ts';

/** Shows the player, the instrument, the hand, and how it is set. */
export function PlayerPart({ brief }: { readonly brief: Brief }) {
  return (
    <>
      for <PlayerName name={brief.player?.name ?? ''} />
      <GiveToTaught name={brief.player?.name ?? ''} />
      <HandPart brief={brief} /> on <InstrumentChoice brief={brief} />
      <LeftHandPart brief={brief} />
    </>
  );
}

/** Offers a piece for nobody to the player who is taught. */
function GiveToTaught({ name }: { readonly name: string }) {
  const isFree = useWork((work) => work.playerId === null) && name === '';
  const players = useStudioAtHand((studio) => studio.players);
  const taught = useTaughtId();
  const player = players.find(({ id }) => id === taught);
  if (!isFree || !player) return null;
  return (
    <>
      {' '}
      <Button onClick={() => givePieceTo(player)}>Give it to {player.document.name || 'the player'}</Button>
    </>
  );
}

/** Stays folded while the hand is as it is usually taught on the instrument. */
function LeftHandPart({ brief }: { readonly brief: Brief }) {
  const schools = schoolsOf(brief.instrument.kind);
  const school = handSchoolOf(brief);
  const told = useTold(school === schools[0]);
  if (schools.length === 1 || !told) return null;
  return (
    <>
      ,{' '}
      <Choice
        label="Left hand"
        value={school}
        values={schools}
        name={(value) => SCHOOL_LABELS[value]}
        onChange={(next) => changeBrief((now) => withHandSchool(now, next))}
      />
    </>
  );
}

/** A field that offers the names of the studio; one of them brings hand and instrument along. */
function PlayerName({ name }: { readonly name: string }) {
  const players = useStudioAtHand((studio) => studio.players);
  const setName = (typed: string): void => {
    const known = players.find((player) => player.document.name === typed);
    namePlayer(typed);
    if (known) givePieceTo(known);
  };
  return (
    <>
      <input
        aria-label="Player"
        className={SENTENCE_PART}
        value={name}
        maxLength={80}
        placeholder="any player"
        list="players"
        onChange={(event) => setName(event.target.value)}
      />
      <datalist id="players">
        {players.map((player) => (
          <option key={player.id} value={player.document.name} />
        ))}
      </datalist>
    </>
  );
}

/** Chooses the hand. A measured hand can be chosen only as long as it is in the brief: the ruler is read in the Studio. */
function HandPart({ brief }: { readonly brief: Brief }) {
  const value = handChoice(brief.player?.hand);
  const told = useTold(value === 'any');
  if (!told) return null;
  return (
    <>
      {' '}
      with{' '}
      <Choice
        label="Hand"
        value={value}
        values={value === 'measured' ? ['measured', 'any', ...HAND_PRESETS] : ['any', ...HAND_PRESETS]}
        name={(hand) => HAND_LABELS[hand]}
        onChange={(hand) => hand !== 'measured' && changeBrief((now) => withHand(now, hand === 'any' ? null : hand))}
      />
    </>
  );
}

const DESCRIBED = 'described';

/** Chooses an instrument: one of the studio by its name, else its size and kind. */
function InstrumentChoice({ brief }: { readonly brief: Brief }) {
  const instruments = useStudioAtHand((studio) => studio.instruments);
  const linked = useWork((work) => work.instrumentId);
  const { kind, size } = brief.instrument;
  const known = instruments.find((instrument) => instrument.id === linked);
  const take = (id: string): void => {
    const taken = instruments.find((instrument) => instrument.id === id);
    if (taken) playOnInstrument(taken);
    else describeInstrument();
  };
  const setKind = (next: InstrumentKind): void => changeBriefAndReadLine((now) => withInstrument(now, next));
  const own = instruments.length > 0 && (
    <Choice
      label="Studio instrument"
      value={known?.id ?? DESCRIBED}
      values={[DESCRIBED, ...instruments.map((instrument) => instrument.id)]}
      name={(id) => (id === DESCRIBED ? 'a' : (instruments.find((instrument) => instrument.id === id)?.document.name ?? ''))}
      onChange={take}
    />
  );
  if (known) return own;
  return (
    <>
      {own || 'a'}{' '}
      <Choice
        label="Size"
        value={size ?? defaultSize(kind)}
        values={SIZES[kind].map((entry) => entry.size)}
        name={sizeLabel}
        onChange={(next) => changeBrief((now) => withSize(now, next))}
      />{' '}
      <Choice label="Instrument" value={kind} values={INSTRUMENT_KINDS} name={(value) => INSTRUMENT_LABELS[value]} onChange={setKind} />
    </>
  );
}
