// The built app in one process for many tests: told over its channel which database to use from now on.
import { createServer } from 'node:http';
import process from 'node:process';
import next from 'next';

const shared = /** @type {{ neatLayerDatabase?: { close(): void } }} */ (globalThis);

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
process.on('message', (/** @type {string} */ next) => {
  open(next);
  process.send?.('ready');
});
