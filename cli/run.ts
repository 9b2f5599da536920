import { readFileSync } from 'node:fs';
import { readNeatLayerFile } from '@/formats/readNeatLayerFile';
import { evaluateFile } from './evaluateFile';

const USAGE =
  'Usage: npm run -s neat -- evaluate FILE\nPrints the report of every pack in a *.neatlayer.json as JSON.';

/** What a run leaves: text for standard output and standard error, and the exit code. */
export interface Outcome {
  readonly out: string;
  readonly err: string;
  readonly code: 0 | 1 | 2;
}

/** Runs the command line: 0 done, 1 bad input or usage (one line a fault), 2 the file cannot be read. */
export function run(args: readonly string[]): Outcome {
  const [command, file, ...more] = args;
  if (command === undefined || command === '--help' || command === 'help') return done(USAGE);
  if (command !== 'evaluate') return fault(`“${command}” is not a command.\n${USAGE}`, 1);
  if (file === undefined || more.length > 0) return fault(USAGE, 1);
  let text: string;
  try {
    text = readFileSync(file, 'utf8');
  } catch (error) {
    const code = error instanceof Error && 'code' in error ? String(error.code) : '';
    const reasons: Record<string, string> = {
      ENOENT: 'there is no such file',
      EISDIR: 'it is a folder',
      EACCES: 'reading it is not allowed',
    };
    return fault(`Cannot read ${file}: ${reasons[code] ?? 'it cannot be opened'}.`, 2);
  }
  const read = readNeatLayerFile(text);
  return read.ok ? done(JSON.stringify(evaluateFile(read.file), null, 2)) : fault(read.faults.join('\n'), 1);
}

const done = (out: string): Outcome => ({ out: `${out}\n`, err: '', code: 0 });
const fault = (err: string, code: 1 | 2): Outcome => ({ out: '', err: `${err}\n`, code });
