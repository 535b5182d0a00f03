import { Lock, LockOpen } from '../../../ui/icons.ts';
import { Fragment, type ReactNode } from 'react';
import { SEMITONE_STEPS, waysOf } from '#core/brief';
import { lockOf, wishOf } from '#core/brief/locks';
import { handOfPlan } from '#core/fit/sizes';
import { isWayOf, semitoneStepAt, type WayToPlay } from '#core/fit';
import { semitoneSpaceMm } from '#core/instrument/geometry';
import { positionWords } from '#core/messages';
import { noteLabel, pitchLabel } from '#core/pitch';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { againstTapes, tapeOfFinger } from '#core/tapes';
import { answerOf, useEngine } from '../../../engine/index.ts';
import { unlock, writeMark } from '../../../state/edits/index.ts';
import { wishFor } from '../../../state/planning-actions.ts';
import { select } from '../../../state/selection.ts';
import { Answered } from '../../../ui/states/index.ts';
import { useWork } from '../../../state/bench/index.ts';
import { Button, ButtonLink } from '../../../ui/Button.tsx';
import { Fact, FactList } from '../../../ui/FactList.tsx';
import { SelectField } from '../../../ui/fields/index.ts';
import { Figure } from '../../../ui/Figure.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { NextSteps } from '../../../ui/NextSteps.tsx';
import { Tabs } from '../../../ui/Tabs.tsx';
import { placeDerivation, reachDerivation, roomDerivation, semitonesDerivation } from '../../../words/explain/derivations.ts';
import { wayLabel } from '../../../words/hand/hands.ts';
import { passageLabel } from '../../../words/piece/wishes.ts';
import { tellNotesOfPlan } from '../../../words/line/note-places.ts';
import { againstTapesText } from '../../../words/hand/tapes.ts';
import { diagonalText } from '../../../words/hand/patterns.ts';
import { fingeringText, mmText, fingerPlaceText, reachText, semitonesText, soundText } from '../../../words/plan-words.ts';
import { Advice } from './Advice.tsx';
import { Arrival, ShiftSteps } from './Arrival.tsx';
import { FingerWork } from './FingerWork.tsx';
import { HandsHere } from './HandsHere.tsx';
import { InTune } from './InTune.tsx';
import { noteMoves } from './note-moves.ts';
import { WhyPanel } from './WhyPanel.tsx';
import { WriteTab } from './WriteTab.tsx';

const TABS = ['fingering', 'in-tune', 'write'] as const;

const TAB_LABELS: Readonly<Record<(typeof TABS)[number], string>> = {
  fingering: 'Fingering',
  'in-tune': 'In tune',
  write: 'Write',
};

interface SelectedNoteProps {
  readonly plan: Plan;
  readonly index: number;
  readonly note: PlannedSound;
}

/** Shows one note: its name, other ways to play it, how the hand gets there, and why; or where it is in tune. */
export function SelectedNote({ plan, index, note }: SelectedNoteProps) {
  return (
    <>
      <div className="flex items-start justify-between gap-2">
        <h2 className="text-2xl font-semibold">{soundText(note)}</h2>
        <Button title="Back to the whole piece (Escape)" onClick={() => select(null)}>
          Whole piece
        </Button>
      </div>
      <p className="text-lg">{fingeringText(note)}</p>
      <Tabs label="About the note" names={TABS} nameOf={(tab) => TAB_LABELS[tab]}>
        {(tab) => TAB_VIEWS[tab]({ plan, index, note })}
      </Tabs>
    </>
  );
}

/** The view of each tab. */
const TAB_VIEWS: Readonly<Record<(typeof TABS)[number], (props: SelectedNoteProps) => ReactNode>> = {
  fingering: (props) => <Fingered {...props} />,
  'in-tune': ({ plan, note }) => <InTune plan={plan} note={note} />,
  write: (props) => <WriteTab {...props} />,
};

function Fingered({ plan, index, note }: SelectedNoteProps) {
  const shift = plan.shifts.find((shift) => shift.to === index);
  const asked = useEngine(plan.brief, { kind: 'ways', note: index });
  const answer = answerOf(asked);
  const ways = answer?.ok ? answer.value : [];
  return (
    <>
      <Facts plan={plan} index={index} note={note} />
      <HandsHere plan={plan} note={note} />
      <p className="mt-3 flex flex-wrap gap-1.5">
        <LockButton index={index} note={note} />
        {shift && <ShiftSteps plan={plan} shift={shift} />}
      </p>
      <SemitoneStep plan={plan} index={index} note={note} />
      <Answered asked={asked}>{() => <OtherWays ways={ways} index={index} note={note} />}</Answered>
      {shift && <Arrival plan={plan} shift={shift} />}
      {isWide(note) && <WideReach />}
      <FingerWork plan={plan} index={index} />
      <Advice plan={plan} index={index} />
      <WhyPanel plan={plan} index={index} note={note} ways={ways} />
    </>
  );
}

function isWide({ reach }: PlannedSound): boolean {
  const verdict = reach?.judged?.verdict ?? 'comfort';
  return verdict !== 'comfort';
}

/** Offers what to do about a note beyond the hand’s comfortable span. */
function WideReach() {
  const pieceId = useWork((work) => work.pieceId);
  return (
    <NextSteps>
      <ButtonLink href={`/measure?piece=${pieceId ?? ''}&part=reach`}>Try another size</ButtonLink>
      <Button onClick={noteMoves.overlayNext}>See another fingering</Button>
    </NextSteps>
  );
}

function Facts({ plan, index, note }: SelectedNoteProps) {
  const { stringLengthMm } = plan;
  const stop = note.stops[0];
  const place = fingerPlaceText(note);
  return (
    <FactList className="mt-2">
      {stop.finger !== '0' && <Fact name="Position">{positionWords(note.position)}</Fact>}
      <Fact name="From the nut">
        {note.stops.map((stop, order) => (
          <Fragment key={stop.string}>
            {order > 0 && ', '}
            <Figure how={placeDerivation(stop.semitonesAboveOpen, stringLengthMm)}>{mmText(stop.mmFromNut)}</Figure>
          </Fragment>
        ))}
      </Fact>
      <Fact name={`Above open ${noteLabel(stop.open)}`}>
        <Figure how={semitonesDerivation(stop)}>{semitonesText(stop.semitonesAboveOpen)}</Figure>
      </Fact>
      {note.reach && note.reach.needMm > 0 && (
        <Fact name="Reach">
          <Figure how={reachDerivation(note.reach, stringLengthMm)}>{reachText(note.reach)}</Figure>
        </Fact>
      )}
      <Tape plan={plan} note={note} />
      {place !== '' && place !== 'open' && <Fact name="Finger">{place}</Fact>}
      {note.diagonal && <Fact name="Diagonal">{diagonalText(note.diagonal)}</Fact>}
      {note.firstFinger && note.stops.every(({ finger }) => finger !== '1') && (
        <Fact name="Finger 1">over {pitchLabel(note.firstFinger.written)}</Fact>
      )}
      {(plan.brief.stretches ?? []).flatMap((passage) =>
        index < passage.from || index > passage.to
          ? []
          : [
              <Fact key={`${passage.from} ${passage.to}`} name="For these notes">
                {passageLabel(passage, tellNotesOfPlan(plan))}
              </Fact>,
            ],
      )}
      <Room plan={plan} semitones={stop.semitonesAboveOpen} />
    </FactList>
  );
}

/** Tells a finger against the tapes that the instrument wears. */
function Tape({ plan, note: { stops, position } }: Pick<SelectedNoteProps, 'plan' | 'note'>) {
  const [{ finger, semitonesAboveOpen }] = stops;
  const { kind, tapes = [] } = plan.brief.instrument;
  const tape = finger === '0' ? null : againstTapes(tapes, semitonesAboveOpen, tapeOfFinger(kind, finger, position.label));
  return tape && <Fact name="Tape">{againstTapesText(tape)}</Fact>;
}

/** Tells where the next semitone is narrower than two fingertips: a finger set there gives way to its neighbour. */
function Room({ plan, semitones }: { readonly plan: Plan; readonly semitones: number }) {
  const spaceMm = semitoneSpaceMm(plan.stringLengthMm, semitones);
  const { fingerDistanceMm } = handOfPlan(plan).hand;
  if (semitones === 0 || spaceMm >= fingerDistanceMm) return null;
  return (
    <Fact name="Crowded">
      <Figure how={roomDerivation(plan, semitones)}>{mmText(spaceMm)}</Figure> to the next semitone, two fingertips take{' '}
      {mmText(fingerDistanceMm)}
    </Fact>
  );
}

function LockButton({ index, note }: { readonly index: number; readonly note: PlannedSound }) {
  if (note.locked) {
    return (
      <Button onClick={() => unlock(index)}>
        <LockOpen size={15} aria-hidden="true" /> Unlock this note
      </Button>
    );
  }
  return (
    <Button onClick={() => void wishFor(lockOf(index, note))}>
      <Lock size={15} aria-hidden="true" /> Lock fingering
    </Button>
  );
}

const STEP_LABELS: Readonly<Record<(typeof SEMITONE_STEPS)[number] | 'none', string>> = {
  none: 'not marked',
  slide: 'slide',
  lift: 'lift and replace',
};

/** Lets the teacher say, where one finger goes a semitone on, whether it slides or is lifted: here, else in the school. */
function SemitoneStep({ plan, index, note }: SelectedNoteProps) {
  const step = semitoneStepAt(plan, index);
  if (step === null) return null;
  const taught = waysOf(plan.brief).sameFinger;
  return (
    <p className="mt-2 flex items-baseline gap-2">
      Finger {note.stops[0].finger} again, a semitone on:
      <SelectField
        aria-label="Semitone step"
        value={step.marked ?? 'none'}
        options={(['none', ...SEMITONE_STEPS] as const).map((value) => ({
          value,
          name: value === 'none' && taught ? `as the school teaches: ${STEP_LABELS[taught]}` : STEP_LABELS[value],
        }))}
        onChoose={(next) => writeMark(index, { semitone: next === 'none' ? null : next })}
      />
    </p>
  );
}

/** Lists all fingers and strings on which this hand can play the note, string by string. */
function OtherWays({ ways, index, note }: { readonly ways: readonly WayToPlay[]; readonly index: number; readonly note: PlannedSound }) {
  const strings = [...new Set(ways.map((way) => way.open))];
  return (
    <section aria-label="Play it with" className="mt-4">
      <Heading as="h3">Play it with</Heading>
      <table className="mt-1">
        <tbody>
          {strings.map((open) => (
            <tr key={open}>
              <th scope="row" className="py-1 pr-3 text-left font-normal text-dove-dark">
                {ways.find((way) => way.open === open)?.string} ({noteLabel(open)})
              </th>
              <td className="flex flex-wrap gap-1.5 py-1">
                {ways
                  .filter((way) => way.open === open)
                  .map((way) => (
                    <WayButton key={wayLabel(way)} way={way} index={index} current={isWayOf(way, note)} />
                  ))}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function WayButton({ way, index, current }: { readonly way: WayToPlay; readonly index: number; readonly current: boolean }) {
  const place = way.finger === '0' ? 'open string' : positionWords(way.position);
  return (
    <Button
      outside={!way.allowed}
      aria-pressed={current}
      title={way.allowed ? place : `${place}: outside the limits of this brief`}
      aria-label={`finger ${wayLabel(way)} on ${way.string}, ${place}${way.allowed ? '' : ', outside the limits'}`}
      onClick={() => void wishFor(wishOf(index, way))}
    >
      {wayLabel(way)}
    </Button>
  );
}
