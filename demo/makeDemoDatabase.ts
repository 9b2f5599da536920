import { rmSync } from 'node:fs';
import { openDatabase } from '@/store/openDatabase';
import { shelf } from '@/store/shelf';
import { DEMO_SHELF } from './demoShelf';
import { addTryOut } from './tryOut';
import { workOutOutlooks } from './workOutOutlooks';

/** Run by `npm run demo` and the browser tests: makes a fresh demo database in the file named as argument. */
const file = process.argv[2];
if (file === undefined) throw new Error('Name the database file to make.');
for (const ending of ['', '-wal', '-shm']) rmSync(file + ending, { force: true });
const db = openDatabase(file);
const now = new Date();
addTryOut(db, now);
shelf.update(db, shelf.get(db).version, DEMO_SHELF);

/** Share of the work between two lines. */
const MIN_TOLD_STEP = 0.1;
let said = 0;
await workOutOutlooks(db, now, (share) => {
  if (share < said + MIN_TOLD_STEP && share < 1) return;
  said = share;
  console.log(`  forecasts from fourteen months of log: ${Math.round(100 * share)} %`);
});
db.close();
