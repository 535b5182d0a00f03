import { HAND_PRESETS, schoolsOf } from '#core/hand';
import { defaultSize, INSTRUMENT_KINDS, type InstrumentKind, SIZES } from '#core/instrument';
import type { Brief } from '#core/plan';
import { changeBrief, changeBriefAndReadLine } from '../../store/bench-actions.ts';
import { withHand, withInstrument, withSchool } from '../../store/brief-edits.ts';
import { HAND_LABELS, INSTRUMENT_LABELS, SCHOOL_LABELS, sizeLabel } from '../../words/labels.ts';
import { Choice } from './Choice.tsx';

const HANDS = ['any', ...HAND_PRESETS] as const;

/** For whom, on what instrument, with what hand, in which school. */
export function PlayerPart({ brief }: { readonly brief: Brief }) {
  const { kind } = brief.instrument;
  const schools = schoolsOf(kind);
  const setName = (name: string): void => changeBrief((now) => ({ ...now, player: { ...now.player, name } }));
  const setKind = (next: InstrumentKind): void => changeBriefAndReadLine((now) => withInstrument(now, next));
  return (
    <>
      for{' '}
      <input
        aria-label="Player"
        className="sentence-part"
        value={brief.player?.name ?? ''}
        maxLength={80}
        placeholder="any player"
        onChange={(event) => setName(event.target.value)}
      />{' '}
      with{' '}
      <Choice
        label="Hand"
        value={brief.player?.hand?.preset ?? 'any'}
        values={HANDS}
        name={(hand) => HAND_LABELS[hand]}
        onChange={(hand) => changeBrief((now) => withHand(now, hand === 'any' ? null : hand))}
      />{' '}
      on a{' '}
      <Choice
        label="Size"
        value={brief.instrument.size ?? defaultSize(kind)}
        values={SIZES[kind].map((entry) => entry.size)}
        name={sizeLabel}
        onChange={(size) => changeBrief((now) => ({ ...now, instrument: { ...now.instrument, size } }))}
      />{' '}
      <Choice label="Instrument" value={kind} values={INSTRUMENT_KINDS} name={(each) => INSTRUMENT_LABELS[each]} onChange={setKind} />
      {schools.length > 1 && (
        <>
          ,{' '}
          <Choice
            label="School"
            value={brief.player?.school ?? schools[0]}
            values={schools}
            name={(school) => SCHOOL_LABELS[school]}
            onChange={(school) => changeBrief((now) => withSchool(now, school))}
          />
        </>
      )}
      ,{' '}
    </>
  );
}
