import { schoolsOf } from '#core/hand';
import type { PlannedSide, Side } from '../../state/compared-sides.ts';
import type { Studio } from '../../records/studio.ts';
import type { StudioWithPieces } from '../../state/reading/index.ts';
import { Choice } from '../../ui/fields/index.ts';
import { alternativeName } from '../../words/explain/alternatives.ts';
import { SCHOOL_LABELS } from '../../words/hand/hands.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';

interface SideSentenceProps {
  readonly name: string;
  readonly side: Side;
  readonly planned: PlannedSide | null;
  readonly studio: StudioWithPieces;
  readonly onChange: (side: Side) => void;
}

/** Describes one side in a sentence: piece, player, instrument, school, fingering. */
export function SideSentence({ name, side, planned, studio, onChange }: SideSentenceProps) {
  const { pieces } = studio;
  const titleOf = (id: string): string => {
    const piece = pieces.find((piece) => piece.id === id)?.document;
    return piece ? pieceTitle(piece) : '';
  };
  const nameOf = (records: Studio['players'] | Studio['instruments'], id: string): string =>
    records.find((record) => record.id === id)?.document.name ?? '';
  const label = (what: string): string => `${what}, ${name}`;
  return (
    <p>
      {name === 'This' ? 'This: ' : 'Compared with: '}
      <Choice
        label={label('Piece')}
        value={side.pieceId}
        values={pieces.map(({ id }) => id)}
        name={titleOf}
        onChange={(pieceId) => onChange({ ...side, pieceId, fingering: 'best' })}
      />
      , for{' '}
      <Choice
        label={label('Player')}
        value={side.playerId ?? 'own'}
        values={['own', ...studio.players.map(({ id }) => id)]}
        name={(id) => (id === 'own' ? 'its own player' : nameOf(studio.players, id))}
        onChange={(id) => onChange({ ...side, playerId: id === 'own' ? null : id, school: null, fingering: 'best' })}
      />{' '}
      on{' '}
      <Choice
        label={label('Instrument')}
        value={side.instrumentId ?? 'own'}
        values={['own', ...studio.instruments.map(({ id }) => id)]}
        name={(id) => (id === 'own' ? 'its own instrument' : nameOf(studio.instruments, id))}
        onChange={(id) => onChange({ ...side, instrumentId: id === 'own' ? null : id, school: null, fingering: 'best' })}
      />
      <HowItIsFingered side={side} planned={planned} label={label} onChange={onChange} />.
    </p>
  );
}

interface HowItIsFingeredProps extends Pick<SideSentenceProps, 'side' | 'planned' | 'onChange'> {
  readonly label: (what: string) => string;
}

/** Tells the school, where there are several, and the fingering. */
function HowItIsFingered({ side, planned, label, onChange }: HowItIsFingeredProps) {
  const schools = planned ? schoolsOf(planned.brief.instrument.kind) : [];
  const fingerings = ['best', ...(planned?.others ?? []).map((_, index) => String(index))];
  const fingeringName = (which: string): string => {
    const alternative = planned?.others[Number(which)];
    return which === 'best' || !alternative
      ? 'the best fingering'
      : `another: ${alternativeName(alternative.name, alternative.plan.strings)}`;
  };
  return (
    <>
      {schools.length > 1 && (
        <>
          ,{' '}
          <Choice
            label={label('Left hand')}
            value={side.school ?? planned?.brief.player?.school ?? schools[0] ?? 'standard'}
            values={schools}
            name={(school) => SCHOOL_LABELS[school]}
            onChange={(school) => onChange({ ...side, school, fingering: 'best' })}
          />
        </>
      )}
      , in{' '}
      <Choice
        label={label('Fingering')}
        value={fingerings.includes(String(side.fingering)) ? String(side.fingering) : 'best'}
        values={fingerings}
        name={fingeringName}
        onChange={(which) => onChange({ ...side, fingering: which === 'best' ? 'best' : Number(which) })}
      />
    </>
  );
}
