import { runInThisContext } from 'node:vm';
import { expect, test } from 'vitest';
import { WATERS } from '@/demo/waters';

/** Every module of the core, and its text. */
const MODULES = import.meta.glob<Record<string, unknown>>(['./**/*.ts', '!./**/*.test.ts'], { eager: true });
const TEXTS = import.meta.glob<string>(['./**/*.ts', '!./**/*.test.ts'], {
  eager: true,
  query: '?raw',
  import: 'default',
});

/** What an example may use: all that the core exports, and one of the demo's waters. */
const SCOPE: Readonly<Record<string, unknown>> = {
  ...Object.fromEntries(Object.values(MODULES).flatMap((module) => Object.entries(module))),
  reedBench: WATERS.find(({ filter }) => filter.id === 'reed-bench'),
};

/** Runs a line as it stands in a docstring; what a module exports stands before what others do. */
function run(line: string, module: Record<string, unknown>): unknown {
  const scope = { ...SCOPE, ...module };
  const evaluate = runInThisContext(`(${Object.keys(scope).join(', ')}) => (${line})`) as (
    ...values: readonly unknown[]
  ) => unknown;
  return evaluate(...Object.values(scope));
}

/** An example writes down as many digits as it cares for: a number agrees when it rounds to the one written. */
function rounded(actual: unknown, written: unknown): unknown {
  if (typeof actual === 'number' && typeof written === 'number')
    return Math.abs(actual - written) <= Math.abs(written) * 2e-3 ? written : actual;
  if (Array.isArray(actual) && Array.isArray(written))
    return actual.map((value: unknown, place) => rounded(value, written[place]));
  if (typeof actual === 'object' && actual !== null && typeof written === 'object' && written !== null)
    return Object.fromEntries(
      Object.entries(actual).map(([key, value]) => [key, rounded(value, Reflect.get(written, key))]),
    );
  return actual;
}

const EXAMPLES = Object.entries(TEXTS).flatMap(([file, text]) =>
  [...text.matchAll(/^ \* @example (.+?) \/\/ (.+)$/gmu)].map(([, line = '', value = '']) => ({
    file,
    line,
    value,
  })),
);

test.for(EXAMPLES)('$file: $line', ({ file, line, value }) => {
  const written = run(value, {});
  const actual = rounded(run(line, MODULES[file] ?? {}), written);
  if (typeof written === 'object' && written !== null) expect(actual).toMatchObject(written);
  else expect(actual).toBe(written);
});

test('what a newcomer would call first has an example', () => {
  const files = new Set(EXAMPLES.map(({ file }) => file));
  for (const first of [
    './units/parseQuantity.ts',
    './units/formatQuantity.ts',
    './water/waterViscosity.ts',
    './media/foamGeometry.ts',
    './tank/netVolume.ts',
    './layers/placeLayers.ts',
    './hydraulics/operatingPoint.ts',
    './hydraulics/jugFlow.ts',
    './report/evaluatePack.ts',
    './dirt/forecast.ts',
    './explore/whatIf.ts',
    './service/servicePlan.ts',
  ])
    expect(files).toContain(first);
});
