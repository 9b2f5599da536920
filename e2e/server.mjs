// The built app in one process for many tests: told over its channel which database to use from now on, and what time it is.
import { createServer } from 'node:http';
import process from 'node:process';
import next from 'next';

const shared = /** @type {{ neatLayerDatabase?: { close(): void } }} */ (globalThis);

// The clock of the app: it may run ahead of this machine's, so that a test can live through months.
const MachineDate = Date;
let ahead = 0;
globalThis.Date = new Proxy(MachineDate, {
  construct: (target, args) =>
    args.length === 0
      ? new target(target.now() + ahead)
      : /** @type {Date} */ (Reflect.construct(target, args)),
  get: (target, name) =>
    name === 'now' ? () => target.now() + ahead : /** @type {unknown} */ (Reflect.get(target, name)),
});

/** @param {string} file */
function open(file) {
  shared.neatLayerDatabase?.close();
  delete shared.neatLayerDatabase;
  process.env.NEAT_DB = file;
}

const [file = '', port = '0'] = process.argv.slice(2);
open(file);
const app = next({ dev: false, hostname: '127.0.0.1', port: Number(port) });
await app.prepare();
const handle = app.getRequestHandler();
const server = createServer((request, response) => void handle(request, response));
server.listen(Number(port), '127.0.0.1', () => process.send?.('ready'));
process.on('message', (/** @type {{ file: string } | { ahead: number }} */ told) => {
  if ('file' in told) {
    ahead = 0;
    open(told.file);
  } else ahead = told.ahead;
  process.send?.('ready');
});
