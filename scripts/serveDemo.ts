import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import process from 'node:process';
import { build, makeDemoDatabase, ROOT } from './prepare.mjs';

/** Milliseconds between two looks whether the app answers, and how many looks it is given. */
const PAUSE_MS = 100;
const LOOKS = 200;

/** Builds the app, serves it with a demo database of its own for as long as `act` takes, and clears up behind it. */
export async function serveDemo(port: string, act: (url: string) => Promise<void>): Promise<void> {
  build();
  const folder = mkdtempSync(path.join(tmpdir(), 'neat-demo-'));
  const file = path.join(folder, 'demo.sqlite');
  makeDemoDatabase(file);
  const server = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', port],
    { cwd: ROOT, env: { ...process.env, NEAT_DB: file }, stdio: 'ignore' },
  );
  const url = `http://127.0.0.1:${port}`;
  const answers = (): Promise<boolean> =>
    fetch(url).then(
      (answer) => answer.ok,
      () => false,
    );
  try {
    for (let look = 0; look < LOOKS && !(await answers()); look += 1)
      await new Promise((wake) => setTimeout(wake, PAUSE_MS));
    await act(url);
  } finally {
    server.kill('SIGKILL');
    rmSync(folder, { recursive: true });
  }
}
