// The addresses that networks at home use, and nobody on the internet.
import { BlockList } from 'node:net';

/**
 * First address and bits of each private range.
 * @source RFC 1918 (private), RFC 3927 (link-local), RFC 1122 3.2.1.3 (this machine itself)
 */
export const HOME_NETWORKS = /** @type {const} */ ([
  ['10.0.0.0', 8],
  ['172.16.0.0', 12],
  ['192.168.0.0', 16],
  ['169.254.0.0', 16],
  ['127.0.0.0', 8],
]);

const networks = new BlockList();
for (const [first, bits] of HOME_NETWORKS) networks.addSubnet(first, bits, 'ipv4');

/**
 * Whether an address is one of a home network.
 * @param {string} address IPv4
 */
export const isHomeAddress = (address) => networks.check(address, 'ipv4');
