import { type Share, SHARES } from '#core/class-score';
import { SelectField } from '../../ui/fields/index.ts';
import { Table, TableHead } from '../../ui/Table.tsx';
import { CLASS_SCORE, SHARE_LABELS } from '../../words/paper/class-score.ts';
import { INSTRUMENT_LABELS, instrumentLabel } from '../../words/studio/instruments.ts';
import type { Candidate } from './class-of-choices.ts';

interface PlayerChoicesProps {
  readonly candidates: readonly Candidate[];
  readonly shares: Readonly<Record<string, Share>>;
  readonly onChoose: (shares: Readonly<Record<string, Share>>) => void;
}

/** Chooses who is in the class, and which notes each plays. */
export function PlayerChoices({ candidates, shares, onChoose }: PlayerChoicesProps) {
  const setShare = (id: string, share: Share | null): void => {
    const { [id]: _, ...others } = shares;
    onChoose(share === null ? others : { ...others, [id]: share });
  };
  return (
    <fieldset className="min-w-0">
      <legend className="font-semibold">{CLASS_SCORE.players}</legend>
      <Table>
        <TableHead columns={[CLASS_SCORE.player, CLASS_SCORE.instrument, CLASS_SCORE.plays]} />
        <tbody>
          {candidates.map(({ id, name, base }) => {
            const shown = name === '' ? `Any ${INSTRUMENT_LABELS[base.instrument.kind]}` : name;
            const share = shares[id];
            return (
              <tr key={id}>
                <td>
                  <label className="flex min-h-8 items-center gap-2">
                    <input
                      type="checkbox"
                      className="size-4 accent-ink"
                      checked={share !== undefined}
                      onChange={(event) => setShare(id, event.target.checked ? 'all' : null)}
                    />
                    <span>{shown}</span>
                  </label>
                </td>
                <td>
                  <span className="flex min-h-8 items-center">{instrumentLabel(base)}</span>
                </td>
                <td>
                  {share !== undefined && (
                    <SelectField
                      aria-label={`${shown} plays`}
                      value={share}
                      options={SHARES.map((value) => ({ value, name: SHARE_LABELS[value] }))}
                      onChoose={(next) => setShare(id, next)}
                    />
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Table>
    </fieldset>
  );
}
