import { rmSync } from 'node:fs';
import { openDatabase } from '@/store/openDatabase';
import { shelf } from '@/store/shelf';
import { DEMO_SHELF } from './demoShelf';
import { addTryOut } from './tryOut';

/** Run by `npm run demo` and the browser tests: makes a fresh demo database in the file named as argument. */
const file = process.argv[2];
if (file === undefined) throw new Error('Name the database file to make.');
for (const ending of ['', '-wal', '-shm']) rmSync(file + ending, { force: true });
const db = openDatabase(file);
addTryOut(db, new Date());
shelf.update(db, shelf.get(db).version, DEMO_SHELF);
db.close();
