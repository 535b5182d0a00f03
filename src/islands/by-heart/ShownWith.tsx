import type { Plan } from '#core/plan/describe';
import type { Help } from '#core/practice/fading';
import type { NoteGroup } from '#core/practice/item';
import { BLANK_PAGE } from '../../words/practice/fading.ts';
import { StandStaff } from '../practise/stand/StandStaff.tsx';
import { PathScore } from '../score/index.ts';
import { FingersAndNames } from './FingersAndNames.tsx';
import { PatternList } from './PatternList.tsx';
import { PlacesOnBoard } from './PlacesOnBoard.tsx';
import { TunerForLine } from './TunerForLine.tsx';

interface ShownWithProps {
  readonly plan: Plan;
  readonly group: NoteGroup;
  readonly helps: readonly Help[];
}

/** The styles that hide the parts of staff and path that are not among the helps. */
const HIDDEN = {
  staff: '[&_.engraving]:invisible [&_.on-staff]:invisible',
  numbers: '[&_[data-bead]_text]:invisible [&_.finger-number]:invisible',
  names: '[&_[data-landmark]_text]:invisible',
} as const;

function hidingStyles(helps: readonly Help[]): string {
  return (['staff', 'numbers', 'names'] as const).flatMap((help) => (helps.includes(help) ? [] : HIDDEN[help])).join(' ');
}

/** Tells whether fingers or names are written by themselves: names beside a path, either where neither staff nor path shows them. */
function isWritten(helps: readonly Help[]): boolean {
  if (helps.includes('path')) return helps.includes('names');
  return !helps.includes('staff') && (helps.includes('names') || helps.includes('numbers'));
}

/** The share of the window's height for the staff where nothing else is shown. */
const ALONE = 0.72;

/** Shows a line with some helps, in any mixture, down to a blank page. */
export function ShownWith({ plan, group, helps }: ShownWithProps) {
  const has = (help: Help): boolean => helps.includes(help);
  return (
    <div className="grid min-w-0 gap-4" data-testid="shown-with">
      {helps.length === 0 && <p className="py-10 text-center font-serif text-[28px]">{BLANK_PAGE}</p>}
      {has('path') && (
        <div className={`min-w-0 ${hidingStyles(helps)}`}>
          <PathScore plan={plan} name="the line" />
        </div>
      )}
      <Line plan={plan} group={group} helps={helps} />
      {has('pattern') && <PatternList plan={plan} group={group} isLarge={helps.length === 1} />}
      {has('tapes') && <PlacesOnBoard plan={plan} group={group} />}
      {has('tuner') && <TunerForLine plan={plan} group={group} />}
    </div>
  );
}

/** Shows the line itself beside a path, or without one: on the staff, or its fingers and names by themselves, as large as there is room. */
function Line({ plan, group, helps }: ShownWithProps) {
  const has = (help: Help): boolean => helps.includes(help);
  const [numbers, names] = [has('numbers'), has('names')];
  const isAlone = !(['path', 'pattern', 'tapes', 'tuner'] as const).some(has);
  return (
    <>
      {has('staff') && !has('path') && (
        <StandStaff plan={plan} group={group} numbers={numbers} names={names} {...(isAlone ? { share: ALONE } : {})} />
      )}
      {isWritten(helps) && (
        <FingersAndNames plan={plan} group={group} numbers={numbers && !has('path')} names={names} isLarge={isAlone && !has('staff')} />
      )}
    </>
  );
}
