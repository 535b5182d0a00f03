import { HAND_PRESETS, schoolsOf } from '#core/hand';
import { defaultSize, INSTRUMENT_KINDS, type InstrumentKind, SIZES } from '#core/instrument';
import type { Brief } from '#core/plan';
import { namePlayer } from '../../store/bench-work.ts';
import { useBench } from '../../store/bench-store.ts';
import { act, change, changeAndReadLine } from '../../store/change.ts';
import { HAND_LABELS, handChoice, INSTRUMENT_LABELS, SCHOOL_LABELS, sizeLabel } from '../../words/labels.ts';
import { Choice } from './Choice.tsx';

/** For whom, on what instrument, with what hand, in which school. */
export function PlayerPart({ brief }: { readonly brief: Brief }) {
  const schools = schoolsOf(brief.instrument.kind);
  return (
    <>
      for <PlayerName name={brief.player?.name ?? ''} /> with <HandChoice brief={brief} /> on <InstrumentChoice brief={brief} />
      {schools.length > 1 && (
        <>
          ,{' '}
          <Choice
            label="School"
            value={brief.player?.school ?? schools[0]}
            values={schools}
            name={(school) => SCHOOL_LABELS[school]}
            onChange={(school) => change((now, { withSchool }) => withSchool(now, school))}
          />
        </>
      )}
      ,{' '}
    </>
  );
}

/** The names of the studio are offered; one of them brings hand and instrument along. */
function PlayerName({ name }: { readonly name: string }) {
  const players = useBench((bench) => bench.players);
  const setName = (typed: string): void => {
    const known = players.find((player) => player.sheet.name === typed);
    namePlayer(typed);
    if (known) act((actions) => actions.takePlayer(known));
  };
  return (
    <>
      <input
        aria-label="Player"
        className="sentence-part"
        value={name}
        maxLength={80}
        placeholder="any player"
        list="players"
        onChange={(event) => setName(event.target.value)}
      />
      <datalist id="players">
        {players.map((player) => (
          <option key={player.id} value={player.sheet.name} />
        ))}
      </datalist>
    </>
  );
}

/** A measured hand is there to choose only as long as it is in the brief: the ruler is read under Set up. */
function HandChoice({ brief }: { readonly brief: Brief }) {
  const value = handChoice(brief.player?.hand);
  return (
    <Choice
      label="Hand"
      value={value}
      values={value === 'measured' ? ['measured', 'any', ...HAND_PRESETS] : ['any', ...HAND_PRESETS]}
      name={(hand) => HAND_LABELS[hand]}
      onChange={(hand) => hand !== 'measured' && change((now, { withHand }) => withHand(now, hand === 'any' ? null : hand))}
    />
  );
}

const DESCRIBED = 'described';

/** One of the studio by its name, else what it is: its size and kind. */
function InstrumentChoice({ brief }: { readonly brief: Brief }) {
  const instruments = useBench((bench) => bench.instruments);
  const linked = useBench((bench) => bench.instrumentId);
  const { kind, size } = brief.instrument;
  const known = instruments.find((each) => each.id === linked);
  const take = (id: string): void => {
    const taken = instruments.find((each) => each.id === id);
    act((actions) => (taken ? actions.takeInstrument(taken) : actions.describeInstrument()));
  };
  const setKind = (next: InstrumentKind): void => changeAndReadLine((now, { withInstrument }) => withInstrument(now, next));
  const own = instruments.length > 0 && (
    <Choice
      label="From the studio"
      value={known?.id ?? DESCRIBED}
      values={[DESCRIBED, ...instruments.map((each) => each.id)]}
      name={(id) => (id === DESCRIBED ? 'a' : (instruments.find((each) => each.id === id)?.sheet.name ?? ''))}
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
        onChange={(next) => change((now, { withSize }) => withSize(now, next))}
      />{' '}
      <Choice label="Instrument" value={kind} values={INSTRUMENT_KINDS} name={(each) => INSTRUMENT_LABELS[each]} onChange={setKind} />
    </>
  );
}
