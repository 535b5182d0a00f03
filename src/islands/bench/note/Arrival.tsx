import { pitchLabel } from '#core/pitch';
import { positionWords } from '#core/messages';
import type { Plan, Shift } from '#core/plan/describe';
import { selectPassage, type Passage } from '../../../state/selection.ts';
import { playLoop, playPassage, practiseSlowly } from '../../../state/sound/index.ts';
import { useWork } from '../../../state/bench/index.ts';
import { Button, ButtonLink } from '../../../ui/Button.tsx';
import { Figure } from '../../../ui/Figure.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { tenCentsDerivation, travelDerivation } from '../../../words/explain/derivations.ts';
import { mmText, movementText, semitonesText, shiftMoment, shiftSpeed } from '../../../words/plan-words.ts';
import { PutInButtons } from './PutInButtons.tsx';
import { Guides } from './Guides.tsx';

/** Shows how the hand gets to a note by a shift. */
export function Arrival({ plan, shift }: { readonly plan: Plan; readonly shift: Shift }) {
  const speed = shiftSpeed(shift);
  const arrival = plan.notes[shift.to];
  const semitones = arrival?.kind === 'note' ? arrival.stops[0].semitonesAboveOpen : 0;
  return (
    <section aria-label="How you get there" className="mt-4">
      <Heading as="h3">How you get there</Heading>
      <p className="mt-1">
        Shift from {noteName(plan, shift.from)} with {shift.fromFinger} in {positionWords(shift.fromPosition)}, {shiftMoment(shift)}. The
        hand moves{' '}
        <strong>
          {semitonesText(shift.handSemitones)}, <Figure how={travelDerivation(shift)}>{mmText(shift.handMm)}</Figure>
        </strong>
        {speed === null ? '' : ` (${Math.round(speed)} mm/s)`}; the notes{' '}
        {shift.noteSemitones === 0 ? 'stay' : `move ${movementText(shift.noteSemitones)}`}. 10 cents there are{' '}
        <Figure how={tenCentsDerivation(semitones, plan.stringLengthMm)}>{mmText(shift.mmPerTenCents)}</Figure>.
      </p>
      <Guides shift={shift} />
    </section>
  );
}

/** Leads to the next step with a shift; it stands above, where it is seen at once. */
export function ShiftSteps({ plan, shift }: { readonly plan: Plan; readonly shift: Shift }) {
  const pieceId = useWork((work) => work.pieceId);
  return (
    <>
      <Button onClick={() => playPassage(aroundShift(plan, shift))}>Hear this shift</Button>
      <Button
        onClick={() => {
          selectPassage(aroundShift(plan, shift));
          playLoop();
        }}
      >
        Loop it
      </Button>
      <Button
        onClick={() => {
          selectPassage(aroundShift(plan, shift));
          practiseSlowly();
        }}
      >
        Loop it slowly
      </Button>
      <PutInButtons part={{ part: 'passage', ...aroundShift(plan, shift) }} />
      {pieceId !== null && <ButtonLink href={`/drills?piece=${pieceId}&shift=${shift.to}`}>Take it apart</ButtonLink>}
    </>
  );
}

/** Gives the passage from the note before the last one left to the note after the arrival. */
function aroundShift({ notes }: Plan, { from, to }: Shift): Passage {
  return { from: Math.max(0, from - 1), to: Math.min(notes.length - 1, to + 1) };
}

/** Names the note or rest at a place of the line. */
function noteName({ notes }: Plan, index: number): string {
  const note = notes[index];
  return note?.kind === 'note' ? pitchLabel(note.stops[0].written) : '';
}
