import { useState } from 'react';
import { type ScaleHere, SCALES_HERE, type ScaleTypeHere } from '#core/atlas';
import type { Brief } from '#core/brief';
import type { InstrumentKind } from '#core/instrument';
import { keyLabel } from '#core/key';
import { useEngine } from '../../engine/index.ts';
import { pieceOf } from '../../records/piece-documents.ts';
import { giveAsItIs } from '../../records/for-briefs.ts';
import type { PlayerRecord } from '../../records/record.ts';
import { newPieceRecord, NOTHING_USED } from '../../records/new-records.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/fields/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { Answered, Notice } from '../../ui/states/index.ts';
import { NOT_ANSWERED } from '../../words/notices.ts';
import { ATLAS_WORDS, positionName, scaleHereText, SCALES_HERE_WORDS } from '../../words/names/atlas.ts';
import { keepOrThrow } from '../../state/keeping/index.ts';

interface ScalesHereProps extends ForWhom {
  readonly brief: Brief;
  readonly position: string;
}

/** The player and the instrument that a scale is opened for. */
interface ForWhom {
  /** The player; null for nobody. */
  readonly player: PlayerRecord | null;
  /** The id of the instrument; null for one that is not of the studio. */
  readonly instrumentId: string | null;
}

/** Lists the scales of which a position holds an octave at least, each one step from the bench. */
export function ScalesHere({ brief, position, ...forWhom }: ScalesHereProps) {
  const [type, setType] = useState<ScaleTypeHere>('major');
  const asked = useEngine(brief, { kind: 'scales-here', position, type });
  return (
    <>
      <Heading>
        The <Choice label="Kind of scale" value={type} values={SCALES_HERE} name={(value) => SCALES_HERE_WORDS[value]} onChange={setType} />{' '}
        that live wholly in {positionName(position)}
      </Heading>
      <Answered asked={asked} waiting={ATLAS_WORDS.waiting}>
        {(scales) => <Scales scales={scales} kind={brief.instrument.kind} position={position} {...forWhom} />}
      </Answered>
    </>
  );
}

interface ScalesProps extends ForWhom {
  readonly scales: readonly ScaleHere[];
  readonly kind: InstrumentKind;
  readonly position: string;
}

function Scales({ scales, kind, position, ...forWhom }: ScalesProps) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const fail = (error: unknown): void => setTrouble(error instanceof Error ? error.message : NOT_ANSWERED);
  if (scales.length === 0) return <p className="text-[14px]">{ATLAS_WORDS.noScale}</p>;
  return (
    <>
      {trouble !== null && <Notice trouble>{trouble}</Notice>}
      <ul className="mt-1 text-[14px]">
        {scales.map((scale) => (
          <li key={scale.key} className="flex flex-wrap items-center gap-x-3 border-b border-line py-1">
            <span className="grow">{scaleHereText(scale, kind)}</span>
            <Button onClick={() => void openScale(scale, position, forWhom).catch(fail)}>
              Play it
              <span className="sr-only"> {keyLabel(scale.key)}</span>
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}

/** Opens the scale as a piece of its own on the bench, in its position, for the player and on the instrument of the map. */
async function openScale({ key, brief }: ScaleHere, position: string, { player, instrumentId }: ForWhom): Promise<void> {
  const given = player ? giveAsItIs(player, { brief, instrumentId }) : { brief, ...NOTHING_USED, instrumentId };
  const record = newPieceRecord(pieceOf(`${keyLabel(key)} in ${positionName(position)}`, given.brief, ''), false, given);
  await keepOrThrow('piece', record);
  location.href = `/?piece=${record.id}`;
}
