import { useMemo, useState } from 'react';
import { countFingered } from '#core/brief/locks';
import type { School } from '#core/brief/parts/school';
import type { Habits, Leaning, LineOfTeacher } from '#core/habits';
import { isTaughtIn, withLearnt, withoutLearnt } from '../../../records/learnt-school.ts';
import type { Piece } from '#core/documents';
import { INSTRUMENT_KINDS, type InstrumentKind } from '#core/instrument';
import { useEngine } from '../../../engine/index.ts';
import type { PieceRecord } from '../../../records/record.ts';
import { PIECES, useStored } from '../../../state/reading/index.ts';
import { Button } from '../../../ui/Button.tsx';
import { FieldRow, SelectField } from '../../../ui/fields/index.ts';
import { Answered } from '../../../ui/states/index.ts';
import { HABITS, leaningText, piecesText, rightText } from '../../../words/studio/habits.ts';
import { INSTRUMENT_LABELS } from '../../../words/studio/instruments.ts';
import { HabitTable } from './HabitTable.tsx';

/** The number of fingered notes from which a piece says something. */
const FEWEST_FINGERED = 4;

interface LearntSchoolProps {
  readonly school: School;
  readonly onChange: (changed: Partial<School>) => void;
}

/** Learns answers of a school from the pieces of the studio that carry a fingering, and offers them row by row. */
export function LearntSchool(props: LearntSchoolProps) {
  return <Answered asked={useStored(PIECES)}>{({ records }) => <FromPieces {...props} records={records} />}</Answered>;
}

type FromPiecesProps = LearntSchoolProps & { readonly records: readonly PieceRecord[] };

function FromPieces({ records, ...props }: FromPiecesProps) {
  const fingered = useMemo(() => records.filter(({ document }) => countFingered(document.brief) >= FEWEST_FINGERED), [records]);
  const ofKind = (kind: InstrumentKind): readonly PieceRecord[] =>
    fingered.filter(({ document }) => document.brief.instrument.kind === kind);
  const [chosen, choose] = useState<InstrumentKind | null>(null);
  const kind = chosen ?? INSTRUMENT_KINDS.toSorted((one, other) => ofKind(other).length - ofKind(one).length)[0] ?? 'violin';
  const [read, setRead] = useState<InstrumentKind | null>(null);
  const pieces = ofKind(kind);
  return (
    <div className="grid gap-y-2">
      <p className="max-w-[70ch] text-dove-dark">{HABITS.explained}</p>
      <FieldRow label={HABITS.instrument}>
        <SelectField
          aria-label={HABITS.instrument}
          value={kind}
          options={INSTRUMENT_KINDS.map((value) => ({ value, name: INSTRUMENT_LABELS[value] }))}
          onChoose={choose}
        />
      </FieldRow>
      <p>{piecesText(pieces.length)}</p>
      {pieces.length > 0 && read !== kind && (
        <p>
          <Button onClick={() => setRead(kind)}>{HABITS.read}</Button>
        </p>
      )}
      {pieces.length > 0 && read === kind && <Learnt key={kind} kind={kind} pieces={pieces} {...props} />}
    </div>
  );
}

interface LearntProps extends LearntSchoolProps {
  readonly kind: InstrumentKind;
  readonly pieces: readonly PieceRecord[];
}

function Learnt({ kind, pieces, school, onChange }: LearntProps) {
  const lines = useMemo(() => pieces.map(({ id, document: { brief } }): LineOfTeacher => ({ id, brief })), [pieces]);
  const [first] = lines;
  const asked = useEngine(first?.brief ?? { instrument: { kind }, material: NO_MATERIAL }, { kind: 'habits', instrument: kind, lines });
  const documents = useMemo(() => new Map(pieces.map(({ id, document }) => [id, document])), [pieces]);
  return (
    <Answered asked={asked} waiting={HABITS.waiting}>
      {(habits) => <Told kind={kind} habits={habits} pieces={documents} school={school} onChange={onChange} />}
    </Answered>
  );
}

/** The material of a session that answers for other briefs. */
const NO_MATERIAL = { kind: 'scale', type: 'major', tonic: 'D4', octaves: 1, direction: 'up' } as const;

interface ToldProps extends LearntSchoolProps {
  readonly kind: InstrumentKind;
  readonly habits: Habits;
  readonly pieces: ReadonlyMap<string, Piece>;
}

function Told({ kind, habits, pieces, school, onChange }: ToldProps) {
  // The school as it was before anything was adopted: what is taken back becomes as it was there.
  const [before] = useState(school);
  const isTaught = (leaning: Leaning): boolean => isTaughtIn(school, leaning, kind);
  const open = habits.habits.map(({ leaning }) => leaning).filter((leaning) => !isTaught(leaning));
  const adopt = (taken: readonly Leaning[]): void => onChange(withLearnt(school, taken, kind));
  return (
    <section aria-label={HABITS.title} className="grid gap-y-2">
      <p role="status">{rightText(habits)}</p>
      {habits.habits.length === 0 ? (
        <p>{HABITS.nothing}</p>
      ) : (
        <>
          <HabitTable
            habits={habits.habits}
            pieces={pieces}
            isTaught={isTaught}
            onAdopt={(leaning) => adopt([leaning])}
            onTakeBack={(leaning) => onChange(withoutLearnt(school, before, leaning, kind))}
          />
          {open.length > 1 && (
            <p>
              <Button onClick={() => adopt(open)}>{HABITS.adoptAll}</Button>
            </p>
          )}
        </>
      )}
      {habits.unknown.length > 0 && (
        <details className="text-[14px]">
          <summary className="cursor-pointer">
            {HABITS.unknown} ({habits.unknown.length})
          </summary>
          <ul className="list-disc pl-5">
            {habits.unknown.map(({ leaning, does, of }) => (
              <li key={leaningText(leaning)}>
                {leaningText(leaning)}: at {does} of {of}
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}
