import { useState } from 'react';
import type { SoughtShift } from '#core/books';
import type { DrillFamily } from '#core/drill/families';
import type { HotSpot } from '#core/drill/hot-spots';
import type { ShiftApart } from '#core/drill/apart';
import type { ShiftClass } from '#core/drill/shifts';
import { positionWords } from '#core/messages';
import { cleanTempo } from '#core/practice/log';
import { noteLabel, pitchLabel } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import { answerOf, useEngine } from '../../engine/index.ts';
import { useWork } from '../../state/bench/index.ts';
import { countsFrom } from '../../state/practice/index.ts';
import { ENTRIES, useStored } from '../../state/reading/index.ts';
import { tempoText } from '../../words/practice/session.ts';
import { Button } from '../../ui/Button.tsx';
import { Answered, EmptyState } from '../../ui/states/index.ts';
import { Fact, FactList } from '../../ui/FactList.tsx';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { Caution } from '../parts/index.ts';
import { checkText, soundedText } from '../../words/intonation/intonation.ts';
import { distanceText } from '../../words/drills/families.ts';
import { IN_BOOKS } from '../../words/drills/in-books.ts';
import { intervalText } from '../../words/drills/stages.ts';
import { mmText, semitonesText, shiftSpeed } from '../../words/plan-words.ts';
import { Advice } from '../bench/note/Advice.tsx';
import { Guides } from '../bench/note/Guides.tsx';
import { NearestInBooks } from './books/NearestInBooks.tsx';
import { HandCloseUp } from './HandCloseUp.tsx';
import { HandsTimeline } from './HandsTimeline.tsx';
import { PlacesNav } from './PlacesNav.tsx';
import { studyInto } from './first-request.ts';
import { useHotSpots } from './use-hot-spots.ts';
import { Stages } from './Stages.tsx';

interface ShiftPartProps {
  readonly plan: Plan;
  /** The line index of the note the chosen shift arrives on; null for the worst. */
  readonly chosen: number | null;
  readonly onChoose: (note: number) => void;
  readonly onWrite: (asks: DrillFamily, note: number) => void;
  readonly onFind: (shift: ShiftClass) => void;
  /** Leads to the drill writer where there is no shift. */
  readonly onWriteAny: () => void;
  readonly onFindAny: () => void;
}

/** Shows the shifts of a piece, the worst first, and one of them taken apart. */
export function ShiftPart(props: ShiftPartProps) {
  return (
    <Answered asked={useHotSpots(props.plan)} waiting="Looking for the worst shift …">
      {({ hotSpots }) => <ShiftList {...props} hotSpots={hotSpots} />}
    </Answered>
  );
}

interface ShiftListProps extends ShiftPartProps {
  readonly hotSpots: readonly HotSpot[];
}

function ShiftList({ plan, hotSpots, chosen, onChoose, onWrite, onFind, onWriteAny, onFindAny }: ShiftListProps) {
  const worstFirst = shiftsWorstFirst(plan, hotSpots);
  const note = worstFirst.find((value) => value === chosen) ?? worstFirst[0];
  if (note === undefined) {
    return (
      <div className="mt-4">
        <EmptyState title="No shift in this piece">The hand stays in one position.</EmptyState>
        <NextSteps>
          <Button onClick={onWriteAny}>Write a drill</Button>
          <Button onClick={onFindAny}>Find a drill</Button>
        </NextSteps>
      </div>
    );
  }
  return (
    <div className="mt-3 grid gap-x-8 md:grid-cols-[15rem_1fr]">
      <PlacesNav
        label="Shifts of the piece, the worst first"
        notes={worstFirst}
        chosen={note}
        nameOf={(value) => shiftLine(plan, value)}
        onChoose={onChoose}
      />
      <Apart plan={plan} note={note} onWrite={onWrite} onFind={onFind} />
    </div>
  );
}

/** Lists the line indexes of the notes that shifts arrive on, by difficulty: every shift is a hot spot. */
function shiftsWorstFirst({ shifts }: Plan, hotSpots: readonly HotSpot[]): readonly number[] {
  const arrivals = shifts.map(({ to }) => to);
  return hotSpots.map(({ note }) => note).filter((note) => arrivals.includes(note));
}

function shiftLine({ shifts, notes }: Plan, note: number): string {
  const shift = shifts.find(({ to }) => to === note);
  const [from, to] = [notes[shift?.from ?? -1], notes[note]];
  if (!shift || from?.kind !== 'note' || to?.kind !== 'note') return '';
  const [left, reached] = [from, to].map(({ stops: [stop] }) => pitchLabel(stop.written));
  return `${left} ${shift.fromFinger} – ${reached} ${shift.toFinger}, ${shift.handSemitones > 0 ? 'up' : 'down'} ${mmText(shift.handMm)}`;
}

function Apart({ plan, note, onWrite, onFind }: { readonly note: number } & Pick<ShiftPartProps, 'plan' | 'onWrite' | 'onFind'>) {
  const asked = useEngine(plan.brief, { kind: 'shift-apart', note });
  const study = studyInto(plan, note);
  return (
    <Answered asked={asked} waiting="Taking the shift apart …">
      {(apart) =>
        apart && (
          <div className="mt-4 min-w-0 md:mt-0">
            <h2 className="text-2xl font-semibold">{heading(apart)}</h2>
            <NextSteps atHead>
              {study && <Button onClick={() => onWrite(study, note)}>Write its drill</Button>}
              {apart.shiftClass && <Button onClick={() => apart.shiftClass && onFind(apart.shiftClass)}>Find drills like it</Button>}
            </NextSteps>
            <Caution plan={plan} repeated className="mt-2 max-w-4xl text-[15px] text-dove-dark" />
            <div className="mt-2 flex flex-wrap gap-x-8">
              <HandCloseUp plan={plan} apart={apart} />
              <div className="min-w-0 grow basis-80">
                <Facts apart={apart} tempo={plan.brief.tempo} />
                <Guides shift={apart.shift} />
              </div>
            </div>
            <HandsTimeline hands={apart.hands} kind={plan.brief.instrument.kind} seconds={apart.shift.seconds} />
            <Advice plan={plan} index={note} />
            <Stages key={note} apart={apart} />
            {apart.shiftClass && (
              <OpenedSection key={`books ${note}`} title={IN_BOOKS.nearest} className="mt-4">
                {() => apart.shiftClass && <NearestInBooks plan={plan} sought={soughtIn(apart, apart.shiftClass)} />}
              </OpenedSection>
            )}
          </div>
        )
      }
    </Answered>
  );
}

function soughtIn({ from, to }: ShiftApart, shiftClass: ShiftClass): SoughtShift {
  return { shiftClass, left: from.stops[0].written, written: to.stops[0].written };
}

function heading({ from, to, shift }: ShiftApart): string {
  const [left, reached] = [from, to].map(({ stops: [stop] }) => pitchLabel(stop.written));
  return `${left} with ${shift.fromFinger} in ${positionWords(shift.fromPosition)} to ${reached} with ${shift.toFinger} in ${positionWords(shift.toPosition)}`;
}

function Facts({ apart, tempo }: { readonly apart: ShiftApart; readonly tempo: number | undefined }) {
  const { shift, interval, check, from, to } = apart;
  const speed = shiftSpeed(shift);
  const pieceId = useWork((work) => work.pieceId);
  const playerId = useWork((work) => work.playerId);
  const [since] = useState(countsFrom);
  const entries = answerOf(useStored(ENTRIES, playerId, since));
  const clean = entries === null || pieceId === null ? null : cleanTempo(entries, pieceId, shift);
  return (
    <FactList>
      <Fact name="The notes">
        {intervalText(interval)} ({semitonesText(Math.abs(shift.noteSemitones))})
      </Fact>
      <Fact name="The hand">{handText(apart)}</Fact>
      {speed !== null && <SpeedFacts speed={speed} clean={clean} tempo={tempo} />}
      <Fact name="String">{stringsText(apart)}</Fact>
      {from.firstFinger && to.firstFinger && (
        <Fact name="Finger 1">
          over {pitchLabel(from.firstFinger.written)}, then over {pitchLabel(to.firstFinger.written)}
        </Fact>
      )}
      <Fact name="Check on arrival">
        {check ? `${checkText(check)}, ${soundedText(check)}` : 'compare it with the note in another octave'}
      </Fact>
      <Fact name="Ten cents there">{mmText(shift.mmPerTenCents)}</Fact>
    </FactList>
  );
}

interface SpeedFactsProps {
  /** The speed of the hand at the tempo of the piece, mm/s. */
  readonly speed: number;
  /** The fastest tempo at which it was played clean, beats a minute; null where it was not. */
  readonly clean: number | null;
  /** The tempo of the piece, beats a minute. */
  readonly tempo: number | undefined;
}

function SpeedFacts({ speed, clean, tempo }: SpeedFactsProps) {
  return (
    <>
      <Fact name="Speed">{Math.round(speed)} mm/s at this tempo</Fact>
      {clean !== null && tempo !== undefined && (
        <Fact name="Played clean">
          up to {Math.round((speed * clean) / tempo)} mm/s, at {tempoText(clean)}
        </Fact>
      )}
    </>
  );
}

/** Writes the move of the hand: "up 4 semitones, 72 mm, two positions". */
function handText({ shift, shiftClass }: ShiftApart): string {
  const distance = shiftClass?.distance.by === 'positions' ? `, ${distanceText(shiftClass.distance)}` : '';
  const direction = shift.handSemitones > 0 ? 'up' : 'down';
  return `${direction} ${semitonesText(Math.abs(shift.handSemitones))}, ${mmText(shift.handMm)}${distance}`;
}

/** Writes the string of a shift, or both: "D (III) to A (II)". */
function stringsText({ shift, from, to }: ShiftApart): string {
  const there = `${noteLabel(to.stops[0].open)} (${shift.toString})`;
  return shift.fromString === shift.toString ? there : `${noteLabel(from.stops[0].open)} (${shift.fromString}) to ${there}`;
}
