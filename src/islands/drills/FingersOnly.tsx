import { positionShort } from '#core/messages';
import { pitchLabel } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import { OpenedSection } from '../../ui/OpenedSection.tsx';

/** The drill without notation: fingers and names, a line for each stay of the hand. */
export function FingersOnly({ plan }: { readonly plan: Plan }) {
  return (
    <OpenedSection title="Fingers and names only">
      {() => (
        <ol className="mt-1 columns-[18rem] text-[15px]">
          {plan.stays.map((stay) => (
            <li key={stay.from} className="break-inside-avoid">
              <span className="text-dove-dark">{positionShort(stay.position)}:</span>{' '}
              {plan.notes
                .slice(stay.from, stay.to + 1)
                .flatMap(fingerAndName)
                .join(' · ')}
            </li>
          ))}
        </ol>
      )}
    </OpenedSection>
  );
}

function fingerAndName(note: Plan['notes'][number]): readonly string[] {
  if (note.kind === 'rest') return [];
  const fingers = note.stops.map(({ finger }) => finger).join('+');
  return [`${fingers} ${note.stops.map(({ written }) => pitchLabel(written)).join('+')}`];
}
