// Gets a machine ready, with nothing but Node's own modules until the dependencies are in.
import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import process from 'node:process';

export const ROOT = path.resolve(import.meta.dirname, '..');
const OLDEST_NODE = [20, 9];
/** Where Debian's package puts the browser. */
export const CHROMIUM = '/usr/bin/chromium';

process.env.NEXT_TELEMETRY_DISABLED = '1';

/** @param {string} text */
export const say = (text) => console.log(`» ${text}`);

/**
 * Ends with a sentence that says what to do.
 * @param {string} text
 * @returns {never}
 */
export function fail(text) {
  console.error(`\n${text}`);
  process.exit(1);
}

/**
 * Runs a command with its output in sight; ends with a sentence when it fails.
 * @param {string} command
 * @param {string[]} args
 * @param {string} [otherwise] what to say when it fails
 */
export function run(command, args, otherwise) {
  const { status, error } = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit' });
  if (error !== undefined || status !== 0)
    fail(otherwise ?? `“${command} ${args.join(' ')}” failed; see above.`);
}

/**
 * Runs commands side by side, the output of each in sight when it is through; ends with a sentence when one of them fails.
 * @param {[command: string, args: string[], otherwise?: string][]} commands
 */
export async function runTogether(commands) {
  const failures = await Promise.all(
    commands.map(async ([command, args, otherwise]) => {
      const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
      /** @type {Buffer[]} */
      const output = [];
      for (const stream of [child.stdout, child.stderr])
        stream.on('data', (/** @type {Buffer} */ part) => output.push(part));
      const [status] = await once(child, 'close');
      process.stdout.write(Buffer.concat(output));
      return status === 0 ? null : (otherwise ?? `“${command} ${args.join(' ')}” failed; see above.`);
    }),
  );
  const said = failures.filter((failure) => failure !== null);
  if (said.length > 0) fail(said.join('\n'));
}

/** Node itself, and the dependencies of the lock file. */
export function install() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
  const [oldest = 0, oldestMinor = 0] = OLDEST_NODE;
  if (major < oldest || (major === oldest && minor < oldestMinor))
    fail(
      `Neat Layer needs Node ${OLDEST_NODE.join('.')} or newer; this is ${process.versions.node}. Install a newer Node, then run this again.`,
    );
  const stamp = path.join(ROOT, 'node_modules', '.package-lock.json');
  const lock = path.join(ROOT, 'package-lock.json');
  if (existsSync(stamp) && statSync(stamp).mtimeMs >= statSync(lock).mtimeMs) return;
  say(
    'Installing dependencies; the database driver is compiled here, so this takes two to four minutes the first time.',
  );
  run(
    'npm',
    ['ci', '--no-audit', '--no-fund'],
    'The dependencies could not be installed. You need a connection to the npm registry, and python3, make and g++ installed ' +
      '(on Debian: apt-get install python3 make g++). Then run this again.',
  );
}

/** Debian's Chromium, for the browser tests. */
export function installChromium() {
  if (existsSync(CHROMIUM)) return;
  const advice = `The browser tests need Chromium at ${CHROMIUM}. Install it (on Debian, as root: apt-get install chromium), then run this again.`;
  if (process.getuid?.() !== 0 || spawnSync('apt-get', ['--version']).status !== 0) fail(advice);
  say('Installing Chromium for the browser tests.');
  run('apt-get', ['update', '-qq'], advice);
  run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], advice);
}

const SOURCES = [
  'app',
  'core',
  'formats',
  'server',
  'store',
  'ui',
  'workers',
  'public',
  'proxy.ts',
  'instrumentation.ts',
  'next.config.ts',
  'tsconfig.json',
  'package-lock.json',
];

/** Newest change among files the build is made from, ms. @param {string} place @returns {number} */
function newest(place) {
  if (!existsSync(place)) return 0;
  const stat = statSync(place);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(0, ...readdirSync(place).map((name) => newest(path.join(place, name))));
}

/** Builds the app, unless what was built is still today's. */
export function build() {
  const stamp = path.join(ROOT, '.next', 'BUILD_ID');
  const changed = Math.max(...SOURCES.map((text) => newest(path.join(ROOT, text))));
  if (existsSync(stamp) && statSync(stamp).mtimeMs >= changed) return;
  say('Building the app; about a minute.');
  run('npx', ['next', 'build']);
  // Some builders keep the file's time when the id is the same.
  writeFileSync(stamp, readFileSync(stamp));
}

/**
 * A port named in the environment.
 * @param {string} name
 * @param {string} otherwise
 */
export function portOf(name, otherwise) {
  const port = process.env[name] ?? otherwise;
  if (!/^\d+$/.test(port)) fail(`${name} must be a number, not “${port}”.`);
  return Number(port);
}

/**
 * Serves the built app on the loopback address until it is stopped.
 * @param {string} databaseFile
 */
export function serve(databaseFile) {
  const port = String(portOf('PORT', '3040'));
  mkdirSync(path.dirname(databaseFile), { recursive: true });
  say(
    `Serving on http://127.0.0.1:${port} (Ctrl C stops it). Data: ${path.relative(process.cwd(), databaseFile)}`,
  );
  const next = spawn('npx', ['next', 'start', '-H', '127.0.0.1', '-p', port], {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, NEAT_DB: databaseFile },
  });
  for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM']))
    process.on(signal, () => next.kill(signal));
  next.on('exit', (code) => {
    if (code !== 0 && code !== null)
      console.error(
        `\nThe app stopped. See the reason above. If port ${port} is in use, choose another: PORT=3041 npm start`,
      );
    process.exit(code ?? 0);
  });
}

/** @param {string} file */
export function makeDemoDatabase(file) {
  mkdirSync(path.dirname(file), { recursive: true });
  execFileSync('npx', ['tsx', 'demo/makeDemoDatabase.ts', file], { cwd: ROOT, stdio: 'inherit' });
}
