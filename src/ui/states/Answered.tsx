import type { ReactNode } from 'react';
import type { Asked } from '../../engine/index.ts';
import { notReadText } from '../../words/kept/storage.ts';
import { NOT_ANSWERED } from '../../words/notices.ts';
import { Button } from '../Button.tsx';

interface AnsweredProps<Value> {
  /** The question and its state. */
  readonly asked: Asked<Value>;
  /** The words that stand there until the answer does. */
  readonly waiting?: ReactNode;
  readonly children: (value: Value) => ReactNode;
}

/**
 * Shows an answer of the engine or of the browser’s storage: the words while it is awaited, the answer, or its failure, with the way to ask
 * again.
 */
export function Answered<Value>({ asked, waiting = null, children }: AnsweredProps<Value>) {
  switch (asked.state) {
    case 'waiting':
      return <span className="text-dove-dark">{waiting}</span>;
    case 'answered':
      return <>{children(asked.value)}</>;
    case 'failed':
      return (
        <span role="alert">
          {asked.from === 'engine' ? NOT_ANSWERED : notReadText(asked.message)} <Button onClick={asked.again}>Try again</Button>
        </span>
      );
  }
}
