import { type Instrument, MOST_TAPED } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import { displayPitchClass, noteLabel } from '#core/pitch';
import { type Key, pitchInKey } from '#core/key';
import { Figure } from '../../ui/Figure.tsx';
import { Table } from '../../ui/Table.tsx';
import { placeDerivation } from '../../words/explain/derivations.ts';
import { exactMmText } from '../../words/intonation/intonation.ts';
import { semitonesText } from '../../words/plan-words.ts';

interface TapeTableProps {
  readonly instrument: Instrument;
  readonly mapKey: Key;
  readonly chosen: ReadonlySet<number>;
  readonly onToggle: (semitones: number) => void;
}

/** Lists every semitone with its distance from the nut, to be chosen as a tape. */
export function TapeTable({ instrument, mapKey, chosen, onToggle }: TapeTableProps) {
  const offered = Array.from({ length: Math.min(MOST_TAPED, instrument.highestSemitone) }, (_, index) => index + 1);
  return (
    <Table className="h-fit max-w-4xl grow basis-96">
      <caption className="sr-only">Distances of the tapes from the nut</caption>
      <thead>
        <tr>
          <th scope="col">Tape</th>
          <th scope="col">From the nut</th>
          <th scope="col">From the tape before</th>
          {instrument.strings.map((string) => (
            <th key={string.name} scope="col">
              {noteLabel(string.name)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {offered.map((semitones) => (
          <TapeRow
            key={semitones}
            instrument={instrument}
            mapKey={mapKey}
            semitones={semitones}
            before={Math.max(0, ...[...chosen].filter((value) => value < semitones))}
            chosen={chosen.has(semitones)}
            onToggle={() => onToggle(semitones)}
          />
        ))}
      </tbody>
    </Table>
  );
}

interface TapeRowProps {
  readonly instrument: Instrument;
  readonly mapKey: Key;
  readonly semitones: number;
  /** The tape before, or the nut. */
  readonly before: number;
  readonly chosen: boolean;
  readonly onToggle: () => void;
}

function TapeRow({ instrument, mapKey, semitones, before, chosen, onToggle }: TapeRowProps) {
  const { stringLengthMm } = instrument;
  const mm = mmFromNut(stringLengthMm, semitones);
  return (
    <tr className={chosen ? '' : 'text-dove-dark'}>
      <td>
        <label className="flex items-center gap-2">
          <input type="checkbox" className="size-4 accent-ink" checked={chosen} onChange={onToggle} /> {semitonesText(semitones)}
        </label>
      </td>
      <td>
        <Figure how={placeDerivation(semitones, stringLengthMm)}>{exactMmText(mm)}</Figure>
      </td>
      <td>{chosen ? exactMmText(mm - mmFromNut(stringLengthMm, before)) : ''}</td>
      {instrument.strings.map((string) => (
        <td key={string.name}>{displayPitchClass(pitchInKey(string.semitones + semitones, mapKey))}</td>
      ))}
    </tr>
  );
}
