import { defineConfig, mergeConfig } from 'vitest/config';
import base from '../../vitest.config';

const folder = process.env.NEAT_MUTATE ?? 'core/fault';

/** Tests of other folders that hold a folder to what it says. */
const ALSO: Readonly<Record<string, readonly string[]>> = {
  'core/findings': ['core/report/evaluatePack.test.ts', 'core/chemical/carbonDue.test.ts'],
  'core/repack': ['core/job/*.test.ts'],
  'core/care': ['core/card/*.test.ts', 'core/outlook/*.test.ts'],
};

const { include: _, ...test } = base.test ?? {};
export default mergeConfig(
  { ...base, test },
  defineConfig({ test: { include: [`${folder}/**/*.test.ts`, ...(ALSO[folder] ?? [])] } }),
);
