import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { createServer, type AddressInfo } from 'node:net';
import process from 'node:process';
import { ROOT } from '../prepare.mjs';

/** The built app on this machine’s own address, to be killed at will. */
export interface StressedApp {
  readonly url: string;
  /** Ends it as a power cut does: nothing is tidied up. */
  readonly kill: () => Promise<void>;
  readonly isUp: () => boolean;
}

/** Milliseconds between two looks whether it answers, and the longest that it may take to. */
const PAUSE_MS = 20;
const LONGEST_START_MS = 60_000;

export const pause = (ms: number): Promise<void> => new Promise((wake) => setTimeout(wake, ms));

/** A port of this machine’s own address that nothing listens on. */
async function freePort(): Promise<number> {
  const server = createServer().listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  server.close();
  await once(server, 'close');
  return port;
}

/** Starts the app that was built on a database, and waits until it answers. @throws when it does not */
export async function startApp(file: string): Promise<StressedApp> {
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  const child = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', `${port}`],
    {
      cwd: ROOT,
      // A group of its own, so that whatever it starts ends with it.
      detached: true,
      env: { ...process.env, NODE_ENV: 'production', NEAT_DB: file, NEXT_TELEMETRY_DISABLED: '1' },
      stdio: 'ignore',
    },
  );
  const isUp = (): boolean => child.exitCode === null && child.signalCode === null;
  const kill = async (): Promise<void> => {
    if (!isUp() || child.pid === undefined) return;
    const gone = once(child, 'exit');
    process.kill(-child.pid, 'SIGKILL');
    await gone;
  };
  const killAtEnd = (): void => {
    if (isUp() && child.pid !== undefined) process.kill(-child.pid, 'SIGKILL');
  };
  process.once('exit', killAtEnd);
  child.once('exit', () => process.off('exit', killAtEnd));
  const end = performance.now() + LONGEST_START_MS;
  while (isUp() && performance.now() < end) {
    const answers = await fetch(`${url}/api/due`).then(
      (answer) => answer.ok,
      () => false,
    );
    if (answers) return { url, kill, isUp };
    await pause(PAUSE_MS);
  }
  await kill();
  throw new Error('The app did not start.');
}
