// npm start: the app with the keeper's own data. With -- --share [address] also for paired devices on the home network.
import path from 'node:path';
import process from 'node:process';
import { build, fail, install, ROOT, serve } from './prepare.mjs';

const [option, address, ...more] = process.argv.slice(2);
if ((option !== undefined && option !== '--share') || more.length > 0)
  fail('Use npm start, npm start -- --share, or npm start -- --share ADDRESS.');

install();
build();
const file = path.resolve(process.env.NEAT_DB ?? path.join(ROOT, 'data', 'neat-layer.sqlite'));
if (option === undefined) serve(file);
else {
  process.chdir(ROOT);
  const { share } = await import('./share.mjs');
  await share(file, address ?? null);
}
