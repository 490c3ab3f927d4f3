// How a phone in the home reaches the application: its addresses, and a code to scan.
import { networkInterfaces } from 'node:os';
import { Trouble } from './stage.mjs';

const THIS_MACHINE = ['127.0.0.1', 'localhost', '::1'];
const EVERY_ADDRESS = ['0.0.0.0', '::'];

/** The address to listen to; throws a sentence where it is none of this machine’s. */
export function hostFrom(env) {
  const host = env.EARLY_THAW_HOST?.trim() || '127.0.0.1';
  if (THIS_MACHINE.includes(host) || EVERY_ADDRESS.includes(host) || ownAddresses().includes(host))
    return host;
  throw new Trouble(
    `EARLY_THAW_HOST: got "${host}", expected 0.0.0.0 for every address of this machine, or one of ${[THIS_MACHINE[0], ...ownAddresses()].join(', ')}.`,
  );
}

/** Where others in the home reach it; none where it listens to its own machine alone. */
export function addressesInTheHome(host, port) {
  if (THIS_MACHINE.includes(host)) return [];
  const hosts = EVERY_ADDRESS.includes(host) ? ownAddresses() : [host];
  return hosts.map((one) => `http://${one.includes(':') ? `[${one}]` : one}:${port}`);
}

/** The first of them as a code that a phone’s camera reads. */
export async function codeToScan([address]) {
  if (address === undefined) return '';
  const { default: code } = await import('qrcode');
  return code.toString(address, { type: 'terminal', small: true });
}

/** Those that other machines may know: no loopback, and none that only holds on one cable. */
function ownAddresses() {
  return Object.values(networkInterfaces())
    .flat()
    .filter((one) => one && !one.internal && one.family === 'IPv4')
    .map(({ address }) => address);
}
