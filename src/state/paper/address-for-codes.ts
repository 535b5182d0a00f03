import { keepBeside, textBeside } from '../../storage/beside/index.ts';

/** The key of the address that codes to scan carry, as the teacher set it. */
const KEY = 'dove-path/address-for-codes';

/** The hosts that name the machine itself: on another device they lead nowhere. */
const OWN_MACHINE = /^(localhost|127\.|\[::1\]|0\.0\.0\.0)/;

const followers = new Set<() => void>();

/** Gives the address that the teacher set; empty where none is. */
export function addressSet(): string {
  return textBeside(KEY) ?? '';
}

/** Gives the address at which other devices reach the application: the teacher's, else that of this page; null where it names only this machine. */
export function addressForCodes(): string | null {
  const set = addressSet();
  if (set !== '') return URL.canParse(set) ? new URL(set).origin : null;
  return OWN_MACHINE.test(location.host) ? null : location.origin;
}

/** Sets the address that codes carry; empty for that of the page. */
export function setAddressForCodes(address: string): void {
  keepBeside(KEY, address.trim());
  for (const follow of followers) follow();
}

/** Calls a function whenever the address is set, until the function it returns is called. */
export function followAddress(follow: () => void): () => void {
  followers.add(follow);
  return () => followers.delete(follow);
}
