import { type ReactNode, useEffect, useEffectEvent, useRef } from 'react';
import { Button } from '../Button.tsx';
import { Notice } from './Notice.tsx';

/** A possible answer to a question. */
interface Answer {
  readonly label: string;
  readonly onGiven: () => void;
}

interface QuestionProps {
  /** The words about what the answers do. */
  readonly children: ReactNode;
  readonly answers: readonly Answer[];
  /** The label of the button that leaves everything as it is. */
  readonly leave: string;
  readonly onLeave: () => void;
  /** Whether it comes by itself, so that the focus stays where it is. */
  readonly quiet?: boolean;
  readonly className?: string;
}

/** Asks before something large is done; the button that leaves everything as it is has the focus, unless it comes by itself. */
export function Question({ children, answers, leave, onLeave, quiet = false, className = '' }: QuestionProps) {
  const asked = useRef<HTMLDivElement>(null);
  const focus = useEffectEvent(() => {
    if (!quiet) asked.current?.querySelector<HTMLElement>('button:last-of-type')?.focus();
  });
  useEffect(() => focus(), []);
  return (
    <Notice role="alert" className={`text-ink ${className}`}>
      <div ref={asked}>
        <p>{children}</p>
        <p className="mt-2 flex flex-wrap gap-3">
          {answers.map(({ label, onGiven }) => (
            <Button key={label} onClick={onGiven}>
              {label}
            </Button>
          ))}
          <Button onClick={onLeave}>{leave}</Button>
        </p>
      </div>
    </Notice>
  );
}
