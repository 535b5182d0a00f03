import { Lock, LockOpen } from 'lucide-react';
import { Tabs } from 'radix-ui';
import { Fragment, useCallback } from 'react';
import { semitoneSpaceMm } from '#core/instrument';
import { handOfPlan, lockOf, type Plan, type PlannedSound, type Shift, type WayToPlay, wishOf } from '#core/plan';
import { positionWords } from '#core/words';
import { unlock, wishFor } from '../../store/bench-actions.ts';
import {
  placeDerivation,
  reachDerivation,
  roomDerivation,
  semitonesDerivation,
  tenCentsDerivation,
  travelDerivation,
} from '../../words/derivations.ts';
import { noteLabel, wayLabel } from '../../words/labels.ts';
import {
  fingeringText,
  mmText,
  movementText,
  placeText,
  reachText,
  semitonesText,
  shiftMoment,
  shiftSpeed,
  soundText,
} from '../../words/plan-words.ts';
import { advisor } from '../../workers/client.ts';
import { Figure } from '../Figure.tsx';
import { useAnswer } from '../use-answer.ts';
import { Fact } from './Fact.tsx';
import { Guides } from './Guides.tsx';
import { InTune } from './InTune.tsx';
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

/** One note: what it is, how else it can be played, how the hand gets there, and why; or where it is in tune. */
export function SelectedNote({ plan, index, note }: SelectedNoteProps) {
  return (
    <>
      <h2 className="text-2xl font-semibold">{soundText(note)}</h2>
      <p className="text-lg">{fingeringText(note)}</p>
      <Tabs.Root defaultValue={TABS[0]}>
        <Tabs.List aria-label="About the note" className="mt-2 flex gap-5 border-b border-line">
          {TABS.map((tab) => (
            <Tabs.Trigger key={tab} value={tab} className="tab">
              {TAB_LABELS[tab]}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        <Tabs.Content value="fingering">
          <Fingered plan={plan} index={index} note={note} />
        </Tabs.Content>
        <Tabs.Content value="in-tune">
          <InTune plan={plan} note={note} />
        </Tabs.Content>
        <Tabs.Content value="write">
          <WriteTab plan={plan} index={index} note={note} />
        </Tabs.Content>
      </Tabs.Root>
    </>
  );
}

function Fingered({ plan, index, note }: SelectedNoteProps) {
  const shift = plan.shifts.find((each) => each.to === index);
  const answer = useAnswer(useCallback(() => advisor.waysToPlay(plan.brief, index), [plan, index]));
  const ways = answer?.ok ? answer.value : [];
  return (
    <>
      <Facts plan={plan} note={note} />
      <p className="mt-3">
        <LockButton index={index} note={note} />
      </p>
      <OtherWays ways={ways} index={index} note={note} />
      {shift && <Arrival plan={plan} shift={shift} />}
      <WhyPanel plan={plan} index={index} note={note} ways={ways} />
    </>
  );
}

function Facts({ plan, note }: { readonly plan: Plan; readonly note: PlannedSound }) {
  const { stringLengthMm } = plan;
  const stop = note.stops[0];
  const place = placeText(note);
  return (
    <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-3 text-[15px]">
      {stop.finger !== '0' && <Fact name="Position">{positionWords(note.position)}</Fact>}
      <Fact name="From the nut">
        {note.stops.map((each, order) => (
          <Fragment key={each.string}>
            {order > 0 && ', '}
            <Figure how={placeDerivation(each, stringLengthMm)}>{mmText(each.mmFromNut)}</Figure>
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
      {place !== '' && place !== 'open' && <Fact name="Finger">{place}</Fact>}
      <Room plan={plan} semitones={stop.semitonesAboveOpen} />
    </dl>
  );
}

/** Where the next semitone is narrower than two fingertips: a finger set there gives way to its neighbour. */
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
      <button type="button" className="quiet-button" onClick={() => unlock(index)}>
        <LockOpen size={15} aria-hidden="true" /> Let this note go
      </button>
    );
  }
  return (
    <button type="button" className="quiet-button" onClick={() => void wishFor(lockOf(index, note))}>
      <Lock size={15} aria-hidden="true" /> Fix it as it is
    </button>
  );
}

/** All fingers and strings on which this hand can play the note, string by string. */
function OtherWays({ ways, index, note }: { readonly ways: readonly WayToPlay[]; readonly index: number; readonly note: PlannedSound }) {
  const strings = [...new Set(ways.map((way) => way.open))];
  const stop = note.stops[0];
  return (
    <section aria-label="Other ways to play it" className="mt-4">
      <h3 className="small-heading">Play it with</h3>
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
                    <WayButton
                      key={wayLabel(way)}
                      way={way}
                      index={index}
                      current={way.open === stop.open && way.finger === stop.finger && way.upperFinger === (note.stops[1]?.finger ?? null)}
                    />
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
    <button
      type="button"
      className={`quiet-button ${way.allowed ? '' : 'border-dashed text-dove-dark'}`}
      aria-pressed={current}
      title={way.allowed ? place : `${place}: outside the limits of this brief`}
      aria-label={`finger ${wayLabel(way)} on ${way.string}, ${place}${way.allowed ? '' : ', outside the limits'}`}
      onClick={() => void wishFor(wishOf(index, way))}
    >
      {wayLabel(way)}
    </button>
  );
}

function Arrival({ plan, shift }: { readonly plan: Plan; readonly shift: Shift }) {
  const speed = shiftSpeed(shift);
  const arrival = plan.notes[shift.to];
  const semitones = arrival?.kind === 'note' ? arrival.stops[0].semitonesAboveOpen : 0;
  return (
    <section aria-label="How you get there" className="mt-4">
      <h3 className="small-heading">How you get there</h3>
      <p className="mt-1">
        Shift from {shift.fromFinger} in {positionWords(shift.fromPosition)}, {shiftMoment(shift)}. The hand moves{' '}
        <strong>
          {semitonesText(shift.handSemitones)}, <Figure how={travelDerivation(shift)}>{mmText(shift.handMm)}</Figure>
        </strong>
        {speed === null ? '' : ` (${Math.round(speed)} mm/s)`}; the notes{' '}
        {shift.noteSemitones === 0 ? 'stay' : `move ${movementText(shift.noteSemitones)}`}. Ten cents there are{' '}
        <Figure how={tenCentsDerivation(semitones, plan.stringLengthMm)}>{mmText(shift.mmPerTenCents)}</Figure>.
      </p>
      <Guides guides={shift.guides} />
    </section>
  );
}
