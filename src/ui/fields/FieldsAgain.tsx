import { type FocusEvent, Fragment, type ReactNode, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { focusAgain, fieldIn, type FieldTypedInto } from './field-typed-into.ts';

interface FieldsAgainProps {
  /** The number of times that the values of the fields have changed elsewhere since they were typed here. */
  readonly times: number;
  readonly className?: string;
  readonly children: ReactNode;
}

/** The time without a letter after which the teacher has paused, ms. */
const PAUSE_MS = 1200;

/** The state while something is typed: the times that the fields show, and the number of letters typed. */
interface Typing {
  readonly times: number;
  readonly letters: number;
}

/**
 * Fields that show their values again once another tab has changed them: at once, or, while the teacher types into one of them, at the next
 * pause or when they are left, so that no letter is lost. The field that is typed into keeps the focus, its place in the text, and the
 * letters just typed.
 */
export function FieldsAgain({ children, ...props }: FieldsAgainProps) {
  return (
    <FormAgain value={null} {...props}>
      {() => children}
    </FormAgain>
  );
}

interface FormAgainProps<Value> extends Omit<FieldsAgainProps, 'children'> {
  /** The value that the form shows. */
  readonly value: Value;
  readonly children: (value: Value) => ReactNode;
}

/**
 * A form that keeps all its fields together: until it begins again it goes on from the value that it shows, so that a change that another
 * tab has made in its other fields is not taken for a change made here.
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
  const noteField = (): void => {
    field.current = form.current && fieldIn(form.current);
  };
  const types = (): void => {
    // The fields that show, not those to come: a letter may be typed between the end of the pause and the moment they begin again.
    setTyping((now) => ({ times: now?.times ?? shown, letters: (now?.letters ?? 0) + 1 }));
  };
  const leaves = ({ currentTarget, relatedTarget }: FocusEvent): void => {
    if (currentTarget.contains(relatedTarget)) return;
    setTyping(null);
  };
  return (
    <div ref={form} className={className} onFocus={types} onInput={types} onBlur={leaves}>
      <Fragment key={shown}>
        <BeforeAgain note={noteField} />
        {children(waits ? held.value : value)}
      </Fragment>
    </div>
  );
}

/**
 * Notes the field that is typed into in the last moment before the fields begin again, while they still stand: a selection is told of too
 * late, and what is typed then would be added to the text instead of taking its place. It must come before the fields, which React takes
 * away in order.
 */
function BeforeAgain({ note }: { readonly note: () => void }) {
  const noteNow = useRef(note);
  useLayoutEffect(() => {
    noteNow.current = note;
  });
  useLayoutEffect(() => () => noteNow.current(), []);
  return null;
}
