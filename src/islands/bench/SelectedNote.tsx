import { Lock, LockOpen } from 'lucide-react';
import { useCallback } from 'react';
import { lockOf, type Plan, type PlannedSound, type Shift, type WayToPlay, wishOf } from '#core/plan';
import { positionWords } from '#core/words';
import { unlock, wishFor } from '../../store/bench-actions.ts';
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
import { useAnswer } from '../use-answer.ts';
import { Guides } from './Guides.tsx';
import { WhyPanel } from './WhyPanel.tsx';

/** One note: what it is, how else it can be played, how the hand gets there, and why. */
export function SelectedNote({ plan, index, note }: { readonly plan: Plan; readonly index: number; readonly note: PlannedSound }) {
  const stop = note.stops[0];
  const shift = plan.shifts.find((each) => each.to === index);
  const place = placeText(note);
  const answer = useAnswer(useCallback(() => advisor.waysToPlay(plan.brief, index), [plan, index]));
  const ways = answer?.ok ? answer.value : [];
  return (
    <>
      <h2 className="text-2xl font-semibold">{soundText(note)}</h2>
      <p className="text-lg">{fingeringText(note)}</p>
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-3 text-[15px]">
        {stop.finger !== '0' && <Fact name="Position" value={positionWords(note.position)} />}
        <Fact name="From the nut" value={note.stops.map((each) => mmText(each.mmFromNut)).join(', ')} />
        <Fact name={`Above open ${noteLabel(stop.open)}`} value={semitonesText(stop.semitonesAboveOpen)} />
        {note.reach && note.reach.needMm > 0 && <Fact name="Reach" value={reachText(note.reach)} />}
        {place !== '' && place !== 'open' && <Fact name="Finger" value={place} />}
      </dl>
      <p className="mt-3">
        <LockButton index={index} note={note} />
      </p>
      <OtherWays ways={ways} index={index} note={note} />
      {shift && <Arrival shift={shift} />}
      <WhyPanel plan={plan} index={index} note={note} ways={ways} />
    </>
  );
}

function Fact({ name, value }: { readonly name: string; readonly value: string }) {
  return (
    <>
      <dt className="text-dove-dark">{name}</dt>
      <dd>{value}</dd>
    </>
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

function Arrival({ shift }: { readonly shift: Shift }) {
  const speed = shiftSpeed(shift);
  return (
    <section aria-label="How you get there" className="mt-4">
      <h3 className="small-heading">How you get there</h3>
      <p className="mt-1">
        Shift from {shift.fromFinger} in {positionWords(shift.fromPosition)}, {shiftMoment(shift)}. The hand moves{' '}
        <strong>
          {semitonesText(shift.handSemitones)}, {mmText(shift.handMm)}
        </strong>
        {speed === null ? '' : ` (${Math.round(speed)} mm/s)`}; the notes{' '}
        {shift.noteSemitones === 0 ? 'stay' : `move ${movementText(shift.noteSemitones)}`}. Ten cents there are{' '}
        {mmText(shift.mmPerTenCents)}.
      </p>
      <Guides guides={shift.guides} />
    </section>
  );
}
