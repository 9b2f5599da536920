import { MODEL_VERSION } from '@/core/outlook/modelVersion';
import { OutlookSchema, type Outlook } from '@/core/outlook/outlook';
import { valid } from './documentTable';
import { NotFoundError } from './errors';
import type { Db } from './openDatabase';

/** What is kept of the outlook of a filter. */
export interface OutlookState {
  /** Grows with every change to what it is made of. */
  readonly revision: number;
  /** It is of today’s pack and log, by today’s model. */
  readonly isFresh: boolean;
  /** Filter and tank are still what it was worked out of, though the log may have grown. */
  readonly ofThisPlace: boolean;
  /** ISO moment; null: never worked out. */
  readonly madeAt: string | null;
  /** As worked out last; without its forecast where another pack has gone in since. */
  readonly outlook: Outlook | null;
}

/** Of a filter without an outlook yet. */
export const NO_OUTLOOK: OutlookState = {
  revision: 0,
  isFresh: false,
  ofThisPlace: false,
  madeAt: null,
  outlook: null,
};

interface Row {
  readonly filter_id: string;
  readonly revision: number;
  readonly made_of: number | null;
  readonly made_at: string | null;
  readonly model: number | null;
  readonly doc: string | null;
  readonly packed_at: string | null;
}

/** With the moment at which what is in the filter went in. */
const COLUMNS = `filter_id, revision, made_of, made_at, model, doc,
  (SELECT coalesce(json_extract(job.doc, '$.finishedAt'), started_at) FROM job
    WHERE job.filter_id = outlook.filter_id AND as_packed_pack_id IS NOT NULL
    ORDER BY started_at DESC LIMIT 1) AS packed_at`;

/** The outlook that was read last of each filter: home asks for all of them again and again. */
const lastRead = new Map<string, { readonly doc: string; readonly outlook: Outlook | null }>();
/** Most filters whose outlook is remembered. */
const MAX_REMEMBERED = 2000;

function readOutlook(filterId: string, doc: string): Outlook | null {
  const last = lastRead.get(filterId);
  if (last?.doc === doc) return last.outlook;
  const read = OutlookSchema.safeParse(JSON.parse(doc));
  const outlook = read.success ? read.data : null;
  if (lastRead.size >= MAX_REMEMBERED) lastRead.clear();
  lastRead.set(filterId, { doc, outlook });
  return outlook;
}

/** One that cannot be read, of an older app, is worked out anew. */
function stateOf({ filter_id, revision, made_of, made_at, model, doc, packed_at }: Row): OutlookState {
  const outlook = doc === null ? null : readOutlook(filter_id, doc);
  if (outlook === null) return { ...NO_OUTLOOK, revision };
  const isOfThisPack = packed_at === null || (outlook.forecast?.packedAt ?? '') >= packed_at;
  const isOfModel = model === MODEL_VERSION;
  return {
    revision,
    isFresh: isOfModel && made_of === revision,
    // What another model learned is no number of this one.
    ofThisPlace: isOfModel && made_of !== null,
    madeAt: made_at,
    // What the filter taught holds of it; when the pack that came out would have clogged is nobody's question.
    outlook: isOfThisPack ? outlook : { ...outlook, forecast: null },
  };
}

export const outlooks = {
  /** @throws NotFoundError */
  get: (db: Db, filterId: string): OutlookState => {
    const row = db.prepare(`SELECT ${COLUMNS} FROM outlook WHERE filter_id = ?`).get(filterId) as
      Row | undefined;
    if (row === undefined) throw new NotFoundError('filter');
    return stateOf(row);
  },

  /** Filters of which the outlook is not of today’s pack, log and model. */
  stale: (db: Db): readonly { readonly filterId: string; readonly revision: number }[] =>
    (
      db
        .prepare('SELECT filter_id, revision FROM outlook WHERE made_of IS NOT revision OR model IS NOT ?')
        .all(MODEL_VERSION) as Pick<Row, 'filter_id' | 'revision'>[]
    ).map(({ filter_id, revision }) => ({ filterId: filter_id, revision })),

  /** Of every filter. */
  all: (db: Db): ReadonlyMap<string, OutlookState> =>
    new Map(
      (db.prepare(`SELECT ${COLUMNS} FROM outlook`).all() as Row[]).map((row) => [
        row.filter_id,
        stateOf(row),
      ]),
    ),

  /**
   * Keeps what was worked out of a revision; what has changed meanwhile makes it old at once, and one of an older
   * revision than what is kept already is dropped.
   *
   * @throws InvalidError, NotFoundError
   */
  put: (db: Db, filterId: string, revision: number, input: unknown): OutlookState => {
    const outlook = valid(OutlookSchema, input);
    db.prepare(
      `UPDATE outlook SET made_of = ?, made_at = ?, model = ?, doc = ?
       WHERE filter_id = ? AND revision >= ? AND (coalesce(made_of, 0) <= ? OR model IS NOT ?)`,
    ).run(
      ...[revision, new Date().toISOString(), MODEL_VERSION, JSON.stringify(outlook)],
      ...[filterId, revision, revision, MODEL_VERSION],
    );
    return outlooks.get(db, filterId);
  },
};
