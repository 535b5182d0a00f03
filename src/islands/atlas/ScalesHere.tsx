import type { ScaleHere } from '#core/atlas';
import type { Brief } from '#core/brief';
import { keyLabel } from '#core/pitch';
import { useEngine } from '../../engine/queries.ts';
import { pieceOf } from '../../storage/pieces.ts';
import { newPieceRecord } from '../../storage/records.ts';
import { Button } from '../../ui/Button.tsx';
import { Answered } from '../../ui/states/Answered.tsx';
import { ATLAS_WORDS, positionName, scaleHereText } from '../../words/atlas.ts';
import { keepRecord } from '../pieces/keep-record.ts';

interface ScalesHereProps {
  readonly brief: Brief;
  readonly position: string;
}

/** The scales of which a position holds an octave at least, each one step from the bench. */
export function ScalesHere({ brief, position }: ScalesHereProps) {
  const asked = useEngine(brief, { kind: 'scales-here', position });
  return (
    <Answered asked={asked} waiting={ATLAS_WORDS.waiting}>
      {(scales) =>
        scales.length === 0 ? (
          <p className="text-[14px]">{ATLAS_WORDS.noScale}</p>
        ) : (
          <ul className="mt-1 text-[14px]">
            {scales.map((scale) => (
              <li key={scale.key} className="flex flex-wrap items-center gap-x-3 border-b border-line py-1">
                <span className="grow">{scaleHereText(scale, brief.instrument.kind)}</span>
                <Button onClick={() => void openScale(scale, position)}>
                  Play it
                  <span className="sr-only"> {keyLabel(scale.key)}</span>
                </Button>
              </li>
            ))}
          </ul>
        )
      }
    </Answered>
  );
}

/** The scale as a piece of its own on the bench, in its position. */
async function openScale({ key, brief }: ScaleHere, position: string): Promise<void> {
  const record = newPieceRecord(pieceOf(`${keyLabel(key)} in ${positionName(position)}`, brief, ''));
  await keepRecord(record);
  location.href = `/?piece=${record.id}`;
}
