import { useMemo, useState } from 'react';
import { checkedNote, type Checkpoint, checkpointsOf, instrumentOf, intonationOf, intonedStops } from '#core/fit/intoned';
import { type Check, otherOctave } from '#core/intonation/checks';
import { type Intonation, type IntonationSystem, SYSTEMS } from '#core/intonation';
import type { Plan, PlannedSound, Stop } from '#core/plan/describe';
import { select } from '../../state/selection.ts';
import { Choice } from '../../ui/fields/index.ts';
import { Figure } from '../../ui/Figure.tsx';
import { Heading } from '../../ui/Heading.tsx';
import { PageButtons, usePager } from '../../ui/Pager.tsx';
import { Table } from '../../ui/Table.tsx';
import {
  centsText,
  CHECKPOINT_REASONS,
  checkpointText,
  checkText,
  conflictText,
  exactMmText,
  hzText,
  signedMmText,
  SYSTEM_LABELS,
  systemReason,
} from '../../words/intonation/intonation.ts';
import { fingeringText, soundText } from '../../words/plan-words.ts';
import { SystemChoice } from '../parts/index.ts';

/** Shows the target of every note, its checks, where to stop and listen, and where two checks contradict each other. */
export function IntonationPart({ plan }: { readonly plan: Plan }) {
  const [other, setOther] = useState<IntonationSystem>('linear');
  const intonation = intonationOf(plan);
  const against: Intonation = { ...intonation, system: other };
  return (
    <section aria-label="Intonation">
      <p className="mt-3 font-serif text-[17px]">
        The notes aim at <SystemChoice intonation={intonation} />, compared with{' '}
        <Choice label="Compared with" value={other} values={SYSTEMS} name={(system) => SYSTEM_LABELS[system]} onChange={setOther} />.
      </p>
      <p className="text-sm text-dove-dark">
        {sentence(systemReason(intonation))} {sentence(`${SYSTEM_LABELS[other]}: ${systemReason(against)}`)}
      </p>
      <Checkpoints plan={plan} />
      <TargetTable plan={plan} intonation={intonation} against={against} />
      <Conflicts plan={plan} />
    </section>
  );
}

function sentence(words: string): string {
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}.`;
}

/** Lists every arrival of a shift, and long notes that a check tells. */
function Checkpoints({ plan }: { readonly plan: Plan }) {
  const checkpoints = useMemo(() => checkpointsOf(plan), [plan]);
  return (
    <section aria-label="Checkpoints" className="mt-3">
      <Heading>Where to stop and listen</Heading>
      {checkpoints.length === 0 && <p>No shift arrives and no note is held: listen to the notes that ring.</p>}
      <ul className="columns-2 gap-10 text-[15px] max-md:columns-1">
        {checkpoints.map((checkpoint) => (
          <CheckpointRow key={checkpoint.note} plan={plan} checkpoint={checkpoint} />
        ))}
      </ul>
    </section>
  );
}

function CheckpointRow({ plan, checkpoint }: { readonly plan: Plan; readonly checkpoint: Checkpoint }) {
  const note = plan.notes[checkpoint.note];
  if (note?.kind !== 'note') return null;
  return (
    <li className="mb-0.5 break-inside-avoid">
      <button type="button" className="underline" onClick={() => select(checkpoint.note)}>
        Note {checkpoint.note + 1}, {soundText(note)}
      </button>{' '}
      <span className="text-dove-dark">({CHECKPOINT_REASONS[checkpoint.why]})</span>: {checkpointText(checkpoint)}
    </li>
  );
}

interface TargetTableProps {
  readonly plan: Plan;
  readonly intonation: Intonation;
  readonly against: Intonation;
}

function TargetTable({ plan, intonation, against }: TargetTableProps) {
  const pager = usePager(plan.notes.length);
  const instrument = useMemo(() => instrumentOf(plan), [plan]);
  const length = `${instrument.stringLengthMm} mm`;
  return (
    <>
      <Table className="mt-3">
        <caption className="text-left">
          <Heading as="span">Where each note aims</Heading>
        </caption>
        <thead>
          <tr>
            <th scope="col">No.</th>
            <th scope="col">Note</th>
            <th scope="col">Fingering</th>
            <th scope="col">
              <Figure how={`${sentence(systemReason(intonation))} 100 cents are an equal semitone.`}>Cents from equal</Figure>
            </th>
            <th scope="col">
              <Figure how={`The equal-tempered frequency from A = ${instrument.a4Hz} Hz, times 2^(cents/1200).`}>Sounds</Figure>
            </th>
            <th scope="col">
              <Figure how={`String length × (1 − frequency of the open string / frequency of the note), with ${length}.`}>
                From the nut
              </Figure>
            </th>
            <th scope="col">
              <Figure how="Less the place that sounds the equal-tempered pitch on the same string; towards the bridge positive.">
                From the equal place
              </Figure>
            </th>
            <th scope="col">
              <Figure how={`Where ${SYSTEM_LABELS[against.system]} would put the finger, less where it aims now.`}>Compared</Figure>
            </th>
            <th scope="col">Best check</th>
          </tr>
        </thead>
        <tbody>
          {plan.notes
            .slice(pager.from, pager.to)
            .map((note, index) =>
              note.kind === 'rest' ? null : (
                <TargetRows key={pager.from + index} plan={plan} index={pager.from + index} note={note} against={against} />
              ),
            )}
        </tbody>
      </Table>
      <PageButtons pager={pager} />
    </>
  );
}

interface TargetRowsProps {
  readonly plan: Plan;
  readonly index: number;
  readonly note: PlannedSound;
  readonly against: Intonation;
}

/** Lists targets, one row a finger. */
function TargetRows({ plan, index, note, against }: TargetRowsProps) {
  const there = intonedStops(plan, note, against);
  return intonedStops(plan, note).map(({ stop, target, checks }, order) => {
    const other = there[order]?.target ?? target;
    return (
      <tr key={stop.string}>
        <td>{index + 1}</td>
        <td>{soundText({ ...note, stops: [stop] })}</td>
        <td>{fingeringText({ ...note, stops: [stop] })}</td>
        <td>{centsText(target.cents)}</td>
        <td>{hzText(target.hz)}</td>
        <td>{exactMmText(target.mmFromNut)}</td>
        <td>{signedMmText(target.mmFromEqual)}</td>
        <td>
          {signedMmText(other.mmFromNut - target.mmFromNut)}, {centsText(other.cents - target.cents)}
        </td>
        <td>{stop.finger === '0' ? 'a reference for other notes' : bestCheckText(plan, stop, checks)}</td>
      </tr>
    );
  });
}

/** Writes the best check, or where to find the note first, as the panel of the note says it. */
function bestCheckText(plan: Plan, stop: Stop, [best]: readonly Check[]): string {
  if (best) return checkText(best);
  const instrument = instrumentOf(plan);
  const substitute = stop.harmonic ? null : otherOctave(instrument, checkedNote(instrument, stop).pitch);
  return substitute ? `find ${checkText(substitute)} first` : 'by ear, from the notes beside it';
}

/** Lists notes of the line for which two open strings ask for different places, each place once. */
function Conflicts({ plan }: { readonly plan: Plan }) {
  const told = useMemo(() => conflictsOf(plan), [plan]);
  if (told.length === 0) return null;
  return (
    <section aria-label="One place, two open strings" className="mt-4 max-w-4xl">
      <Heading>One place, two open strings</Heading>
      <ul className="list-disc pl-5 text-[15px]">
        {told.map(({ name, words }) => (
          <li key={`${name} ${words}`}>
            <strong>{name}</strong>: {words}
          </li>
        ))}
      </ul>
    </section>
  );
}

function conflictsOf(plan: Plan): readonly { readonly name: string; readonly words: string }[] {
  const places = new Map<string, { readonly name: string; readonly words: string }>();
  for (const note of plan.notes) {
    if (note.kind === 'rest') continue;
    for (const { stop, conflicts } of intonedStops(plan, note)) {
      const name = `${soundText({ ...note, stops: [stop] })}, ${fingeringText({ ...note, stops: [stop] })}`;
      for (const conflict of conflicts)
        places.set(`${stop.string} ${stop.pitch} ${conflict.one.string} ${conflict.other.string}`, { name, words: conflictText(conflict) });
    }
  }
  return [...places.values()];
}
