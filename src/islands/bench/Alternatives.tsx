import { useEffect, useState } from 'react';
import type { Alternative, Plan, PlannedSound } from '#core/plan';
import { pointsText } from '#core/words';
import { takeAlternative } from '../../store/bench-actions.ts';
import { noteLabel, pitchLabel, PREFERENCE_LABELS } from '../../words/labels.ts';
import { gainText, payText } from '../../words/reasons.ts';
import { advisor } from '../../workers/client.ts';

/** How many other fingerings are offered. */
const MOST_OFFERED = 6;

/** How long a plan must stand before others are looked for, ms. */
const SETTLED_MS = 300;

/** How many of the notes that differ are named. */
const MOST_NAMED = 5;

/** Other fingerings of the line, each with what it gains and what it costs against the one shown. */
export function Alternatives({ plan }: { readonly plan: Plan }) {
  const alternatives = useAlternatives(plan);
  return (
    <section aria-label="Other fingerings" className="mt-4">
      <h2 className="small-heading">Other fingerings</h2>
      {alternatives === null && <p className="mt-1 text-dove-dark">Looking for others …</p>}
      {alternatives?.length === 0 && <p className="mt-1 text-dove-dark">No other fingering comes near this one.</p>}
      {alternatives !== null && alternatives.length > 0 && (
        <table className="plain-table mt-1">
          <thead>
            <tr>
              <th scope="col">Which</th>
              <th scope="col">Differs at</th>
              <th scope="col">Gains</th>
              <th scope="col">Costs</th>
              <th scope="col">In all</th>
              <th scope="col">
                <span className="sr-only">Take it</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {alternatives.map((alternative, index) => (
              <AlternativeRow key={index} plan={plan} alternative={alternative} />
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

function AlternativeRow({ plan, alternative }: { readonly plan: Plan; readonly alternative: Alternative }) {
  const name = nameOf(alternative);
  const { deltaThousandths } = alternative;
  return (
    <tr className="align-top">
      <th scope="row" className="text-left font-normal">
        {name}
      </th>
      <td>{differencesOf(plan, alternative)}</td>
      <td>{alternative.gains.length === 0 ? '–' : gainText(alternative.gains)}</td>
      <td>{alternative.pays.length === 0 ? '–' : payText(alternative.pays)}</td>
      <td className="whitespace-nowrap">
        {pointsText(deltaThousandths)} {deltaThousandths < 0 ? 'cheaper' : 'dearer'}
      </td>
      <td>
        <button
          type="button"
          className="quiet-button"
          aria-label={`Take this fingering: ${name}`}
          onClick={() => takeAlternative(alternative)}
        >
          Take
        </button>
      </td>
    </tr>
  );
}

function nameOf({ kind }: Alternative): string {
  switch (kind) {
    case 'other-way':
      return 'another way';
    case 'unlocked':
      return 'without your fixed notes';
    case 'fewest-shifts':
    case 'strong-fingers':
    case 'train-fourth':
    case 'open-strings-ring':
    case 'open-strings-covered':
    case 'one-string':
    case 'no-extensions':
    case 'low-positions':
    case 'connected':
    case 'finger-a-semitone':
      return PREFERENCE_LABELS[kind];
  }
}

/** "A4: 4 on D; B♭4: 1 on A; and 3 more". */
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

function useAlternatives(plan: Plan): readonly Alternative[] | null {
  const [alternatives, setAlternatives] = useState<{ readonly plan: Plan; readonly found: readonly Alternative[] } | null>(null);
  useEffect(() => {
    let gone = false;
    // Whoever turns the brief over and over is not kept busy with fingerings nobody looks at.
    const timer = window.setTimeout(() => {
      void advisor.alternatives(plan.brief, MOST_OFFERED).then((found) => {
        if (!gone) setAlternatives({ plan, found });
      });
    }, SETTLED_MS);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [plan]);
  return alternatives?.plan === plan ? alternatives.found : null;
}
