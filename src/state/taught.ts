import { create } from 'zustand';
import type { PlayerRecord } from '../records/record.ts';
import { keepBeside, keepInTab, textBeside, textOfTab } from '../storage/beside/index.ts';

/** The value in an address for nobody of the studio. */
export const NOBODY = 'nobody';

/** The field of an address that names the player who is taught, by id. */
const FIELD = 'player';

const KEPT_AS = 'dove-path/taught';

/** The fields of addresses that belong to one player: they go when another is taught. */
const OF_ONE_PLAYER = ['session', 'add', 'from', 'to', 'note', 'stage', 'instrument', 'school', 'position', 'string'] as const;

/** The player whom the address names as the page opens, by id; null where it names none. */
export const NAMED_AT_OPENING = fieldNow();

/** The player who is taught: an id, or `nobody`; null as long as nobody has been chosen. Tabs may teach different players. */
const taughtStore = create<{ readonly taught: string | null }>()(() => {
  if (NAMED_AT_OPENING !== null) remember(NAMED_AT_OPENING);
  return { taught: NAMED_AT_OPENING ?? textOfTab(KEPT_AS) ?? textBeside(KEPT_AS) };
});

/** Finds the player who is taught among those of the studio, the first where none is chosen; null for nobody of the studio. */
export function useTaught(players: readonly PlayerRecord[]): PlayerRecord | null {
  const taught = taughtStore((state) => state.taught);
  if (taught === NOBODY) return null;
  return players.find(({ id }) => id === taught) ?? players[0] ?? null;
}

/** Gives the player who was chosen to be taught, by id, in a component; null for nobody, and before one is chosen. */
export function useTaughtId(): string | null {
  return taughtStore(idOf);
}

/** Gives the player who was chosen to be taught, by id; null for nobody, and before one is chosen. */
export function taughtNow(): string | null {
  return idOf(taughtStore.getState());
}

function idOf({ taught }: { readonly taught: string | null }): string | null {
  return taught === NOBODY ? null : taught;
}

/** Teaches the first player of the studio where none has been chosen yet. */
export function teachFirst([first]: readonly PlayerRecord[]): void {
  if (taughtStore.getState().taught === null && first) teach(first.id);
}

/** Teaches a player from now on, in this tab and in the next that is opened; null is nobody of the studio. */
export function teach(playerId: string | null): void {
  const taught = playerId ?? NOBODY;
  if (taughtStore.getState().taught === taught) return;
  taughtStore.setState({ taught });
  remember(taught);
}

/** Teaches another player on a page: what its address says of the one before goes. */
export function teachHere(playerId: string | null): void {
  teach(playerId);
  const address = new URL(location.href);
  for (const field of OF_ONE_PLAYER) address.searchParams.delete(field);
  address.searchParams.set(FIELD, playerId ?? NOBODY);
  history.replaceState(history.state, '', address);
  // The parts of the page that read the address are told.
  window.dispatchEvent(new PopStateEvent('popstate', { state: history.state }));
}

/** Writes the player who is taught into the address, so that a reload and a bookmark open on the same one. */
export function nameInAddress(): void {
  const { taught } = taughtStore.getState();
  if (taught === null || fieldNow() === taught) return;
  const address = new URL(location.href);
  address.searchParams.set(FIELD, taught);
  history.replaceState(history.state, '', address);
}

/** Gives the address of a page for the player who is taught; as it is before one is chosen. */
export function useForTaught(): (href: string) => string {
  const taught = taughtStore((state) => state.taught);
  return (href) => (taught === null ? href : `${href}${href.includes('?') ? '&' : '?'}${FIELD}=${taught}`);
}

/** Keeps the player for this tab, and for the next that is opened. */
function remember(taught: string): void {
  keepInTab(KEPT_AS, taught);
  keepBeside(KEPT_AS, taught);
}

function fieldNow(): string | null {
  return 'location' in globalThis ? new URL(location.href).searchParams.get(FIELD) : null;
}
