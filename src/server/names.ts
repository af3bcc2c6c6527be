import os from "node:os";

/** Addresses by which a machine reaches itself: 127.0.0.0/8 and ::1. */
const isLoopback = (address: string): boolean => {
  const plain = address.toLowerCase().replace(/^::ffff:/, "");
  return /^127\.\d{1,3}\.\d{1,3}\.\d{1,3}$/.test(plain) || plain === "::1";
};

/** Addresses that mean every one that the machine has. */
const isEvery = (host: string): boolean => host === "0.0.0.0" || host === "::";

/** The addresses that the machine has just now, loopback left out. */
const ownAddresses = (): readonly string[] =>
  Object.values(os.networkInterfaces())
    .flatMap((all) => all ?? [])
    .filter(({ internal }) => !internal)
    .map(({ address }) => address.toLowerCase());

/** Whether a host that is listened on can be reached from this machine alone. */
export const isOnlyHere = (host: string): boolean =>
  host === "localhost" || isLoopback(host) || host.endsWith(".localhost");

/** The name in a `Host` header, without its port; none where it is no proper one. */
export function hostName(header: string | undefined): string | undefined {
  if (header === undefined || header.length > 260) return undefined;
  const bracketed = /^\[([0-9a-f:.]{2,45})\](?::\d{1,5})?$/i.exec(header)?.[1];
  if (bracketed !== undefined) return bracketed.toLowerCase();
  return /^([a-z0-9._-]{1,253})(?::\d{1,5})?$/i.exec(header)?.[1]?.toLowerCase();
}

/**
 * Whether a name in a request is one of this machine's: localhost, loopback addresses, and what `HOST` names;
 * where that is every address, the machine's own addresses and its own name. A name that a page elsewhere
 * points here is none of them.
 */
export function isOwnName(name: string, listening: string): boolean {
  if (isOnlyHere(name) || name === listening.toLowerCase()) return true;
  if (!isEvery(listening)) return false;
  const own = os.hostname().toLowerCase();
  return name === own || name === `${own}.local` || ownAddresses().includes(name);
}

/** Whether a request comes from this very machine. */
export const isFromHere = (remote: string | undefined): boolean => {
  const address = (remote ?? "").toLowerCase().replace(/^::ffff:/, "");
  return isLoopback(address) || ownAddresses().includes(address);
};

const inAddress = (host: string): string => (host.includes(":") ? `[${host}]` : host);

/** The addresses to open: here first, then those that others use. */
export function addressesOf(
  host: string,
  port: number,
): { readonly here: string; readonly others: readonly string[] } {
  const at = (name: string): string => `http://${inAddress(name)}:${port}`;
  if (isOnlyHere(host)) return { here: at(host), others: [] };
  if (!isEvery(host)) return { here: at(host), others: [at(host)] };
  const others = ownAddresses().filter((address) => !address.startsWith("fe80:"));
  return { here: at(host === "::" ? "::1" : "127.0.0.1"), others: others.map(at) };
}
