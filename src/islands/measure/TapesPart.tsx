import { Download } from 'lucide-react';
import { useMemo, useState } from 'react';
import { instrumentOf, onSize } from '#core/fit';
import { FIRST_TAPES } from '#core/hand';
import { defaultSize, type Instrument, mmFromNut, SIZES } from '#core/instrument';
import { displayPitchClass, isInKey, noteLabel, pitchInKey } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import { type Paper, PAPERS, type PrintedSheet, type Tape, tapeSheet } from '#core/sheet';
import { downloadBlob, fileNameOf } from '../../files/download.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/fields/Choice.tsx';
import { Figure } from '../../ui/Figure.tsx';
import { Table } from '../../ui/Table.tsx';
import { exactMmText } from '../../words/intonation.ts';
import { fingerboardName, sizeLabel } from '../../words/labels.ts';
import { semitonesText } from '../../words/plan-words.ts';
import { SheetPreview } from './SheetPreview.tsx';

const SETS = ['first', 'piece', 'key', 'semitones'] as const;
type TapeSet = (typeof SETS)[number];

const SET_LABELS: Readonly<Record<TapeSet, string>> = {
  first: 'first position, one for each finger',
  piece: 'the places this piece uses',
  key: 'the notes of the key up to the octave',
  semitones: 'every semitone up to the octave',
};

const OWN_SIZE = 'own';
const PAPER_NAMES = ['A4', 'Letter'] as const satisfies readonly (keyof typeof PAPERS)[];

/** Distances from the nut for chosen notes, as a table and as a strip to print at true size. */
export function TapesPart({ plan }: { readonly plan: Plan }) {
  const [size, setSize] = useState<string>(OWN_SIZE);
  const [paper, setPaper] = useState<Paper>('A4');
  const [set, setSet] = useState<TapeSet>('first');
  const [chosen, setChosen] = useState<ReadonlySet<number>>(() => new Set(semitonesOf('first', plan)));
  const instrument = useMemo(() => (size === OWN_SIZE ? instrumentOf(plan) : (onSize(plan, size) ?? instrumentOf(plan))), [plan, size]);
  const takeSet = (next: TapeSet): void => {
    setSet(next);
    setChosen(new Set(semitonesOf(next, plan)));
  };
  const toggle = (semitones: number): void =>
    setChosen((now) => new Set(now.has(semitones) ? [...now].filter((each) => each !== semitones) : [...now, semitones]));
  const tapes = [...chosen].toSorted((one, other) => one - other).map((semitones) => tapeAt(plan, instrument, semitones));
  const { kind } = instrument;
  return (
    <section aria-label="Tapes">
      <p className="mt-3 font-serif text-[17px] leading-[1.9]">
        Tapes for <Choice label="Tapes for" value={set} values={SETS} name={(each) => SET_LABELS[each]} onChange={takeSet} /> on{' '}
        <Choice
          label="Instrument size"
          value={size}
          values={[OWN_SIZE, ...SIZES[kind].map((entry) => entry.size)]}
          name={(each) =>
            each === OWN_SIZE
              ? `this ${fingerboardName(kind, plan.brief.instrument.size ?? defaultSize(kind))}`
              : `a ${sizeLabel(each)} one`
          }
          onChange={setSize}
        />{' '}
        ({instrument.stringLengthMm} mm), printed on{' '}
        <Choice label="Paper" value={paper} values={PAPER_NAMES} name={(each) => each} onChange={setPaper} />.{' '}
        <Button className="font-sans" disabled={tapes.length === 0} onClick={() => void printTapes(plan, instrument, tapes, paper)}>
          <Download size={15} aria-hidden="true" /> Strip as PDF, 1 : 1
        </Button>
      </p>
      <p className="max-w-4xl text-sm text-dove-dark">
        At equal temperament on a stiff string: a tape is a starting place, the ear decides. Measure nut to bridge before you cut: a string
        5 mm longer moves the fifth by 1.7 mm.
      </p>
      <div className="mt-3 flex flex-wrap gap-x-10 gap-y-4">
        <TapeTable plan={plan} instrument={instrument} chosen={chosen} onToggle={toggle} />
        {tapes.length > 0 && <SheetPreview sheet={sheetOf(plan, instrument, tapes, paper)} />}
      </div>
    </section>
  );
}

interface TapeTableProps {
  readonly plan: Plan;
  readonly instrument: Instrument;
  readonly chosen: ReadonlySet<number>;
  readonly onToggle: (semitones: number) => void;
}

/** How far up tapes are offered, semitones: two octaves, or as far as the fingerboard goes. */
const HIGHEST_OFFERED = 24;

function TapeTable({ plan, instrument, chosen, onToggle }: TapeTableProps) {
  const offered = Array.from({ length: Math.min(HIGHEST_OFFERED, instrument.highestSemitone) }, (_, index) => index + 1);
  return (
    <Table className="h-fit max-w-2xl grow basis-96">
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
            plan={plan}
            instrument={instrument}
            semitones={semitones}
            before={Math.max(0, ...[...chosen].filter((each) => each < semitones))}
            chosen={chosen.has(semitones)}
            onToggle={() => onToggle(semitones)}
          />
        ))}
      </tbody>
    </Table>
  );
}

interface TapeRowProps {
  readonly plan: Plan;
  readonly instrument: Instrument;
  readonly semitones: number;
  /** The tape before, or the nut. */
  readonly before: number;
  readonly chosen: boolean;
  readonly onToggle: () => void;
}

function TapeRow({ plan, instrument, semitones, before, chosen, onToggle }: TapeRowProps) {
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
        <Figure how={`String length × (1 − 2^(−semitones/12)): ${stringLengthMm} mm × (1 − 2^(−${semitones}/12)).`}>
          {exactMmText(mm)}
        </Figure>
      </td>
      <td>{chosen ? exactMmText(mm - mmFromNut(stringLengthMm, before)) : ''}</td>
      {instrument.strings.map((string) => (
        <td key={string.name}>{displayPitchClass(pitchInKey(string.semitones + semitones, plan.line.key))}</td>
      ))}
    </tr>
  );
}

function semitonesOf(set: TapeSet, plan: Plan): readonly number[] {
  const octave = Array.from({ length: 12 }, (_, index) => index + 1);
  const instrument = instrumentOf(plan);
  switch (set) {
    case 'first':
      return FIRST_TAPES[instrument.kind];
    case 'semitones':
      return octave;
    case 'key':
      return octave.filter((semitones) => instrument.strings.some((string) => isInKey(string.semitones + semitones, plan.line.key)));
    case 'piece':
      return plan.notes.flatMap((note) =>
        note.kind === 'note' ? note.stops.flatMap((stop) => (stop.semitonesAboveOpen > 0 ? [stop.semitonesAboveOpen] : [])) : [],
      );
  }
}

function tapeAt({ line }: Plan, { stringLengthMm, strings }: Instrument, semitones: number): Tape {
  const mm = mmFromNut(stringLengthMm, semitones);
  const notes = strings
    .toReversed()
    .map((string) => `${noteLabel(string.name)}: ${displayPitchClass(pitchInKey(string.semitones + semitones, line.key))}`);
  return { mm, label: `${semitones}: ${exactMmText(mm)}`, notes: notes.join('  ') };
}

function sheetOf({ brief }: Plan, instrument: Instrument, tapes: readonly Tape[], paper: Paper): PrintedSheet {
  const title = [
    `Tapes for a ${fingerboardName(instrument.kind, instrument.size)}`,
    `String ${instrument.stringLengthMm} mm from nut to bridge${brief.player?.name ? `, for ${brief.player.name}` : ''}`,
    'Cut along the dashed lines, lay the thick end at the edge of the nut.',
    'A starting place: the ear decides.',
  ];
  return tapeSheet(title, tapes, paper);
}

/** What writes PDF comes when the first strip is asked for. */
async function printTapes(plan: Plan, instrument: Instrument, tapes: readonly Tape[], paper: Paper): Promise<void> {
  const { sheetPdf } = await import('../../printing/sheet-pdf.ts');
  const pdf = sheetPdf(sheetOf(plan, instrument, tapes, paper));
  const name = `tapes ${fingerboardName(instrument.kind, instrument.size)} ${instrument.stringLengthMm} mm`;
  downloadBlob(fileNameOf(name, 'pdf'), new Blob([pdf], { type: 'application/pdf' }));
}
