import useMeasure from 'react-use-measure';
import { type Instrument, mmFromNut } from '#core/instrument';
import { noteLabel } from '#core/pitch';
import { nameOf, type QuizPlace } from '#core/quiz';
import { BoardDrawing, type BoardMark } from '../measurements/BoardDrawing.tsx';
import { boardScale } from '../measurements/board-geometry.ts';

interface AnswerBoardProps {
  readonly instrument: Instrument;
  readonly label: string;
  /** Where something is asked or answered. */
  readonly places: readonly QuizPlace[];
  /** The answer is told: each place with its name. */
  readonly named: boolean;
}

/** The fingerboard under a question: the place that is asked, and then the right answer. */
export function AnswerBoard({ instrument, label, places, named }: AnswerBoardProps) {
  const [into, { width }] = useMeasure();
  const marks = places.map(({ stringIndex, semitonesAboveOpen, finger, written }): BoardMark => {
    const mm = mmFromNut(instrument.stringLengthMm, semitonesAboveOpen);
    const name = named ? { name: noteLabel(nameOf(written)) } : {};
    return {
      id: `${stringIndex} ${semitonesAboveOpen}`,
      stringIndex,
      mm,
      text: finger,
      look: named ? 'chosen' : 'plays',
      rings: false,
      ...name,
    };
  });
  return (
    <div ref={into} className="mt-3 max-w-4xl overflow-x-auto">
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
