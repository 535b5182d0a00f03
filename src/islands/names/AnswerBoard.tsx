import type { Instrument } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import { noteLabel } from '#core/pitch';
import { nameOf, type QuizPlace } from '#core/quiz';
import { BoardDrawing, type BoardMark } from '../measurements/BoardDrawing.tsx';
import { boardScale } from '../measurements/board-geometry.ts';
import { useWidth } from '../../ui/use-width.ts';

interface AnswerBoardProps {
  readonly instrument: Instrument;
  readonly label: string;
  /** The places that are asked about or answered. */
  readonly places: readonly QuizPlace[];
  /** The look: `asked` the finger alone; `named` the answer, each place with its name; `taped` a place without either. */
  readonly look: 'asked' | 'named' | 'taped';
}

/** Shows the fingerboard under a question: the place that is asked, and then the right answer. */
export function AnswerBoard({ instrument, label, places, look }: AnswerBoardProps) {
  const [into, width] = useWidth();
  const marks = places.map(({ stringIndex, semitonesAboveOpen, finger, written }): BoardMark => {
    const mm = mmFromNut(instrument.stringLengthMm, semitonesAboveOpen);
    const id = `${stringIndex} ${semitonesAboveOpen}`;
    switch (look) {
      case 'asked':
        return { id, stringIndex, mm, text: finger, look: 'plays', rings: false };
      case 'named':
        return { id, stringIndex, mm, text: finger, name: noteLabel(nameOf(written)), look: 'chosen', rings: false };
      case 'taped':
        return { id, stringIndex, mm, text: '', look: 'rests', rings: false };
    }
  });
  return (
    <div ref={into} className="min-w-0 overflow-x-auto">
      <BoardDrawing
        instrument={instrument}
        scale={boardScale(instrument, Math.max(320, width), 1)}
        label={label}
        marks={marks}
        touches={[]}
        ticks={[]}
        band={null}
        ringing={new Set()}
      />
    </div>
  );
}
