import Papa from 'papaparse';

/** A table as it stands in a file: its headings, and its rows with as many cells. */
export interface Table {
  readonly headings: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** Separates CSV into cells; what separates them is found out. Rows without any cell filled are left out. */
export function readTable(text: string): Table {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const [headings = [], ...rows] = data;
  return { headings: headings.map((heading) => heading.trim()), rows };
}
