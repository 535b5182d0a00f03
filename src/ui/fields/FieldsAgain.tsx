import { type FocusEvent, Fragment, type ReactNode, type SyntheticEvent, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { focusAgain, fieldIn, type FieldTypedInto } from './field-typed-into.ts';

interface FieldsAgainProps {
  /** How often what the fields show has changed elsewhere since it was typed here. */
  readonly times: number;
  readonly className?: string;
  readonly children: ReactNode;
}

/** The teacher has paused after this long without a letter, ms. */
const PAUSE_MS = 1200;

/** While something is typed: which times the fields show, and how many letters it has been. */
interface Typing {
  readonly times: number;
  readonly letters: number;
}

/**
 * Fields that show afresh what is there once another tab has changed it: at once, or, while the teacher types into one of them, at the
 * next pause or when they are left, so that no letter is lost. The field that is typed into keeps the focus, its place in the text, and what was just typed.
 */
export function FieldsAgain({ children, ...props }: FieldsAgainProps) {
  return (
    <FormAgain value={null} {...props}>
      {() => children}
    </FormAgain>
  );
}

interface FormAgainProps<Value> extends Omit<FieldsAgainProps, 'children'> {
  /** What the form shows. */
  readonly value: Value;
  readonly children: (value: Value) => ReactNode;
}

/**
 * The same for a form that keeps all its fields together: until it begins again it goes on from the value that it shows, so that what
 * another tab has changed in its other fields is not taken for a change made here.
 */
export function FormAgain<Value>({ times, value, className = 'contents', children }: FormAgainProps<Value>) {
  const [typing, setTyping] = useState<Typing | null>(null);
  const [held, setHeld] = useState({ times, value });
  const waits = typing !== null && typing.times !== times;
  if (!waits && (held.times !== times || held.value !== value)) setHeld({ times, value });
  useEffect(() => {
    const pause = typing && setTimeout(() => setTyping(null), PAUSE_MS);
    return () => clearTimeout(pause ?? undefined);
  }, [typing]);
  const form = useRef<HTMLDivElement>(null);
  const field = useRef<FieldTypedInto | null>(null);
  const shown = waits ? held.times : times;
  useLayoutEffect(() => focusAgain(form.current, field.current), [shown]);
  const noteField = ({ currentTarget }: SyntheticEvent<HTMLElement>): void => {
    field.current = fieldIn(currentTarget);
  };
  const types = (event: SyntheticEvent<HTMLElement>): void => {
    noteField(event);
    setTyping((now) => ({ times: now?.times ?? times, letters: (now?.letters ?? 0) + 1 }));
  };
  const leaves = ({ currentTarget, relatedTarget }: FocusEvent): void => {
    if (currentTarget.contains(relatedTarget)) return;
    field.current = null;
    setTyping(null);
  };
  return (
    <div ref={form} className={className} onFocus={types} onInput={types} onSelect={noteField} onBlur={leaves}>
      <Fragment key={shown}>{children(waits ? held.value : value)}</Fragment>
    </div>
  );
}
