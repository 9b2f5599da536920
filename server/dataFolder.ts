import { mkdirSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { databaseFile } from './database';

/** Where files lie that come in or go out: beside the database, where there is room for another of its size. */
export function dataFolder(): string {
  const folder = folderName();
  mkdirSync(folder, { recursive: true });
  return folder;
}

/** Removes what was under way when the app was last stopped. */
export const clearDataFolder = (): void => rmSync(folderName(), { recursive: true, force: true });

function folderName(): string {
  const file = databaseFile();
  return file === ':memory:'
    ? path.join(os.tmpdir(), `neat-layer-${process.pid}`)
    : path.join(path.dirname(path.resolve(file)), 'neat-layer-passing');
}
