import { type KeyboardEvent, useRef, useState } from 'react';
import { countText } from '#core/messages';
import { noteLabel, pitchLabel } from '#core/pitch';
import type { Alternative } from '#core/plan';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { adoptAlternative } from '../../../state/edits/index.ts';
import { overlay } from '../../../state/planning-actions.ts';
import { usePlanning } from '../../../state/planning.ts';
import { passageOf, useSelection } from '../../../state/selection.ts';
import { Answered } from '../../../ui/states/index.ts';
import { Button } from '../../../ui/Button.tsx';
import { Figure } from '../../../ui/Figure.tsx';
import { passageText, tellNotesOfPlan } from '../../../words/line/note-places.ts';
import { gainText, payText } from '../../../words/explain/differences.ts';
import { alternativeName } from '../../../words/explain/alternatives.ts';
import { weighedHow, weighedText } from '../../../words/explain/weighed.ts';
import { highestMmOf, smallPath } from '../../../path/index.ts';
import { useOtherFingerings } from './use-other-fingerings.ts';

/** The number of differing notes that are named. */
const MOST_NAMED = 4;

/**
 * Shows other fingerings of the line as small paths: looked at by pointing or with the arrows, overlaid on the picture, used whole or for a
 * passage.
 */
export function Alternatives({ plan }: { readonly plan: Plan }) {
  const { others, ask } = useOtherFingerings(plan);
  const found = others !== 'unasked' && others.state === 'answered' ? others.value : [];
  const overlaid = usePlanning((planning) => planning.overlaid);
  const [kept, setKept] = useState<number | null>(null);
  const keep = (index: number): void => {
    const next = kept === index ? null : index;
    setKept(next);
    overlay(next);
  };
  const shown = overlaid === null ? null : (found[overlaid] ?? null);
  const highest = highestMmOf([plan, ...found.map((other) => other.plan)]);
  return (
    <section aria-label="Other fingerings" className="mt-1 min-h-[116px]">
      <h2 className="sr-only">Other fingerings</h2>
      {others === 'unasked' ? (
        <Button onClick={ask}>Look for other fingerings of this long line</Button>
      ) : (
        <div className="text-sm">
          <Answered asked={others} waiting="Looking for other fingerings …">
            {(all) => all.length === 0 && <span className="text-dove-dark">No other fingering comes near this one.</span>}
          </Answered>
        </div>
      )}
      {found.length > 0 && (
        <div className="flex gap-2 overflow-x-auto pt-0.5 pb-1 [scrollbar-width:thin]" onMouseLeave={() => overlay(kept)}>
          {found.map((alternative, index) => (
            <SmallPathButton
              key={index}
              plan={plan}
              alternative={alternative}
              highest={highest}
              shown={overlaid === index}
              kept={kept === index}
              onLook={() => overlay(index)}
              onKeep={() => keep(index)}
            />
          ))}
        </div>
      )}
      <Told plan={plan} shown={shown} any={found.length > 0} />
    </section>
  );
}

const SMALL = { width: 132, height: 22 } as const;

interface SmallPathButtonProps {
  readonly plan: Plan;
  readonly alternative: Alternative;
  readonly highest: number;
  readonly shown: boolean;
  readonly kept: boolean;
  readonly onLook: () => void;
  readonly onKeep: () => void;
}

function SmallPathButton({ plan, alternative, highest, shown, kept, onLook, onKeep }: SmallPathButtonProps) {
  const button = useRef<HTMLButtonElement>(null);
  const name = alternativeName(alternative.name, alternative.plan.strings);
  const apart = new Set(alternative.differsAt);
  const before = smallPath(plan, { ...SMALL, highestMm: highest });
  const path = smallPath(alternative.plan, { ...SMALL, highestMm: highest });
  const move = (event: KeyboardEvent): void => {
    const next =
      event.key === 'ArrowRight'
        ? button.current?.nextElementSibling
        : event.key === 'ArrowLeft'
          ? button.current?.previousElementSibling
          : null;
    if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') event.stopPropagation();
    if (next instanceof HTMLButtonElement) next.focus();
  };
  return (
    <button
      ref={button}
      type="button"
      aria-pressed={kept}
      aria-label={`Overlay: ${name}, ${countText(alternative.differsAt.length, 'note', 'notes')} fingered differently`}
      className={`shrink-0 border px-1.5 pt-1 text-left ${shown ? 'border-ink bg-paper-deep' : 'border-dove-light'} ${kept ? 'border-b-[3px]' : ''}`}
      style={{ width: SMALL.width + 14 }}
      onMouseEnter={onLook}
      onFocus={onLook}
      onClick={onKeep}
      onKeyDown={move}
    >
      <svg width={SMALL.width} height={SMALL.height} aria-hidden="true" className="block">
        {before.dots.map((dot) => (
          <circle key={dot.index} cx={dot.x} cy={dot.y} r={1.2} className="fill-dove-light" />
        ))}
        {path.shifts.map((shift) => (
          <line key={shift.x} x1={shift.x} y1={shift.y} x2={shift.toX} y2={shift.toY} className="stroke-madder" strokeWidth={1.4} />
        ))}
        {path.dots.map((dot) => (
          <circle
            key={dot.index}
            cx={dot.x}
            cy={dot.y}
            r={apart.has(dot.index) ? 2.4 : 1.3}
            className={apart.has(dot.index) ? 'fill-ink' : 'fill-dove'}
          />
        ))}
      </svg>
      <span className="block min-h-[2.56em] font-serif text-[13px] leading-[1.28]" title={name}>
        {name}
      </span>
      <span className="block pb-0.5 text-[12px] text-dove-dark">
        {countText(alternative.plan.shifts.length, 'shift', 'shifts')}, {weighedText(alternative.deltaThousandths)}
      </span>
    </button>
  );
}

/** Tells what the overlaid fingering gains and costs, with a button to use it. */
function Told({ plan, shown, any }: { readonly plan: Plan; readonly shown: Alternative | null; readonly any: boolean }) {
  const selected = useSelection((selection) => selection.selected);
  const passageFrom = useSelection((selection) => selection.passageFrom);
  const passage = passageOf({ selected, passageFrom });
  if (!shown) {
    return any ? (
      <p className="flex min-h-8 items-center text-sm text-dove-dark">Point at another fingering, or press A, to overlay it on this one.</p>
    ) : null;
  }
  const name = alternativeName(shown.name, shown.plan.strings);
  return (
    <div className="flex min-h-8 items-center gap-2 text-sm leading-tight">
      <p className="grow">
        {shown.gains.length > 0 && (
          <>
            <strong>Gains</strong> {gainText(shown.gains)}.{' '}
          </>
        )}
        {shown.pays.length > 0 && (
          <>
            <strong>Costs</strong> {payText(shown.pays)}.{' '}
          </>
        )}
        Total{' '}
        <Figure how={weighedHow(shown.deltaThousandths, [...shown.gains, ...shown.pays])}>{weighedText(shown.deltaThousandths)}</Figure>.{' '}
        <span className="text-dove-dark">{differencesOf(plan, shown)}</span>
      </p>
      <Button aria-label={`Use this fingering: ${name}`} onClick={() => adoptAlternative(shown)}>
        Use it
      </Button>
      {passage && (
        <Button className="text-left whitespace-normal!" onClick={() => adoptAlternative(shown, passage)}>
          Use for {passageText(passage, tellNotesOfPlan(plan))}
        </Button>
      )}
    </div>
  );
}

/** Writes the differences: "A4 4 on D, B♭4 1 on A and 3 more". */
function differencesOf(plan: Plan, { differsAt, plan: other }: Alternative): string {
  const named = differsAt.slice(0, MOST_NAMED).map((note) => {
    const sound = other.notes[note];
    return sound?.kind === 'note' ? fingeringOf(sound, plan.notes[note]) : '';
  });
  const more = differsAt.length - named.length;
  return `${named.join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
}

function fingeringOf(sound: PlannedSound, before: Plan['notes'][number] | undefined): string {
  const fingers = sound.stops.map((stop) => stop.finger).join('·');
  const sameString = before?.kind === 'note' && before.stops[0].open === sound.stops[0].open;
  return `${pitchLabel(sound.stops[0].written)} ${fingers}${sameString ? '' : ` on ${noteLabel(sound.stops[0].open)}`}`;
}
