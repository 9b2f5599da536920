import { mkdirSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { databaseFile } from './database';

/** Where files lie that come in or go out: beside the database, where there is room for another of its size. */
export function dataFolder(): string {
  const file = databaseFile();
  const folder =
    file === ':memory:'
      ? path.join(os.tmpdir(), `neat-layer-${process.pid}`)
      : path.join(path.dirname(path.resolve(file)), 'passing');
  mkdirSync(folder, { recursive: true });
  return folder;
}
