import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { MAX_FORECAST_DAYS } from '@/core/pack/visitLimits';
import { SOURCES } from '@/core/propose/proposeInput';
import type { Shelf } from '@/core/shelf/shelf';
import type { NeatLayerFile } from '@/formats/neatLayerFile';
import { readNeatLayerFile } from '@/formats/readNeatLayerFile';
import { readShelfCsv } from '@/formats/shelfCsv';
import { START_STATES } from '@/core/biology/matureFilm';
import { cycleFile } from './cycleFile';
import { evaluateFile } from './evaluateFile';
import { forecastFile } from './forecastFile';
import { proposeFile } from './proposeFile';

const DAYS = 180;
const CYCLE_DAYS = 60;

const USAGE = `Usage: npm run -s neat -- evaluate FILE
       npm run -s neat -- forecast FILE [--days ${DAYS}]
       npm run -s neat -- cycle FILE [--days ${CYCLE_DAYS}] [--start ${START_STATES.join('|')}]
       npm run -s neat -- propose FILE [--shelf FILE.csv] [--from ${SOURCES.join('|')}] [--budget MONEY] [--seed NUMBER]
Each command prints JSON. evaluate: a report on every pack. forecast: when each pack clogs. cycle: how ammonia and
nitrite rise and fall. propose: the best packs from the media in the filter and on the shelf.`;

/** What a run leaves: text for standard output and standard error, and the exit code. */
export interface CommandOutcome {
  readonly out: string;
  readonly err: string;
  readonly code: 0 | 1 | 2;
}

/** Runs the command line: 0 done, 1 bad input or usage (one line a fault), 2 the file cannot be read. */
export function run(args: readonly string[]): CommandOutcome {
  const parsed = parse(args);
  if (typeof parsed === 'string') return fault(`${parsed}\n${USAGE}`, 1);
  const { days, help, start } = parsed.values;
  const [command, file, ...more] = parsed.positionals;
  if (command === undefined || help === true || command === 'help') return done(USAGE);
  if (!isCommand(command)) return fault(`“${command}” is not a command.\n${USAGE}`, 1);
  if (file === undefined || more.length > 0) return fault(USAGE, 1);
  const ahead = Number(days ?? (command === 'cycle' ? CYCLE_DAYS : DAYS));
  if (!Number.isInteger(ahead) || ahead < 1 || ahead > MAX_FORECAST_DAYS)
    return fault(`--days must be a whole number from 1 to ${MAX_FORECAST_DAYS}, not “${days}”.`, 1);
  const begins = START_STATES.find((value) => value === (start ?? 'bare'));
  if (begins === undefined) return fault(`--start must be ${START_STATES.join(', ')}, not “${start}”.`, 1);
  const text = readText(file);
  if ('err' in text) return text;
  const read = readNeatLayerFile(text.text);
  if (!read.ok) return fault(read.faults.join('\n'), 1);
  if (command === 'propose') return runPropose(read.file, parsed.values);
  const answer =
    command === 'evaluate'
      ? evaluateFile(read.file)
      : command === 'cycle'
        ? cycleFile(read.file, begins, ahead)
        : forecastFile(read.file, ahead);
  return answer === null
    ? fault(
        'The daily food in this file is 0, so no bacteria grow. Enter it under Measure, then save the file again.',
        1,
      )
    : done(JSON.stringify(answer, null, 2));
}

const COMMANDS = ['evaluate', 'forecast', 'cycle', 'propose'] as const;
const isCommand = (word: string): word is (typeof COMMANDS)[number] =>
  COMMANDS.some((command) => command === word);

/** The text of a file, or what keeps it from being read. */
function readText(file: string): { readonly text: string } | CommandOutcome {
  try {
    return { text: readFileSync(file, 'utf8') };
  } catch (error) {
    const code = error instanceof Error && 'code' in error ? String(error.code) : '';
    const reasons: Record<string, string> = {
      ENOENT: 'there is no such file',
      EISDIR: 'it is a folder',
      EACCES: 'you do not have permission to read it',
    };
    return fault(`Cannot read ${file}: ${reasons[code] ?? 'it cannot be opened'}.`, 2);
  }
}

/** Proposes packs with what was said of the search. */
function runPropose(
  file: NeatLayerFile,
  { shelf, from, budget, seed }: { shelf?: string; from?: string; budget?: string; seed?: string },
): CommandOutcome {
  const source = SOURCES.find((value) => value === (from ?? 'hand'));
  if (source === undefined) return fault(`--from must be ${SOURCES.join(', ')}, not “${from}”.`, 1);
  const money = budget === undefined ? null : Number(budget);
  if (money !== null && !(money >= 0)) return fault(`--budget must be 0 or more, not “${budget}”.`, 1);
  const first = Number(seed ?? 1);
  if (!Number.isInteger(first)) return fault(`--seed must be a whole number, not “${seed}”.`, 1);
  let items: Shelf['items'] = [];
  if (shelf !== undefined) {
    const csv = readText(shelf);
    if ('err' in csv) return csv;
    let number = 0;
    const read = readShelfCsv(csv.text, () => `row-${(number += 1)}`);
    if (read.faults.length > 0) return fault(read.faults.join('\n'), 1);
    items = [...read.items];
  }
  const answer = proposeFile(file, { id: 'shelf', items }, { from: source, budget: money, seed: first });
  return done(JSON.stringify(answer, null, 2));
}

/** The words of the command line, or what is wrong with them. */
function parse(args: readonly string[]) {
  try {
    return parseArgs({
      args: [...args],
      allowPositionals: true,
      options: {
        days: { type: 'string' },
        start: { type: 'string' },
        shelf: { type: 'string' },
        from: { type: 'string' },
        budget: { type: 'string' },
        seed: { type: 'string' },
        help: { type: 'boolean' },
      },
    });
  } catch (error) {
    return error instanceof Error ? error.message : String(error);
  }
}

const done = (out: string): CommandOutcome => ({ out: `${out}\n`, err: '', code: 0 });
const fault = (err: string, code: 1 | 2): CommandOutcome => ({ out: '', err: `${err}\n`, code });
