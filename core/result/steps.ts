/**
 * Work that can be broken off between its steps: each takes about as long as solving one line. The caller decides when the next step is
 * taken, or that none is.
 */
export type Steps<Value> = Generator<undefined, Value, undefined>;

/** Takes all steps at once. */
export function finish<Value>(steps: Steps<Value>): Value {
  for (;;) {
    const step = steps.next();
    if (step.done === true) return step.value;
  }
}
