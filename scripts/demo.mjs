// npm run demo: everything from nothing to a running app with the demo's four waters.
import path from 'node:path';
import { build, install, makeDemoDatabase, ROOT, say, serve } from './prepare.mjs';

install();
build();
const file = path.join(ROOT, 'data', 'demo.sqlite');
say('Making a fresh demo database.');
makeDemoDatabase(file);
serve(file);
