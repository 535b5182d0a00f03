import { useState } from 'react';
import type { DueNote } from '#core/listening';
import type { LivePlace } from '#core/listening/live';
import { type Side, sideOf } from '#core/listening/report';
import { Button } from '../../ui/Button.tsx';
import { SIDE_LABELS } from '../../words/intonation/takes.ts';
import { EAR_FIRST, earJudgedText, earRightText } from '../../words/intonation/live.ts';

/** A note that the ear judged before it was told. */
export interface EarAnswer {
  /** The note, as it is written. */
  readonly written: string;
  readonly given: Side;
  readonly right: boolean;
}

interface EarFirstProps {
  readonly due: readonly DueNote[];
  readonly place: LivePlace;
  readonly toleranceCents: number;
  readonly onAnswer: (answer: EarAnswer) => void;
}

/** The moments after which a note has been heard for long enough to ask about it: most of a second. */
const ASKED_AFTER = 30;

/** A note that is asked about. */
interface Asked {
  /** Its order among the notes due. */
  readonly order: number;
  /** Its distance from its place when it was asked about, cents. */
  readonly cents: number;
}

const SIDES = ['flat', 'in tune', 'sharp'] as const;

/** Asks whether the note that was held is flat or sharp before it tells, and keeps how often the ear was right. */
export function EarFirst({ due, place, toleranceCents, onAnswer }: EarFirstProps) {
  const [asked, setAsked] = useState<Asked | null>(null);
  const [answers, setAnswers] = useState<readonly EarAnswer[]>([]);
  const [told, setTold] = useState<{ readonly order: number; readonly text: string } | null>(null);
  if (asked === null && place.moments >= ASKED_AFTER && place.heldCents !== null && told?.order !== place.order) {
    setAsked({ order: place.order, cents: place.heldCents });
    setTold(null);
  }
  const answer = (given: Side): void => {
    if (asked === null) return;
    const written = due[asked.order]?.stops[0]?.written ?? '';
    const side = sideOf(asked.cents, toleranceCents);
    const right = given === side;
    const one = { written, given, right };
    setAnswers([...answers, one]);
    setTold({ order: asked.order, text: earJudgedText(asked.cents, side, right) });
    setAsked(null);
    onAnswer(one);
  };
  return (
    <div>
      {asked === null ? (
        <p className="font-serif text-[26px]">{told?.text ?? EAR_FIRST.hold}</p>
      ) : (
        <div role="group" aria-label={EAR_FIRST.asks} className="flex flex-wrap items-center gap-2">
          <span className="font-serif text-[26px]">{EAR_FIRST.asks}</span>
          {SIDES.map((side) => (
            <Button key={side} onClick={() => answer(side)}>
              {SIDE_LABELS[side]}
            </Button>
          ))}
        </div>
      )}
      {answers.length > 0 && <p>{earRightText(answers.filter(({ right }) => right).length, answers.length)}</p>}
    </div>
  );
}
