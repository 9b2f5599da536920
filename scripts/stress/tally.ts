/** What came of one trial: how often it was tried, and what must not happen. */
export interface Tally {
  readonly trial: string;
  readonly tried: number;
  readonly unit: string;
  /** How often something happened that must not, by what it is. */
  readonly faults: Readonly<Record<string, number>>;
  /** The first of them, for whoever mends it. */
  readonly first: string | null;
}

/** Counts a trial while it runs. */
export class Counter {
  private tried = 0;
  private first: string | null = null;
  private readonly faults: Record<string, number>;

  /** @param mustNot what may not happen, by its name in the table */
  constructor(
    private readonly trial: string,
    private readonly unit: string,
    mustNot: readonly string[],
  ) {
    this.faults = Object.fromEntries(mustNot.map((name) => [name, 0]));
  }

  count(more = 1): void {
    this.tried += more;
  }

  fault(name: string, about: string): void {
    this.faults[name] = (this.faults[name] ?? 0) + 1;
    this.first ??= `${name}: ${about}`;
  }

  get tally(): Tally {
    const { trial, tried, unit, faults, first } = this;
    return { trial, tried, unit, faults: { ...faults }, first };
  }
}

/** A table in Markdown, a line a trial. */
export const formatTallies = (tallies: readonly Tally[]): string =>
  [
    '| trial | tried | what must not happen |',
    '| --- | ---: | --- |',
    ...tallies.map(
      ({ trial, tried, unit, faults }) =>
        `| ${trial} | ${tried.toLocaleString('en-GB')} ${unit} | ${Object.entries(faults)
          .map(([name, times]) => `${times} ${name}`)
          .join(', ')} |`,
    ),
  ].join('\n');

/** Whether nothing happened that must not. */
export const isClean = ({ faults }: Tally): boolean => Object.values(faults).every((times) => times === 0);
