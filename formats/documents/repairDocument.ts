import { presetFilter } from '@/core/filter/presetFilter';
import { FilterKindSchema } from '@/core/filter/filterKind';
import { plainLayer } from '@/core/layers/plainLayer';
import { UNPREPARED } from '@/core/job/unprepared';
import { DEFAULT_SETTINGS } from '@/core/settings/settings';
import { EMPTY_SHELF } from '@/core/shelf/shelf';
import { newTank } from '@/core/tank/newTank';
import { faultLines } from '@/core/document/faultLines';
import { DOCUMENT_SCHEMAS, type DocumentOf } from './documentKinds';
import type { DocumentKind } from './kinds';
import { migrateDocument } from './migrateDocument';
import { isRaw, type RawDocument } from './step';

/** A document made readable, and each change that it took, in words. */
export interface Repaired<T> {
  readonly doc: T;
  readonly changes: readonly string[];
}

/** Most faults that are mended before it is given up: a document with more is not worth what is left of it. */
const MAX_CHANGES = 400;

/** Litres of a tank whose own are lost, m³: small enough to be noticed. */
const LOST_VOLUME = 0.05;

/** What stands in for fields that cannot be read, and for fields of the elements of a list. */
interface Template {
  readonly fields: RawDocument;
  readonly elements: Readonly<Record<string, RawDocument>>;
}

function templateOf(kind: DocumentKind, doc: RawDocument): Template {
  const id = typeof doc.id === 'string' ? doc.id : '';
  switch (kind) {
    case 'tank':
      return { fields: { ...newTank(id, 'Tank', LOST_VOLUME) }, elements: {} };
    case 'filter': {
      const known = FilterKindSchema.safeParse(doc.kind);
      const { tankId, ...filter } = presetFilter(
        known.success ? known.data : 'composed',
        { id, tankId: '' },
        'Filter',
      );
      void tankId;
      return { fields: filter, elements: { chambers: { ...filter.chambers[0] } } };
    }
    case 'pack':
      return {
        fields: { name: 'Pack', layers: [], visits: [] },
        elements: {
          layers: { ...plainLayer('', '', '', 0.02), id: undefined, medium: 'unknown', chamber: undefined },
        },
      };
    case 'job':
      return {
        fields: {
          occasion: 'repack',
          alternativePackIds: [],
          packed: [],
          outOfFlow: [],
          parts: {},
          ...UNPREPARED,
        },
        elements: {},
      };
    case 'logEntry':
      return { fields: { jobId: null, note: '' }, elements: {} };
    case 'settings':
      return { fields: { ...DEFAULT_SETTINGS }, elements: {} };
    case 'shelf':
      return { fields: { ...EMPTY_SHELF }, elements: { items: { label: '', count: 0, price: null } } };
  }
}

/**
 * Makes a document readable that is not: what is missing or out of bounds takes the value the app begins with, and an
 * element of a list that cannot be mended is left out. What can be read stays as it is.
 *
 * @returns null when too little of it is left, such as its id
 */
export function repairDocument<K extends DocumentKind>(
  kind: K,
  raw: unknown,
  version: number,
): Repaired<DocumentOf<K>> | null {
  if (!isRaw(raw)) return null;
  let doc: unknown = migrateDocument(kind, raw, version);
  const template = templateOf(kind, raw);
  const changes: string[] = [];
  for (let change = 0; change <= MAX_CHANGES; change += 1) {
    const parsed = DOCUMENT_SCHEMAS[kind].safeParse(doc);
    if (parsed.success) return { doc: parsed.data as DocumentOf<K>, changes };
    const [issue] = parsed.error.issues;
    const [line] = faultLines(parsed.error);
    const mended = issue === undefined ? null : mend(doc, issue.path, template);
    if (mended === null) return null;
    doc = mended.doc;
    changes.push(`${line ?? ''} ${mended.how}`);
  }
  return null;
}

type Way = readonly PropertyKey[];

/** Mends the deepest place on the way to a fault that can be mended. */
function mend(doc: unknown, way: Way, template: Template): { doc: unknown; how: string } | null {
  for (let depth = way.length; depth > 0; depth -= 1) {
    const place = way.slice(0, depth);
    const standIn = valueAt(templateFor(place, template), place);
    const present = valueAt(doc, place);
    if (standIn !== undefined && JSON.stringify(standIn) !== JSON.stringify(present))
      return { doc: withValue(doc, place, standIn), how: 'It is reset to the default.' };
    const holder = valueAt(doc, place.slice(0, -1));
    if (Array.isArray(holder) && typeof place.at(-1) === 'number')
      return { doc: withValue(doc, place, undefined), how: 'It is removed.' };
  }
  return null;
}

/** The template as if its lists held the element that the way leads through. */
function templateFor(way: Way, { fields, elements }: Template): unknown {
  const [list, index] = way;
  const element = typeof list === 'string' ? elements[list] : undefined;
  if (element === undefined || typeof index !== 'number') return fields;
  if (way.length === 2) return {};
  return { ...fields, [String(list)]: { [index]: element } };
}

function valueAt(from: unknown, way: Way): unknown {
  return way.reduce<unknown>(
    (value, part) =>
      typeof value === 'object' && value !== null ? (value as Record<PropertyKey, unknown>)[part] : undefined,
    from,
  );
}

/** The document with a value exchanged; `undefined` takes an element out of its list. */
function withValue(doc: unknown, [part, ...rest]: Way, value: unknown): unknown {
  if (part === undefined) return value;
  if (Array.isArray(doc)) {
    const items: unknown[] = [...(doc as unknown[])];
    if (rest.length === 0 && value === undefined) items.splice(Number(part), 1);
    else items[Number(part)] = withValue(items[Number(part)], rest, value);
    return items;
  }
  return {
    ...(isRaw(doc) ? doc : {}),
    [part]: withValue(isRaw(doc) ? doc[String(part)] : undefined, rest, value),
  };
}
