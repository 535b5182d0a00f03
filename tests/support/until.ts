/** A store of the application that can be waited for. */
interface Subscribable<State> {
  readonly getState: () => State;
  readonly subscribe: (listener: (state: State) => void) => () => void;
}

/** Resolves when a store is as described; at once where it is so already. */
export function until<State>(store: Subscribable<State>, isSo: (state: State) => boolean): Promise<State> {
  return new Promise((resolve) => {
    const now = store.getState();
    if (isSo(now)) return resolve(now);
    const stop = store.subscribe((state) => {
      if (!isSo(state)) return;
      stop();
      resolve(state);
    });
  });
}
