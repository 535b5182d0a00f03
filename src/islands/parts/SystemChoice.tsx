import type { Brief } from '#core/brief';
import { withIntonation } from '#core/brief/edits';
import { LEADING_CENTS, SYSTEMS } from '#core/intonation';
import { changeBrief } from '../../state/edits/index.ts';
import { Choice, TextField } from '../../ui/fields/index.ts';
import { SYSTEM_LABELS } from '../../words/intonation/intonation.ts';

/** Chooses the tuning that the notes of the piece aim at; with melodic intonation, how much leading notes are raised. */
export function SystemChoice({ intonation }: { readonly intonation: Brief['intonation'] }) {
  const system = intonation?.system ?? 'equal';
  const leading = intonation?.leadingCents ?? LEADING_CENTS.usual;
  return (
    <>
      <Choice
        label="Intonation"
        value={system}
        values={SYSTEMS}
        name={(value) => SYSTEM_LABELS[value]}
        onChange={(next) => changeBrief((brief) => withIntonation(brief, { system: next }))}
      />
      {system === 'melodic' && (
        <label>
          {' '}
          by{' '}
          <TextField
            type="number"
            className="w-16"
            aria-label="Leading notes raised, cents"
            min={LEADING_CENTS.least}
            max={LEADING_CENTS.most}
            value={leading}
            onChange={(event) => {
              const cents = Number(event.target.value);
              if (event.target.value !== '' && cents >= LEADING_CENTS.least && cents <= LEADING_CENTS.most)
                changeBrief((brief) => withIntonation(brief, { leadingCents: cents }));
            }}
          />{' '}
          cents
        </label>
      )}
    </>
  );
}
