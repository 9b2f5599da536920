// npm start -- --share: the app on this machine as ever, and for paired devices on the home network.
import { createServer as createPlain } from 'node:http';
import { createServer as createSafe } from 'node:https';
import { isIP } from 'node:net';
import { networkInterfaces } from 'node:os';
import path from 'node:path';
import process from 'node:process';
import { homeCertificate } from './homeCertificate.mjs';
import { isHomeAddress } from './homeNetworks.mjs';
import { fail, portOf, say } from './prepare.mjs';

/** Marks what comes over the home network; see server/homeDoor.ts. */
const DOOR = 'x-neat-door';

/** Milliseconds between two looks at whether the certificate is about to end. */
const CERTIFICATE_CHECK_MS = 24 * 60 * 60 * 1000;

/** @returns {string[]} this machine’s own addresses on home networks */
const ownAddresses = () =>
  Object.values(networkInterfaces()).flatMap((list) =>
    (list ?? [])
      .filter(({ internal, family, address }) => !internal && family === 'IPv4' && isHomeAddress(address))
      .map(({ address }) => address),
  );

/**
 * @param {import('node:net').Server} server
 * @param {number} port
 * @param {string} address
 */
const listen = (server, port, address) =>
  new Promise((resolve) => {
    server.once('error', (/** @type {NodeJS.ErrnoException} */ error) =>
      fail(
        error.code === 'EADDRINUSE'
          ? `Port ${port} at ${address} is in use. Choose another: PORT=3041 SHARE_PORT=3444 npm start -- --share`
          : `${address} is not an address of this machine that can be served (${error.code ?? error.message}). Name one of: ${ownAddresses().join(', ') || 'none found'}.`,
      ),
    );
    server.listen(port, address, () => resolve(undefined));
  });

/** The most that whoever is not paired may send, bytes: a code and a name; see LARGEST_FORM in server/bodyLimit.ts. */
const LARGEST_UNPAIRED = 4096;

/**
 * Whether the body of a request may be taken in: a large one only from a paired device, since it lies in memory before the
 * app sees who sends it.
 * @param {import('node:http').IncomingMessage} request
 * @param {number} port of the app on this machine
 */
async function mayBeTaken({ headers }, port) {
  const length =
    headers['transfer-encoding'] === undefined ? Number(headers['content-length'] ?? 0) : Infinity;
  if (length <= LARGEST_UNPAIRED) return true;
  try {
    const answer = await fetch(`http://127.0.0.1:${port}/api/paired`, {
      headers: { cookie: headers.cookie ?? '' },
    });
    return /** @type {{ paired?: boolean }} */ (await answer.json()).paired === true;
  } catch {
    return false;
  }
}

/**
 * Serves until it is stopped.
 * @param {string} databaseFile
 * @param {string | null} only the one address to serve beside this machine’s own; null: all of its networks
 */
export async function share(databaseFile, only) {
  if (only !== null && isIP(only) !== 4)
    fail(
      `“${only}” is not an address like 192.168.1.20. Give one, or leave it out to serve every network this computer is on.`,
    );
  if (only !== null && !isHomeAddress(only))
    fail(
      `${only} is not an address of a home network, and Neat Layer is served there only. Give an address like 192.168.1.20.`,
    );
  const addresses = only === null ? ownAddresses() : [only];
  if (addresses.length === 0)
    fail('This computer is not on a home network. Connect it, or run npm start without --share.');
  const port = portOf('PORT', '3040');
  const sharePort = portOf('SHARE_PORT', '3443');
  const folder = path.join(path.dirname(databaseFile), 'certificate');
  const hosts = addresses.map((address) => `${address}:${sharePort}`);
  Object.assign(process.env, { NODE_ENV: 'production' });
  process.env.NEAT_DB = databaseFile;
  let certificate = await homeCertificate(folder, addresses);
  const tellApp = () => {
    const { fingerprint, authority } = certificate;
    process.env.NEAT_SHARE = JSON.stringify({ hosts, fingerprint, authority });
  };
  tellApp();

  const { default: next } = await import('next');
  const app = next({ dev: false, hostname: '127.0.0.1', port });
  await app.prepare();
  const handle = app.getRequestHandler();
  const plain = createPlain((request, response) => {
    delete request.headers[DOOR];
    void handle(request, response);
  });
  await listen(plain, port, '127.0.0.1');
  const doors = addresses.map((address) => {
    const safe = createSafe(certificate, (request, response) => {
      request.headers[DOOR] = 'home network';
      void mayBeTaken(request, port).then((may) => {
        if (may) return handle(request, response);
        response.writeHead(413, { 'content-type': 'application/json', connection: 'close' });
        response.end(JSON.stringify({ message: 'Pair this device first: open the address in its browser.' }));
      });
    });
    return { address, safe };
  });
  for (const { address, safe } of doors) await listen(safe, sharePort, address);
  setInterval(() => {
    void homeCertificate(folder, addresses).then((now) => {
      if (now.fingerprint === certificate.fingerprint) return;
      certificate = now;
      for (const { safe } of doors) safe.setSecureContext(certificate);
      tellApp();
    });
  }, CERTIFICATE_CHECK_MS).unref();
  if (certificate.replacedOld)
    say(
      'The certificate was replaced by one that is good for the home network only. On each phone that installed the old ' +
        'one, remove “Neat Layer at home”, and install the new one: Settings says how.',
    );
  say(
    `Serving on http://127.0.0.1:${port} (Ctrl C stops it). Data: ${path.relative(process.cwd(), databaseFile)}`,
  );
  await showCode(port, hosts, certificate.fingerprint);
  process.stdin.on('data', () => void showCode(port, hosts, certificate.fingerprint));
  for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM']))
    process.on(signal, () => process.exit(0));
}

/**
 * Prints a new pairing code, with the address to scan.
 * @param {number} port
 * @param {readonly string[]} hosts
 * @param {string} fingerprint
 */
async function showCode(port, hosts, fingerprint) {
  const made = await fetch(`http://127.0.0.1:${port}/api/devices`, { method: 'POST' });
  const { code, address } = /** @type {{ code: string, address: string }} */ (await made.json());
  const { toString } = await import('qrcode');
  say(`On the home network: ${hosts.map((host) => `https://${host}`).join(', ')}`);
  console.log(await toString(address, { type: 'terminal', small: true }));
  say(
    `Pairing code ${code.slice(0, 4)} ${code.slice(4)}: works once, for ten minutes. Press Enter for a new one.`,
  );
  say(
    'The phone will warn about the certificate, because this computer made it. Continue only if the phone shows ' +
      `this fingerprint (SHA-256): ${fingerprint}`,
  );
}
