import { isIPv6 } from 'node:net';

/** The part of an IPv6 address that a client has to itself, bits. */
export const CLIENT_BITS = 64;

/**
 * Names the client behind an address, as far as fair shares need it: an IPv6 client has a whole network of 64 bits to itself and may come
 * from any address in it. An IPv4 address written as IPv6 is that address.
 */
export function clientOf(address: string | undefined): string {
  if (address === undefined) return 'unknown';
  const plain = address.replace(/^::ffff:(?=\d+\.)/i, '');
  return isIPv6(plain)
    ? `${groupsOf(plain)
        .slice(0, CLIENT_BITS / 16)
        .join(':')}::/${CLIENT_BITS}`
    : plain;
}

/** Writes out the eight groups of an IPv6 address (RFC 4291), without a zone. */
function groupsOf(address: string): readonly string[] {
  const [before = '', after] = address.replace(/%.*$/, '').split('::');
  const [front, back] = [before, after ?? ''].map((part) => part.split(':').filter((group) => group !== ''));
  const zeros = Array.from({ length: Math.max(0, 8 - (front?.length ?? 0) - (back?.length ?? 0)) }, () => '0');
  return [...(front ?? []), ...(after === undefined ? [] : zeros), ...(back ?? [])].map((group) => Number.parseInt(group, 16).toString(16));
}
