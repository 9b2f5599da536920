// npm start: the app with the keeper's own data.
import path from 'node:path';
import process from 'node:process';
import { build, install, ROOT, serve } from './prepare.mjs';

install();
build();
serve(path.resolve(process.env.NEAT_DB ?? path.join(ROOT, 'data', 'neat-layer.sqlite')));
