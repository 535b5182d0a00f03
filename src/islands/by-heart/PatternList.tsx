import { positionShort } from '#core/messages';
import { noteLabel } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import type { NoteGroup } from '#core/practice/item';
import { PATTERN_WAYS, patternText } from '../../words/hand/patterns.ts';

interface PatternListProps {
  readonly plan: Plan;
  readonly group: NoteGroup;
  /** Whether it has the page for itself. */
  readonly isLarge: boolean;
}

/** Lists the fingers that touch, position by position, by the teacher’s own names where there are some. */
export function PatternList({ plan, group, isLarge }: PatternListProps) {
  const stays = plan.stays.filter(({ from, to }) => to >= group.from && from <= group.to);
  return (
    <ul aria-label="Which fingers touch" className={isLarge ? 'text-[32px]' : 'text-[18px]'}>
      {stays.map(({ from, position, patterns }) => (
        <li key={from}>
          <span className="text-dove-dark">{positionShort(position)}</span>{' '}
          {patterns
            .map((pattern) => `${noteLabel(pattern.open)}${PATTERN_WAYS[pattern.way]}: ${patternText(pattern, plan.brief.school)}`)
            .join('; ')}
        </li>
      ))}
    </ul>
  );
}
