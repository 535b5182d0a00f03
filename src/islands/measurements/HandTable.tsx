import type { Instrument } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import { noteLabel } from '#core/pitch';
import type { FingerPattern, Plan, Stay } from '#core/plan/describe';
import { Figure } from '../../ui/Figure.tsx';
import { Table } from '../../ui/Table.tsx';
import { reachDerivation } from '../../words/explain/derivations.ts';
import { exactMmText } from '../../words/intonation/intonation.ts';
import { PATTERN_WAYS, patternText } from '../../words/hand/patterns.ts';
import { mmText, reachText } from '../../words/plan-words.ts';

interface HandTableProps {
  readonly plan: Plan;
  readonly instrument: Instrument;
  readonly stay: Stay;
}

/**
 * Shows the hand of a stay in figures: the place of each finger, its distance from the next, the fingers that touch, and the demand on the
 * hand.
 */
export function HandTable({ plan, instrument, stay }: HandTableProps) {
  return (
    <>
      <Table className="mt-3 max-w-4xl">
        <caption className="sr-only">Fingers of the hand, string by string</caption>
        <thead>
          <tr>
            <th scope="col">String</th>
            <th scope="col">Fingers, mm from the nut</th>
            <th scope="col">From finger to finger</th>
            <th scope="col">What touches</th>
          </tr>
        </thead>
        <tbody>
          {stay.patterns.map((pattern) => (
            <PatternRow key={`${pattern.string} ${pattern.way}`} pattern={pattern} plan={plan} />
          ))}
        </tbody>
      </Table>
      <p className="mt-2 text-[15px]">
        {stay.reach ? (
          <>
            The widest reach here: <Figure how={reachDerivation(stay.reach, plan.stringLengthMm)}>{reachText(stay.reach)}</Figure>.
          </>
        ) : (
          'Only open strings play here.'
        )}{' '}
        {stay.acrossStrings
          .map(
            (across) =>
              `Finger ${across.finger} stands ${mmText(Math.abs(acrossMm(across, instrument)))} ${across.semitones > 0 ? 'higher' : 'lower'} on ${across.toString} than on ${across.fromString}.`,
          )
          .join(' ')}
      </p>
    </>
  );
}

function PatternRow({ pattern, plan }: { readonly pattern: FingerPattern; readonly plan: Plan }) {
  const { stringLengthMm: lengthMm, brief } = plan;
  const at = (semitones: number): number => mmFromNut(lengthMm, semitones);
  const between = pattern.gaps.map((gap, index) => {
    const from = pattern.places[index]?.semitonesAboveOpen ?? 0;
    return `${gap.from}–${gap.to} ${mmText(at(from + gap.semitones) - at(from))}`;
  });
  return (
    <tr>
      <td>
        {pattern.string} ({noteLabel(pattern.open)}){PATTERN_WAYS[pattern.way]}
      </td>
      <td>{pattern.places.map((place) => `${place.finger}: ${exactMmText(at(place.semitonesAboveOpen))}`).join(', ')}</td>
      <td>{between.join(', ')}</td>
      <td>{patternText(pattern, brief.school)}</td>
    </tr>
  );
}

/** Gives the distance of one finger from its place on the next lower string. */
function acrossMm({ semitonesAboveOpen, semitones }: Stay['acrossStrings'][number], { stringLengthMm }: Instrument): number {
  return mmFromNut(stringLengthMm, semitonesAboveOpen + semitones) - mmFromNut(stringLengthMm, semitonesAboveOpen);
}
