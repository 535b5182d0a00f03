import { Lock, LockOpen } from 'lucide-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import type { Plan, PlannedSound, Shift, WayToPlay } from '#core/plan';
import { positionWords } from '#core/words';
import { unlock, wishFor } from '../../store/bench-actions.ts';
import { useBench } from '../../store/bench-store.ts';
import { noteLabel, REACH_LABELS, wayLabel } from '../../words/labels.ts';
import {
  fingeringText,
  mmText,
  movementText,
  placeText,
  semitonesText,
  shiftMoment,
  shiftSpeed,
  soundText,
} from '../../words/plan-words.ts';
import { advisor } from '../../workers/client.ts';

/** Come when a note is chosen: the bench is drawn without them. */
const WhyPanel = lazy(async () => ({ default: (await import('./WhyPanel.tsx')).WhyPanel }));
const Guides = lazy(async () => ({ default: (await import('./Guides.tsx')).Guides }));

/** The selected note: what it is, how else it can be played, and how the hand gets there. */
export function NotePanel({ plan }: { readonly plan: Plan }) {
  const selected = useBench((bench) => bench.selected);
  const note = selected === null ? undefined : plan.notes[selected];
  return (
    <aside aria-label="Selected note" className="border-l border-line pl-5 max-lg:mt-4 max-lg:border-l-0 max-lg:pl-0">
      {selected !== null && note?.kind === 'note' ? <SelectedNote plan={plan} index={selected} note={note} /> : <Nothing />}
    </aside>
  );
}

function Nothing() {
  return (
    <>
      <h2 className="text-xl font-semibold">Choose a note</h2>
      <p className="mt-2 text-dove-dark">
        Click a note or a bead, or press → for the first. Then press 0 to 4 for another finger, ↑ ↓ for another string: the rest is planned
        anew around it.
      </p>
    </>
  );
}

function SelectedNote({ plan, index, note }: { readonly plan: Plan; readonly index: number; readonly note: PlannedSound }) {
  const stop = note.stops[0];
  const shift = plan.shifts.find((each) => each.to === index);
  const place = placeText(note);
  const ways = useWays(plan, index);
  return (
    <>
      <h2 className="text-2xl font-semibold">{soundText(note)}</h2>
      <p className="text-lg">{fingeringText(note)}</p>
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-3 text-[15px]">
        {stop.finger !== '0' && <Fact name="Position" value={positionWords(note.position)} />}
        <Fact name="From the nut" value={note.stops.map((each) => mmText(each.mmFromNut)).join(', ')} />
        <Fact name={`Above open ${noteLabel(stop.open)}`} value={semitonesText(stop.semitonesAboveOpen)} />
        {note.reach && note.reach.needMm > 0 && (
          <Fact name="Reach" value={`${mmText(note.reach.needMm)}, ${REACH_LABELS[note.reach.verdict]}`} />
        )}
        {place !== '' && place !== 'open' && <Fact name="Finger" value={place} />}
      </dl>
      <p className="mt-3">
        <LockButton index={index} note={note} />
      </p>
      <OtherWays ways={ways} index={index} note={note} />
      {shift && <Arrival shift={shift} />}
      <Suspense>
        <WhyPanel plan={plan} index={index} note={note} ways={ways} />
      </Suspense>
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
  const stop = note.stops[0];
  if (note.locked) {
    return (
      <button type="button" className="quiet-button" onClick={() => unlock(index)}>
        <LockOpen size={15} aria-hidden="true" /> Let this note go
      </button>
    );
  }
  return (
    <button type="button" className="quiet-button" onClick={() => void wishFor({ note: index, string: stop.open, finger: stop.finger })}>
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
      onClick={() => void wishFor({ note: index, string: way.open, finger: way.finger })}
    >
      {wayLabel(way)}
    </button>
  );
}

function useWays(plan: Plan, index: number): readonly WayToPlay[] {
  const [ways, setWays] = useState<readonly WayToPlay[]>([]);
  useEffect(() => {
    let gone = false;
    void advisor.waysToPlay(plan.brief, index).then((answer) => {
      if (!gone) setWays(answer.ok ? answer.value : []);
    });
    return () => {
      gone = true;
    };
  }, [plan, index]);
  return ways;
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
      <Suspense>
        <Guides guides={shift.guides} />
      </Suspense>
    </section>
  );
}
