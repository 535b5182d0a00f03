import { type ComponentType, useEffect, useState } from 'react';

/** A part of a page whose code is loaded later: when it is first shown, or before. */
type LoadedLater<Props> = ComponentType<Props> & {
  /** Loads the code before the part is shown, so that it then stands at once. */
  readonly loadNow: () => void;
};

/**
 * Makes a part of a page whose code is loaded when it is first shown; nothing stands there until it is. React’s `lazy` does the same, but
 * holds a part back for 300 ms once its fallback was seen.
 */
export function loadLater<Props extends object>(load: () => Promise<ComponentType<Props>>): LoadedLater<Props> {
  let known: ComponentType<Props> | null = null;
  const loadOnce = async (): Promise<ComponentType<Props>> => (known ??= await load());
  /** @throws the error where the code cannot be loaded, to the boundary around the part */
  function Later(props: Props) {
    const [Loaded, setLoaded] = useState(() => known);
    const [failed, setFailed] = useState<unknown>(null);
    useEffect(() => {
      if (!Loaded) loadOnce().then((part) => setLoaded(() => part), setFailed);
    }, [Loaded]);
    if (failed !== null) throw failed;
    return Loaded && <Loaded {...props} />;
  }
  // Whoever shows the part asks again, and is told of the failure.
  return Object.assign(Later, { loadNow: () => void loadOnce().catch(() => undefined) });
}
