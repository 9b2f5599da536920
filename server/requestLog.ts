import { existsSync, renameSync, statSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import pino, { type Logger } from 'pino';
import { databaseFile } from './database';

/** A log that has grown to so many bytes is begun anew; the one before is kept. */
const MAX_BYTES = 5_000_000;

/** What is noted of a request: never what a document holds. */
export interface RequestNote {
  readonly route: string;
  readonly outcome: 'done' | 'refused' | 'failed';
  readonly ms: number;
  readonly changeId?: string | null | undefined;
  readonly errorId?: string;
}

// One for the process: the build may load this module more than once.
const shared = globalThis as { neatLayerLog?: { readonly file: string; readonly logger: Logger } };

/** The log lies beside the database it is of. */
export const logFile = (): string =>
  databaseFile() === ':memory:'
    ? path.join(os.tmpdir(), `neat-layer-${process.pid}.log`)
    : `${path.resolve(databaseFile())}.log`;

function logger(): Logger {
  const file = logFile();
  if (shared.neatLayerLog?.file !== file) {
    if (existsSync(file) && statSync(file).size > MAX_BYTES) renameSync(file, `${file}.old`);
    // Written at once: what is noted last before a crash is what is looked for.
    const to = pino.destination({ dest: file, sync: true, mkdir: true });
    // On a full or read-only disk there is no log; the app goes on.
    to.on('error', () => undefined);
    shared.neatLayerLog = {
      file,
      logger: pino({ base: null, timestamp: pino.stdTimeFunctions.isoTime }, to),
    };
  }
  return shared.neatLayerLog.logger;
}

/** Notes what came of a change, or of a question that failed. */
export const noteRequest = (note: RequestNote): void => logger().info(note);

/** Notes a failure with what it was; its id is what a page shows. */
export const noteFailure = (note: RequestNote, error: unknown): void =>
  logger().error({ ...note, err: error instanceof Error ? error : new Error(String(error)) });
